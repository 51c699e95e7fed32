import { px } from '../units/length'
import { idOf, type Sketch } from './draft'

const LONG =
  'Boats leave every hour from the first light to the last, and on days without wind they are on time, which is to say on most days from May to the end of September, when the yard takes them in turn.'
export const says = (words: string) => [{ insert: words }]
export const text = (name: string, words: string, more: Partial<Sketch> = {}): Sketch => ({
  ...{ kind: 'text', name, text: says(words) },
  ...more,
})
export const heading = (name: string, rank: number, words = name, more: Partial<Sketch> = {}): Sketch =>
  text(name, words, { tag: `h${rank}` as 'h1', ...more })
export const column = (name: string, holds: Sketch[], more: Partial<Sketch> = {}): Sketch => ({
  ...{ kind: 'box', name, holds },
  ...more,
  arrange: { type: 'column', gap: px(16), ...more.arrange },
})
export const row = (name: string, holds: Sketch[], more: Partial<Sketch> = {}): Sketch =>
  column(name, holds, { ...more, arrange: { type: 'row', ...more.arrange } })
const free = (name: string, holds: Sketch[]): Sketch => ({
  ...{ kind: 'box', name, holds },
  ...{ arrange: { type: 'placed' }, place: { height: px(400), width: px(600) } },
})
export const at = (name: string, left: number, top: number, place: Sketch['place'] = {}): Sketch => ({
  ...{ kind: 'box', name },
  place: { offset: { left: px(left), top: px(top) }, width: px(96), height: px(64), ...place },
})
const button = (name: string, words: string, more: Partial<Sketch> = {}): Sketch => ({
  ...{ kind: 'button', name, text: says(words) },
  ...more,
})
/** Four columns, whatever stands in them. */
const grid = (name: string, holds: Sketch[]): Sketch => ({
  ...{ kind: 'box', name, holds },
  arrange: { type: 'grid', tracks: 4 },
})
/** A mark in the colour of a role, with nothing in it. */
const dot = (name: string, token: string): Sketch => ({
  ...{ kind: 'box', name },
  ...{ place: { width: px(16), height: px(16) }, look: { fill: { token } } },
})
/** A section of a line with so much above and below it. */
const lonely = (room: number): Sketch => ({
  ...{ kind: 'section', name: 'lonely', holds: [text('alone', 'A line')] },
  arrange: { type: 'column', padding: { top: px(room), bottom: px(room) } },
})
export const page = (...holds: Sketch[]): Sketch[] => [
  {
    ...{ kind: 'section', name: 'main' },
    arrange: { type: 'column', gap: px(24), padding: { top: px(64), bottom: px(64) } },
    holds: [heading('fares', 1, 'Fares'), ...holds],
  },
]
export const ring = (hex: string, width = 1) => {
  const edge = { width: px(width), line: 'solid' as const, colour: { hex } }
  return { top: edge, right: edge, bottom: edge, left: edge }
}
const padding = (value: number) => ({ top: px(value), right: px(value), bottom: px(value), left: px(value) })
export const look = (colour: string) => ({ look: { colour: { hex: colour } } })
/** White in the dark set, too. */
export const onWhite = (...holds: Sketch[]): Sketch =>
  column('white', holds, {
    look: { colourSet: 'light', fill: { hex: '#ffffff' } },
    arrange: { padding: padding(16) },
  })
const narrow = { place: { maxWidth: px(560) } }
const SIGN = {
  arrange: { type: 'row' as const, padding: { top: px(12), right: px(20), bottom: px(12), left: px(20) } },
  place: { width: 'fit' as const },
}
const round = { topLeft: px(4), topRight: px(4), bottomRight: px(4), bottomLeft: px(4) }

/** A page with one fault, and one where it is just none. */
export interface Case {
  rule: string
  fault: Sketch[]
  miss: Sketch[]
  /** levels of the guide beside its own, by their names */
  levels?: Record<string, object>
  /** no change mends it */
  isUnmended?: true
}

/**
 * Pages with one known fault each, and the same page where it is just no fault. Limits are common practice without a
 * source, but for contrast (WCAG 2.2, 1.4.3 and 1.4.11) and targets (2.5.8).
 */
