import type { Block } from '@nolvex/core/block/block'
import { plainLevel } from '@nolvex/core/block/textStyle'
import { usualChoice } from '@nolvex/core/draft/pattern'
import { signFor } from '@nolvex/core/draft/draftIcons'
import { patternById } from '@nolvex/core/draft/patterns'
import { placePieces } from '@nolvex/core/draft/placePieces'
import type { Documents } from '@nolvex/core/document/types'
import { bandsOf } from '@nolvex/core/resolve/resolvePage'
import { usualBands, usualSite } from '@nolvex/core/site/usualSite'
import { roleTokenId } from '@nolvex/core/style/guideIds'
import { plainStyle } from '@nolvex/core/style/plainStyle'
import type { OwnPattern, Shared, SharedValue } from '@nolvex/core/style/shared'
import { takeStart } from '@nolvex/core/style/takeStart'
import { px } from '@nolvex/core/units/length'

/** What a kit of blocks for those who carry passengers is made of: everything a quay has on its walls. */
type Draft = Partial<Omit<Block, 'id' | 'order' | 'parent'>> & { kind: Block['kind']; holds?: Draft[] }
interface Drawn {
  name: string
  root: Draft
  /** what copies may say otherwise: its name, the name of the block, the leaf */
  may?: [label: string, block: string, leaf: string][]
}

const { narrow } = usualBands
const words = (insert: string) => [{ insert }]
const token = (id: string) => ({ token: id })
const role = (name: Parameters<typeof roleTokenId>[0]) => token(roleTokenId(name))
const SIGN = 'tokensign0000000'
const line = (colour: object) => ({ width: token('linethin00000000'), line: 'solid', colour })
const corners = (id: string) => ({
  ...{ topLeft: token(id), topRight: token(id) },
  ...{ bottomRight: token(id), bottomLeft: token(id) },
})

const edged = { border: all(line(role('line'))), radius: corners('radiusm000000000') }
const inset = (id: string) => ({ padding: all(token(id)) })
function all<T>(value: T) {
  return { top: value, right: value, bottom: value, left: value }
}

const text = (name: string, says: string, more: Partial<Draft> = {}): Draft => ({
  ...{ kind: 'text', name, text: words(says) },
  ...more,
})
/** As wide as its words. */
const fit: Partial<Draft> = { place: { width: 'fit' } }
const heading = (name: string, says: string) => text(name, says, { tag: 'h3' })
const small = (name: string, says: string) => text(name, says, { look: { level: plainLevel('small') } })
const button = (says: string, variant?: string): Draft => ({
  ...{ kind: 'button', name: 'Button', text: words(says) },
  ...(variant && { variant }),
})
const box = (name: string, more: object, holds: Draft[]): Draft =>
  ({ kind: 'box', name, holds, ...more }) as Draft
const column = (gap: string, more: object = {}) => ({ arrange: { type: 'column', gap: token(gap), ...more } })
const row = (gap: string, more: object = {}) => ({
  arrange: { type: 'row', gap: token(gap), align: 'centre', ...more },
})
const wide = (width: number) => ({ place: { width: px(width) } })
const card = (name: string, width: number, holds: Draft[], gap = 'gaps000000000000') =>
  box(
    name,
    { ...column(gap, inset('gapl000000000000')), ...wide(width), look: { ...edged, fill: role('raised') } },
    holds,
  )

const badge: Draft = { kind: 'copy', name: 'Badge', data: { shared: 'quaybadge0000000' } }

