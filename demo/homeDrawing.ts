import type { Block } from '@nolvex/core/block/block'
import { usualBands } from '@nolvex/core/site/usualSite'
import { plainLevel } from '@nolvex/core/block/textStyle'
import { guideId } from '@nolvex/core/style/guideIds'
import { px } from '@nolvex/core/units/length'
import { pictureIds, PICTURE_SIZE } from './pictures'
import { pageId } from './skerrinPages'
import { requirementId } from './skerrinPlan'
import { sailingField, SAILINGS, type SailingField } from './skerrinRows'
import { FOOTER, HEADER } from './sharedParts'

type Draft = Omit<Block, 'id' | 'order' | 'parent'> & { children?: Draft[] }

const { narrow, medium } = usualBands
const paper = { role: 'raised' as const, hex: '#ffffff' }
const rule = { width: px(1), line: 'solid' as const, colour: { role: 'line' as const, hex: '#b9beb9' } }
const inset = (value: number) => ({ top: px(value), right: px(value), bottom: px(value), left: px(value) })

const round = (value: number) => ({
  ...{ topLeft: px(value), topRight: px(value), bottomRight: px(value), bottomLeft: px(value) },
})
const shade = (alpha: string) => ({ hex: `#14506b${alpha}` })
/** Soft shadows in the colour of the sea: one for what stands out, one for what lies on the page. */
const RAISED = [{ x: 0, y: 18, blur: 40, spread: -12, colour: shade('59') }]
const LYING = [{ x: 0, y: 4, blur: 14, spread: -2, colour: shade('2e') }]

const words = (insert: string) => [{ insert }]
const text = (name: string, insert: string, more: Partial<Draft> = {}): Draft => ({
  kind: 'text',
  name,
  text: words(insert),
  ...more,
})

const picture = (name: string, asset: string, alt: string, more: Partial<Draft> = {}): Draft => ({
  kind: 'picture',
  name,
  data: { file: { asset, ...PICTURE_SIZE }, alt },
  ...more,
})

/** A copy of a block that all pages share. */
const copy = (name: string, shared: string): Draft => ({
  kind: 'copy',
  name,
  data: { shared, isSection: true },
})

const hero: Draft = {
  kind: 'section',
  name: 'Hero',
  arrange: { align: 'centre', padding: { top: px(72), bottom: px(72) } },
  at: { [narrow]: { arrange: { gap: px(32), padding: { top: px(32), bottom: px(32) } } } },
  children: [
    {
      kind: 'box',
      name: 'Hero words',
      arrange: { gap: px(24) },
      place: { column: { start: 1, span: 5 } },
      at: { [medium]: { place: { column: { start: 1, span: 4 } } } },
      children: [
        text('Headline', 'Small boats, three isles', { tag: 'h1' }),
        text(
          'Intro',
          'Day crossings to Orrel, Tansay and Little Hask. Bikes and dogs come along, and nobody books a window seat.',
          {
            look: { level: plainLevel('lead') },
          },
        ),
        {
          kind: 'button',
          name: 'Find a sailing',
          text: words('Find a sailing'),
          data: { to: { page: pageId('timetable') } },
          place: { width: 'fit' },
          note: 'Leads to the timetable with the isle chosen last, and with today.',
        },
      ],
    },
    picture('Harbour picture', pictureIds.harbour, 'The morning boat leaving the harbour', {
      look: { radius: round(10), shadow: RAISED },
      place: { column: { start: 7, span: 6 } },
      at: { [medium]: { place: { column: { start: 5, span: 4 } } } },
    }),
  ],
}

/** Texts of a row say what the row of the service's list says. */
const ofRow = (name: string, field: SailingField, more: Partial<Draft> = {}): Draft => ({
  kind: 'text',
  name,
  content: { field: sailingField(field) },
  place: { width: 'fit' },
  ...more,
})
const beside = (name: string, children: Draft[]): Draft => ({
  kind: 'box',
  name,
  arrange: { type: 'row', gap: px(6), wrap: true, align: 'centre' },
  children,
})

const sailing: Draft = {
  kind: 'box',
  name: 'Sailing',
  tag: 'article',
  arrange: { gap: px(4), padding: inset(20) },
  place: { column: { span: 1 } },
  look: { fill: paper, radius: round(6), shadow: LYING },
  children: [
    ofRow('Isle', 'to', { tag: 'h3', place: { width: 'fill' } }),
    beside('Times', [
      ofRow('Leaves', 'leaves'),
      text('Until', 'to', { place: { width: 'fit' } }),
      ofRow('Arrives', 'arrives'),
    ]),
    beside('Quay', [
      text('From', 'from', { place: { width: 'fit' }, look: { level: plainLevel('small') } }),
      ofRow('Where from', 'from', { look: { level: plainLevel('small') } }),
    ]),
  ],
}

const sailings: Draft = {
  kind: 'section',
  name: 'Today’s sailings',
  look: { fill: { role: 'tint', hex: '#eef1ef' } },
  arrange: { align: 'stretch' },
  children: [
    text('Sailings heading', 'Today’s sailings', { tag: 'h2' }),
    {
      kind: 'series',
      name: 'Next sailings',
      live: true,
      note: 'The next four boats from the service, read anew each minute. Where none goes any more today, those of tomorrow.',
      requirement: requirementId(1),
      data: { collection: SAILINGS, by: sailingField('leaves'), from: 3, most: 4 },
      arrange: { tracks: 4 },
      at: { [medium]: { arrange: { tracks: 2 } }, [narrow]: { arrange: { tracks: 1 } } },
      children: [sailing],
    },
  ],
}