export const CASES: Case[] = [
  {
    rule: 'measure',
    fault: page(text('widetext', LONG + LONG + LONG)),
    miss: page(text('widetext', LONG + LONG + LONG, { place: { maxWidth: px(620) } })),
  },
  {
    rule: 'oneWordLines',
    fault: page(text('squeezed', 'Boats every single morning', { place: { width: px(72) } })),
    miss: page(text('squeezed', 'Boats every single morning', { place: { width: px(160) } })),
    isUnmended: true,
  },
  {
    rule: 'capitals',
    fault: page(text('shouted', 'NO BOATS ON THE FIRST SUNDAY OF THE MONTH AT ALL')),
    miss: page(text('shouted', 'NO BOATS ON SUNDAYS')),
    isUnmended: true,
  },
  {
    rule: 'mainHeading',
    fault: page(heading('second', 1, 'Second')),
    miss: page(heading('second', 2, 'Second')),
  },
  {
    rule: 'headingOrder',
    fault: page(heading('deep', 4, 'Deep')),
    miss: page(heading('deep', 2, 'Deep')),
  },
  {
    rule: 'textContrast',
    fault: page(onWhite(text('pale', 'Hardly there', look('#8a8a8a')))),
    // 4.54 to 1 on white: the darkest grey named in examples of WCAG 2.2, 1.4.3
    miss: page(onWhite(text('pale', 'Hardly there', look('#767676')))),
  },
  {
    rule: 'surfacesVanish',
    fault: page(
      column('panel', [text('one', 'Words'), text('two', 'More')], { look: { fill: { hex: '#fdfdfd' } } }),
    ),
    miss: page(
      column('panel', [text('one', 'Words'), text('two', 'More')], {
        look: { fill: { hex: '#e8efec' } },
        arrange: { padding: padding(16) },
      }),
    ),
    isUnmended: true,
  },
  {
    rule: 'looksLikeButton',
    fault: page({
      ...{ kind: 'box', name: 'badge', holds: [text('badgewords', 'New boats')] },
      ...SIGN,
      look: { fill: { hex: '#14506b' }, colour: { hex: '#ffffff' }, radius: round },
    }),
    miss: page({
      ...{ kind: 'box', name: 'badge', holds: [text('badgewords', 'New boats')] },
      ...SIGN,
      look: { fill: { hex: '#14506b' }, colour: { hex: '#ffffff' } },
    }),
    isUnmended: true,
  },
  {
    rule: 'buttonUnlike',
    fault: page({
      ...{ kind: 'button', name: 'go', text: says('Go') },
      variant: 'quiet',
      look: { colour: { role: 'text', hex: '#1b2023' } },
    }),
    miss: page({ kind: 'button', name: 'go', text: says('Go'), variant: 'quiet' }),
  },
  {
    rule: 'primaryActions',
    fault: page(
      row('ways', [
        { kind: 'button', name: 'buy', text: says('Buy') },
        { kind: 'button', name: 'ask', text: says('Ask') },
      ]),
    ),
    miss: page(
      row('ways', [
        { kind: 'button', name: 'buy', text: says('Buy') },
        { kind: 'button', name: 'ask', text: says('Ask'), variant: 'secondary' },
      ]),
    ),
  },
  {
    rule: 'targetSize',
    fault: page(
      row(
        'signs',
        [
          {
            kind: 'button',
            name: 'less',
            text: says('-'),
            arrange: { padding: padding(0) },
            place: { width: px(16) },
          },
          {
            kind: 'button',
            name: 'more',
            text: says('+'),
            arrange: { padding: padding(0) },
            place: { width: px(16) },
          },
        ],
        { arrange: { gap: px(4) } },
      ),
    ),
    miss: page(
      row('signs', [
        {
          kind: 'button',
          name: 'less',
          text: says('-'),
          arrange: { padding: padding(0) },
          place: { width: px(16) },
        },
        { kind: 'text', name: 'count', text: says('two of us') },
        {
          kind: 'button',
          name: 'more',
          text: says('+'),
          arrange: { padding: padding(0) },
          place: { width: px(16) },
        },
      ]),
    ),
  },
  {
    rule: 'headingNearer',
    fault: page(
      column('story', [
        text('before', LONG, narrow),
        heading('winter', 2, 'Winter', { place: { space: px(12) } }),
        text('after', LONG, { place: { maxWidth: px(560), space: px(24) } }),
      ]),
    ),
    miss: page(
      column('story', [
        text('before', LONG, narrow),
        heading('winter', 2, 'Winter', { place: { space: px(40) } }),
        text('after', LONG, { place: { maxWidth: px(560), space: px(16) } }),
      ]),
    ),
  },
  {
    rule: 'insideLarger',
    fault: page(
      column('all', [
        column('group', [text('a', 'One'), text('b', 'Two')], { arrange: { gap: px(32) } }),
        column('other', [text('c', 'Three'), text('d', 'Four')], { arrange: { gap: px(8) } }),
      ]),
    ),
    miss: page(
      column('all', [
        column('group', [text('a', 'One'), text('b', 'Two')], { arrange: { gap: px(8) } }),
        column('other', [text('c', 'Three'), text('d', 'Four')], { arrange: { gap: px(8) } }),
      ]),
    ),
  },
  {
    rule: 'textNearEdge',
    fault: page(
      column('framed', [text('inside', 'Words'), text('more', 'Words')], {
        look: { border: ring('#333333') },
      }),
    ),
    miss: page(
      column('framed', [text('inside', 'Words'), text('more', 'Words')], {
        look: { border: ring('#333333') },
        arrange: { padding: padding(8) },
      }),
    ),
  },
  {
    rule: 'unequalRun',
    fault: page(
      column('run', [
        text('first', 'One'),
        text('second', 'Two'),
        text('third', 'Three', { place: { space: px(20) } }),
        text('fourth', 'Four'),
      ]),
    ),
    miss: page(
      column('run', [
        text('first', 'One'),
        text('second', 'Two'),
        text('third', 'Three', { place: { space: px(48) } }),
        text('fourth', 'Four'),
      ]),
    ),
  },
  {
    rule: 'nearlyInLine',
    fault: page(free('free', [at('one', 40, 0), at('two', 40, 96), at('three', 43, 192)])),
    miss: page(free('free', [at('one', 40, 0), at('two', 40, 96), at('three', 56, 192)])),
  },
  {
    rule: 'offScale',
    fault: page(column('loose', [text('a', 'One'), text('b', 'Two')], { arrange: { gap: px(13) } })),
    miss: page(column('loose', [text('a', 'One'), text('b', 'Two')], { arrange: { gap: px(12) } })),
  },
  {
    rule: 'cutWords',
    fault: page(text('cut', LONG, { look: { lines: 1 }, place: { maxWidth: px(300) } })),
    miss: page(text('cut', 'Every hour', { look: { lines: 1 }, place: { maxWidth: px(300) } })),
  },
  {
    rule: 'standsIn',
    fault: page(text('lead', 'The answer to what people ask most often about this.')),
    miss: page(text('lead', 'Dogs, bikes and prams come along.')),
    isUnmended: true,
  },
  {
    rule: 'readingOrder',
    fault: page(free('free', [at('lower', 40, 200), at('upper', 40, 40)])),
    miss: page(free('free', [at('upper', 40, 40), at('lower', 40, 200)])),
    isUnmended: true,
  },
  {
    rule: 'smallText',
    fault: page(text('tiny', 'Small print', { look: { level: idOf('tiny') } })),
    miss: page(text('tiny', 'Small print', { look: { level: idOf('small') } })),
    levels: { tiny: { size: px(11) }, small: { size: px(12) } },
  },
  {
    rule: 'lineHeight',
    fault: page(text('dense', LONG, { look: { level: idOf('tight') }, ...narrow })),
    miss: page(text('dense', LONG, { look: { level: idOf('open') }, ...narrow })),
    levels: {
      tight: { lineHeight: { value: 1.1, unit: 'em' } },
      open: { lineHeight: { value: 1.4, unit: 'em' } },
    },
  },
  {
    rule: 'levelsAlike',
    fault: page(
      heading('two', 2, 'Two', { look: { level: idOf('two') } }),
      heading('three', 3, 'Three', { look: { level: idOf('three') } }),
    ),
    miss: page(
      heading('two', 2, 'Two', { look: { level: idOf('two') } }),
      heading('three', 3, 'Three', { look: { level: idOf('four') } }),
    ),
    levels: { two: { size: px(22) }, three: { size: px(21) }, four: { size: px(18) } },
    isUnmended: true,
  },
  {
    rule: 'tooManyFonts',
    fault: page(
      ...[1, 2, 3, 4, 5, 6, 7, 8].map((n) => text(`t${n}`, 'Words', { look: { level: idOf(`l${n}`) } })),
    ),
    miss: page(...[1, 2, 3, 4, 5, 6].map((n) => text(`t${n}`, 'Words', { look: { level: idOf(`l${n}`) } }))),
    levels: Object.fromEntries([1, 2, 3, 4, 5, 6, 7, 8].map((n) => [`l${n}`, { size: px(17 + 2 * n) }])),
    isUnmended: true,
  },
  {
    rule: 'fieldLabel',
    fault: page({ kind: 'field', name: 'name', data: { label: '' } }),
    miss: page({ kind: 'field', name: 'name', data: { label: 'Name' } }),
    isUnmended: true,
  },
  {
    rule: 'wrongAsAction',
    fault: page({
      kind: 'button',
      name: 'buy',
      text: says('Buy'),
      look: { fill: { role: 'wrong', hex: '#a63d2a' } },
    }),
    miss: page({
      kind: 'button',
      name: 'buy',
      text: says('Buy'),
      look: { fill: { role: 'text', hex: '#1b2023' } },
    }),
  },
  {
    rule: 'linkUnlike',
    fault: page({
      kind: 'link',
      name: 'more',
      text: says('All sailings'),
      look: { colour: { role: 'text', hex: '#1b2023' } },
    }),
    miss: page({ kind: 'link', name: 'more', text: says('All sailings') }),
  },
  {
    rule: 'noAlternative',
    fault: page({
      kind: 'picture',
      name: 'isle',
      data: { file: { asset: idOf('isle'), width: 800, height: 600 } },
    }),
    miss: page({
      kind: 'picture',
      name: 'isle',
      data: { file: { asset: idOf('isle'), width: 800, height: 600 }, alt: 'The isle' },
    }),
    isUnmended: true,
  },
  {
    rule: 'softPictures',
    fault: page({
      kind: 'picture',
      name: 'isle',
      data: { file: { asset: idOf('isle'), width: 500, height: 300 } },
      place: { width: px(800) },
    }),
    miss: page({
      kind: 'picture',
      name: 'isle',
      data: { file: { asset: idOf('isle'), width: 500, height: 300 } },
      place: { width: px(320) },
    }),
    isUnmended: true,
  },
  {
    rule: 'offColumns',
    fault: page(free('free', [at('one', 3, 0)])),
    miss: page(free('free', [at('one', 30, 0)])),
  },
  {
    rule: 'weakAction',
    fault: page(
      row('actions', [
        button('buy', 'Buy a ticket', { look: { fill: { hex: '#dfe6e9' }, colour: { hex: '#17211e' } } }),
        button('later', 'Not now', {
          variant: 'secondary',
          look: { fill: { hex: '#14506b' }, colour: { hex: '#ffffff' } },
        }),
      ]),
    ),
    miss: page(
      row('actions', [button('buy', 'Buy a ticket'), button('later', 'Not now', { variant: 'secondary' })]),
    ),
    isUnmended: true,
  },
  {
    rule: 'crowded',
    fault: page(
      column('paragraphs', [text('first', LONG, narrow), text('second', LONG, narrow)], {
        arrange: { gap: px(4) },
      }),
    ),
    miss: page(
      column('paragraphs', [text('first', LONG, narrow), text('second', LONG, narrow)], {
        arrange: { gap: px(8) },
      }),
    ),
  },
  {
    rule: 'lostInSection',
    fault: [...page(), lonely(320)],
    miss: [...page(), lonely(96)],
    isUnmended: true,
  },
  {
    rule: 'spanTooWide',
    fault: page(grid('cells', [at('cell', 0, 0, { column: { span: 6 } })])),
    miss: page(grid('cells', [at('cell', 0, 0, { column: { span: 4 } })])),
  },
  {
    rule: 'colourAlone',
    fault: page(row('marks', [dot('fine', 'rolegood00000000'), dot('bad', 'rolewrong0000000')])),
    miss: page(
      row('marks', [
        dot('fine', 'rolegood00000000'),
        text('said', 'Sails'),
        dot('bad', 'rolewrong0000000'),
        text('also', 'Cancelled'),
      ]),
    ),
    isUnmended: true,
  },
  {
    rule: 'tooLong',
    fault: page(
      button('endless', 'Buy a ticket for the boat to the isles and back today', {
        place: { width: px(160) },
      }),
    ),
    miss: page(button('short', 'Buy a ticket', { place: { width: px(160) } })),
    isUnmended: true,
  },
]