const SHARED: Record<string, Drawn> = {
  quaybadge0000000: {
    name: 'Badge',
    root: box(
      'Badge',
      {
        ...row('gapxs00000000000', {
          padding: {
            ...all(token('gap2xs0000000000')),
            left: token('gapxs00000000000'),
            right: token('gapxs00000000000'),
          },
        }),
        place: { width: 'fit' },
        look: { fill: token(SIGN), radius: corners('radiuss000000000') },
      },
      [{ ...small('Badge words', 'From 1 May'), ...fit }],
    ),
    may: [['words', 'Badge words', 'text']],
  },
  quayfarecard0000: {
    name: 'Fare card',
    root: card('Fare card', 300, [
      badge,
      heading('Fare', 'Day return'),
      text('Price', '12.50', { look: { level: plainLevel('h2') } }),
      text('Says', 'Out in the morning, back with the last boat.'),
      button('Buy this fare'),
    ]),
    may: [
      ['fare', 'Fare', 'text'],
      ['price', 'Price', 'text'],
      ['what it is', 'Says', 'text'],
    ],
  },
  quayislecard0000: {
    name: 'Isle card',
    root: card('Isle card', 340, [
      {
        kind: 'picture',
        name: 'Picture',
        place: { width: 'fill', height: px(180) },
        look: { radius: corners('radiuss000000000') },
      },
      heading('Isle', 'The near isle'),
      text('Says', 'Twenty minutes over. A beach, a chapel, and tea in the old school.'),
      { kind: 'link', name: 'Onward', text: words('What to see there') },
    ]),
    may: [
      ['isle', 'Isle', 'text'],
      ['what it is', 'Says', 'text'],
      ['picture', 'Picture', 'data.file'],
    ],
  },
  quaysailing00000: {
    name: 'Sailing',
    root: box(
      'Sailing',
      {
        ...row('gapl000000000000', inset('gapm000000000000')),
        ...wide(640),
        look: { border: { bottom: line(role('line')) } },
      },
      [
        text('Leaves', '08:15', { ...fit, look: { level: plainLevel('h3') } }),
        box('Way', { ...column('gap2xs0000000000'), place: { width: 'fill' } }, [
          text('Route', 'Harbour to the near isle'),
          small('Boat', 'The small boat, bicycles taken'),
        ]),
        { ...small('State', 'Sails'), ...fit },
        button('Choose', 'secondary'),
      ],
    ),
    may: [
      ['leaves', 'Leaves', 'text'],
      ['route', 'Route', 'text'],
      ['boat', 'Boat', 'text'],
      ['state', 'State', 'text'],
    ],
  },
  quaynotice000000: {
    name: 'Service notice',
    root: box(
      'Service notice',
      {
        ...row('gapm000000000000', inset('gapm000000000000')),
        ...wide(640),
        look: {
          fill: role('tint'),
          border: { left: { ...line(token(SIGN)), width: token('linethick0000000') } },
        },
      },
      [
        { kind: 'icon', name: 'Sign', data: { icon: signFor(0) } },
        box('Notice words', { ...column('gap2xs0000000000'), place: { width: 'fill' } }, [
          heading('Notice', 'No evening boat today'),
          text('Says', 'The wind is above force seven. Tickets are good tomorrow.'),
        ]),
      ],
    ),
    may: [
      ['notice', 'Notice', 'text'],
      ['what it says', 'Says', 'text'],
    ],
  },
  quaypriceline000: {
    name: 'Price line',
    root: box('Price line', { ...row('gapm000000000000', { justify: 'between' }), ...wide(420) }, [
      text('What', 'Bicycle, one way'),
      text('Price', '3.00', fit),
    ]),
    may: [
      ['what', 'What', 'text'],
      ['price', 'Price', 'text'],
    ],
  },
  quaystep00000000: {
    name: 'Step',
    root: box('Step', { ...row('gapm000000000000', { align: 'start' }), ...wide(380) }, [
      text('Number', '1', {
        ...fit,
        look: { level: plainLevel('h2'), colour: role('action') },
      }),
      box('Step words', { ...column('gap2xs0000000000'), place: { width: 'fill' } }, [
        heading('Step title', 'Choose a sailing'),
        text('Says', 'Any boat of the day will do; only the car deck is booked by the hour.'),
      ]),
    ]),
    may: [
      ['number', 'Number', 'text'],
      ['title', 'Step title', 'text'],
      ['what it says', 'Says', 'text'],
    ],
  },
  quayquote0000000: {
    name: 'Passenger’s words',
    root: card('Passenger’s words', 420, [
      text('Quote', '“We missed the boat, and they rang ahead to keep the kettle on.”', {
        look: { level: plainLevel('lead') },
      }),
      small('Who', 'A walker, in October'),
    ]),
    may: [
      ['words', 'Quote', 'text'],
      ['who', 'Who', 'text'],
    ],
  },
  quayperson000000: {
    name: 'Somebody to ask',
    root: box('Somebody to ask', { ...row('gapm000000000000'), ...wide(360) }, [
      {
        kind: 'picture',
        name: 'Portrait',
        place: { width: px(72), height: px(72) },
        look: { radius: corners('radiusround00000') },
      },
      box('Person', { ...column('gap2xs0000000000'), place: { width: 'fill' } }, [
        heading('Name', 'The harbour office'),
        small('Role', 'Every day, 7 to 19 o’clock'),
        { kind: 'link', name: 'Call', text: words('Call the office') },
      ]),
    ]),
    may: [
      ['name', 'Name', 'text'],
      ['what for', 'Role', 'text'],
      ['picture', 'Portrait', 'data.file'],
    ],
  },
  quayfigure000000: {
    name: 'Figure',
    root: box('Figure', { ...column('gap2xs0000000000'), ...wide(200) }, [
      text('Number', '14', { look: { level: plainLevel('h1') } }),
      small('Of what', 'crossings a day in summer'),
    ]),
    may: [
      ['number', 'Number', 'text'],
      ['of what', 'Of what', 'text'],
    ],
  },
  quayhours0000000: {
    name: 'Opening hours',
    root: card('Opening hours', 320, [
      heading('Whose', 'Ticket office'),
      ...[
        ['Summer', '7 to 20'],
        ['Winter', '8 to 17'],
        ['Holidays', '9 to 12'],
      ].map(([when, hours]) =>
        box(
          `Hours in ${when}`,
          { ...row('gapm000000000000', { justify: 'between' }), place: { width: 'fill' } },
          [text(when, when), text(`${when} hours`, hours, fit)],
        ),
      ),
    ]),
    may: [['whose', 'Whose', 'text']],
  },
  quayletter000000: {
    name: 'Letter box',
    root: card('Letter box', 420, [
      heading('Heading', 'News from the quay'),
      text('Says', 'Timetables and storms, once a month. Leave whenever you like.'),
      { kind: 'field', name: 'E-mail', data: { label: 'E-mail address', type: 'email' } },
      button('Send it to me'),
    ]),
    may: [
      ['heading', 'Heading', 'text'],
      ['what it says', 'Says', 'text'],
    ],
  },
  quayfinder000000: {
    name: 'Sailing finder',
    root: box(
      'Sailing finder',
      {
        ...row('gapm000000000000', { align: 'end', ...inset('gapl000000000000') }),
        ...wide(760),
        look: { ...edged, fill: role('tint') },
      },
      [
        {
          kind: 'field',
          name: 'From',
          data: { label: 'From', type: 'choice', options: ['Harbour', 'The near isle'] },
        },
        {
          kind: 'field',
          name: 'To',
          data: { label: 'To', type: 'choice', options: ['The near isle', 'Harbour'] },
        },
        { kind: 'field', name: 'Day', data: { label: 'Day', type: 'date' } },
        button('Show boats'),
      ],
    ),
  },
  quaycall00000000: {
    name: 'Way to buy',
    root: box(
      'Way to buy',
      {
        ...row('gapl000000000000', { justify: 'between', ...inset('gapl000000000000') }),
        ...wide(760),
        look: { fill: role('tint'), radius: corners('radiusm000000000') },
      },
      [heading('Offer', 'Tickets are good on every boat of the day'), button('Buy tickets', 'sign')],
    ),
    may: [['offer', 'Offer', 'text']],
  },
  quayfile00000000: {
    name: 'Sheet to take away',
    root: box('Sheet to take away', { ...row('gaps000000000000'), ...wide(360) }, [
      { kind: 'icon', name: 'Sign', data: { icon: signFor(2) } },
      box('Sheet words', { ...column('gap2xs0000000000'), place: { width: 'fill' } }, [
        { kind: 'link', name: 'Title', text: words('Summer timetable') },
        small('Kind', 'PDF, 2 pages'),
      ]),
    ]),
    may: [
      ['title', 'Title', 'text'],
      ['kind', 'Kind', 'text'],
    ],
  },
}