const isle = (name: string, asset: string, alt: string, says: string): Draft => ({
  kind: 'box',
  name,
  tag: 'article',
  arrange: { gap: px(12) },
  place: { column: { span: 4 } },
  at: { [medium]: { place: { column: { span: 1 } } } },
  children: [
    picture(`${name} picture`, asset, alt, { look: { radius: round(6) } }),
    text(`${name} name`, name, { tag: 'h3', look: { colour: { token: guideId('isle', name) } } }),
    text(`${name} in a sentence`, says),
  ],
})

const isles: Draft = {
  kind: 'section',
  name: 'Three isles',
  at: { [medium]: { arrange: { tracks: 3 } }, [narrow]: { arrange: { tracks: 1 } } },
  children: [
    text('Isles heading', 'Three isles', { tag: 'h2' }),
    isle(
      'Orrel',
      pictureIds.orrel,
      'Orrel from the sea',
      'Two beaches, one shop and the longest walk on any of the isles.',
    ),
    isle(
      'Tansay',
      pictureIds.tansay,
      'The inn at Tansay',
      'An inn by the pier, seals most mornings, and a road that goes all the way round.',
    ),
    isle(
      'Little Hask',
      pictureIds.hask,
      'Little Hask at low water',
      'Seabirds from April to August. Bring a flask: there is no shop.',
    ),
  ],
}

const notices: Draft = {
  kind: 'section',
  name: 'Notices',
  look: { border: { top: rule } },
  children: [
    text('Notices heading', 'Notices', {
      tag: 'h2',
      place: { column: { start: 1, span: 4 } },
      at: { [medium]: { place: { column: { span: 8 } } } },
    }),
    {
      kind: 'box',
      name: 'Notice list',
      place: { column: { start: 5, span: 8 } },
      at: { [medium]: { place: { column: { start: 1 } } } },
      children: [
        {
          kind: 'text',
          name: 'Pier works',
          text: [
            { insert: 'Pier works at Tansay.', attributes: { bold: true } },
            {
              insert:
                ' From Monday boats land at the slip, five minutes’ walk from the inn. The slip has a ramp.',
            },
          ],
        },
        {
          kind: 'line',
          name: 'Between notices',
          look: {
            stroke: { width: px(1), colour: { role: 'edge', hex: '#8b938f' }, dashes: { dash: 6, gap: 4 } },
          },
        },
        {
          kind: 'text',
          name: 'Winter timetable',
          text: [
            { insert: 'Winter timetable.', attributes: { bold: true } },
            { insert: ' Begins on 1 November. The last boat from Orrel then leaves at 16:20.' },
          ],
        },
      ],
    },
  ],
}

const evening: Draft = {
  kind: 'section',
  name: 'Evening boat',
  arrange: { padding: { top: px(96), bottom: px(96) } },
  look: {
    colourSet: 'dark',
    backdrop: {
      picture: { asset: pictureIds.evening, ...PICTURE_SIZE },
      focus: { x: 0.5, y: 0.66 },
      veil: { role: 'ground', hex: '#0f2630' },
      strength: 0.7,
    },
  },
  at: { [narrow]: { arrange: { padding: { top: px(56), bottom: px(56) } } } },
  children: [
    {
      kind: 'box',
      name: 'Evening words',
      arrange: { gap: px(16) },
      place: { column: { start: 1, span: 7 } },
      at: { [medium]: { place: { column: { start: 1, span: 6 } } } },
      children: [
        text('Evening heading', 'The last boat home leaves when the light goes', { tag: 'h2' }),
        text(
          'Evening text',
          'At ten to six from Orrel, at twenty past from Tansay. She blows her horn ten minutes before.',
          { look: { level: plainLevel('lead') } },
        ),
        {
          kind: 'box',
          name: 'Evening ways',
          arrange: { type: 'row', gap: px(24), wrap: true, align: 'centre' },
          children: [
            {
              ...{ kind: 'button', name: 'All sailings', text: words('All sailings') },
              data: { to: { page: pageId('timetable') } },
            },
            {
              ...{ kind: 'link', name: 'When is that?', text: words('When is that?') },
              data: { to: { overlay: 'overlastboats000' } },
            },
          ],
        },
      ],
    },
  ],
}

/** The home page's blocks at three bands. */
export function homeBlocks(): Record<string, Block> {
  const blocks: Record<string, Block> = {}
  let count = 0
  const lay = (drafts: Draft[], parent?: string) => {
    drafts.forEach(({ children = [], ...draft }, index) => {
      const id = `home${String(count++).padStart(12, '0')}`
      blocks[id] = {
        id,
        order: `a${String.fromCharCode(97 + index)}`,
        ...(parent ? { parent } : {}),
        ...draft,
      }
      lay(children, id)
    })
  }
  lay([copy('Header', HEADER), hero, sailings, isles, notices, evening, copy('Footer', FOOTER)])
  return blocks
}