const part = (title: string, says: string) => ({ title, text: says })
const PARTS = [
  part('Bicycles', 'They ride on the fore deck and need no booking.'),
  part('Dogs', 'They travel free, on a lead.'),
  part('Prams', 'The crew carries them aboard.'),
]
const PATTERNS: [id: string, name: string, heading: string][] = [
  ['heroBeside', 'Opening with a picture beside', 'Over the water in twenty minutes'],
  ['heroOver', 'Opening over a picture', 'The last boat waits for you'],
  ['cards', 'Three cards', 'What comes along'],
  ['steps', 'How it goes', 'From home to the isle'],
  ['prices', 'Fares', 'What it costs'],
  ['questions', 'Questions', 'Asked on the quay'],
  ['quotes', 'What passengers say', 'Heard on board'],
  ['figures', 'In figures', 'A year of crossings'],
  ['timetable', 'Timetable', 'Boats today'],
  ['signUp', 'News by post', 'Hear of storms first'],
  ['contact', 'Write to us', 'Ask the office'],
  ['callToAction', 'One thing to do', 'Come over'],
]

const KEBAB = (id: string) => id.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`)
let made = 0
const newId = () => `quay${String(made++).padStart(12, '0')}`

function blocksOf(drafts: Draft[], parent?: string): Block[] {
  return drafts.flatMap(({ holds = [], ...own }, index) => {
    const id = newId()
    const order = `a${index.toString(36)}`
    const block = { ...own, id, order, ...(parent && { parent }) } as Block
    return [block, ...blocksOf(holds, id)]
  })
}
const byId = <T extends { id: string }>(records: T[]) =>
  Object.fromEntries(records.map((record) => [record.id, record]))
const drawing = (id: string, blocks: Block[]) => ({
  kind: 'drawing',
  id,
  schema: 3,
  records: { blocks: byId(blocks) },
})

const shared: Shared[] = []
const sharedValues: SharedValue[] = []
const patterns: OwnPattern[] = []
const drawings: Record<string, object> = {}

Object.entries(SHARED).forEach(([id, { name, root, may = [] }], index) => {
  // What is too wide for a narrow band takes the room there is.
  const fitted = { ...root, at: { [narrow]: { place: { width: 'fill' } } } } as Draft
  const stand: Draft = { kind: 'section', name: 'Stand', holds: [fitted] }
  const blocks = blocksOf([stand])
  drawings[id] = drawing(id, blocks)
  shared.push({ id, order: `a${index.toString(36)}`, name, root: blocks[1].id })
  may.forEach(([label, of, leaf], at) => {
    const block = blocks.find((one) => one.name === of)
    if (!block) throw new Error(`${name} has no ${of}.`)
    sharedValues.push({ id: newId(), order: `a${at}`, shared: id, label, block: block.id, leaf })
  })
})
PATTERNS.forEach(([wanted, name, title], index) => {
  const pattern = patternById(wanted) ?? patternById(KEBAB(wanted))
  if (!pattern) throw new Error(`There is no pattern ${wanted}.`)
  const content = {
    ...{
      name,
      page: 'Home',
      heading: title,
      text: 'Boats go every day but the first of January.',
      parts: PARTS,
    },
    ...{ action: 'Find a sailing', siteName: 'Quayside', menus: {}, icon: signFor },
  }
  const blocks = placePieces(pattern.make(content, usualChoice(pattern)), bandsOf(usualSite), newId)
  const id = `quaypattern${String(index).padStart(5, '0')}`
  drawings[id] = drawing(id, blocks)
  patterns.push({ id, order: `a${index.toString(36)}`, name, root: blocks[0].id })
})

const guide = takeStart(
  plainStyle,
  {
    ...{ main: '#0f5c6e', headings: 'Public Sans', text: 'Public Sans', corners: 'slight', density: 'usual' },
    ...{ contrast: 'usual', isTinted: true, size: 16, ratio: 1.25 },
  },
  ['colour', 'type', 'space', 'parts'],
)

/** The project the kit is made of. */
export const quayside = {
  site: usualSite,
  style: {
    ...guide,
    records: {
      ...guide.records,
      tokens: {
        ...guide.records.tokens,
        [SIGN]: {
          id: SIGN,
          order: 'z0',
          name: 'Signal yellow',
          type: 'colour',
          value: '#f2c14e',
          dark: '#d9a520',
          note: 'What has to be seen from the boat.',
        },
      },
      parts: {
        ...guide.records.parts,
        partsign00000000: {
          ...{ id: 'partsign00000000', order: 'z0', kind: 'button', variant: 'sign', name: 'Sign' },
          look: { fill: token(SIGN), colour: role('text'), radius: corners('radiusm000000000') },
        },
      },
      shared: byId(shared),
      sharedValues: byId(sharedValues),
      patterns: byId(patterns),
    },
  },
  ...drawings,
} as unknown as Documents
