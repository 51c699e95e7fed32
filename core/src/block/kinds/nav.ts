import { z } from 'zod'
import { idSchema } from '../../document/ids'
import { px } from '../../units/length'
import { paddingFields } from '../arrange'
import { gone } from '../gone'
import { defineKind } from '../kind'
import { lookFields } from '../looks'
import { menuLines } from '../menuParts'
import { boxPart, FIT, iconPart, idIn, wordsPart } from '../parts'
import { placeFields } from '../place'
import type { Part } from '../primitive'
import type { SiteLine } from '../siteFacts'
import type { Varying } from '../varying'

const schema = z.strictObject({
  /** a menu of the map; without one, the pages below the one it stands on */
  menu: idSchema.optional(),
  below: idSchema.optional(),
  label: z.string().max(200).optional(),
  levels: z.int().min(1).max(4).optional(),
  /** which branches are shown open */
  opens: z.enum(['none', 'current', 'all']).optional(),
  /** whether the drawing shows a menu behind its button as opened */
  isShown: z.boolean().optional(),
})
type Data = z.infer<typeof schema>

const BARS = { paths: ['M4 6H20', 'M4 12H20', 'M4 18H20'] }
const CROSS = { paths: ['M6 6L18 18', 'M18 6L6 18'] }

/** A menu of the map, or the pages below one: it changes when the map does. */
export const nav = defineKind({
  kind: 'nav',
  label: 'Menu',
  data: schema,
  tags: ['nav'],
  levelRole: 'p',
  standsOn: 'block',
  takesBlocks: false,
  states: ['hover', 'focus', 'pressed', 'chosen', 'open'],
  values: {
    arrange: { type: 'row', gap: px(24), align: 'centre', wrap: true },
    place: { width: 'fit', height: 'fit', column: { span: 'all' } },
    look: {},
    manner: 'open',
  },
  anatomy: ({ key, data, arrange, manner, site }) => {
    if (data.menu && !site.menu(data.menu)) return gone('This menu is gone')
    const lines = data.menu ? (site.menu(data.menu) ?? []) : site.pagesBelow(data.below)
    const label = data.label ?? (data.menu ? 'Menu' : 'In this part')
    const levels: Varying = { arrange: COLUMN, ...FIT }
    const holds = partsOf(key, lines, data, { arrange, manner })
    return {
      content: { type: 'blocks', holds: [boxPart('levels', 'div', levels, holds)] },
      attributes: { 'aria-label': label },
    }
  },
  particulars: [
    { group: 'shows', label: 'menu', path: ['data', 'menu'], control: { type: 'menu' } },
    {
      group: 'shows',
      label: 'or pages below',
      path: ['data', 'below'],
      control: { type: 'page' },
      when: ({ value }) => value(['data', 'menu']) === undefined,
    },
    {
      group: 'shows',
      label: 'levels',
      path: ['data', 'levels'],
      control: { type: 'number', least: 1, most: 4, step: 1, absent: 1 },
    },
    {
      group: 'shows',
      label: 'branches open',
      path: ['data', 'opens'],
      control: {
        type: 'choice',
        options: { none: 'none', current: 'the one one is in', all: 'all' },
        absent: 'current',
      },
      when: ({ value }) => Number(value(['data', 'levels']) ?? 1) > 1,
    },
    {
      group: 'arranges',
      label: 'stands',
      path: ['manner'],
      control: { type: 'choice', options: { open: 'open', button: 'behind a button' } },
    },
    {
      group: 'shows',
      label: 'drawn opened',
      path: ['data', 'isShown'],
      control: { type: 'tick' },
      when: ({ value }) => value(['manner']) === 'button',
    },
    {
      group: 'arranges',
      label: 'lines',
      path: ['arrange', 'type'],
      control: { type: 'choice', options: { row: 'across', column: 'down' } },
    },
    { group: 'arranges', label: 'gap', path: ['arrange', 'gap'], control: { type: 'length', absent: '0' } },
    {
      group: 'says',
      label: 'name for those who hear it',
      path: ['data', 'label'],
      control: { type: 'words', most: 200 },
    },
    ...placeFields,
    ...paddingFields(),
    ...lookFields('text', ['textAlign']),
  ],
  shelf: [
    { id: 'menu', label: 'Menu', also: 'nav navigation links main footer', block: { data: { levels: 1 } } },
    {
      id: 'pages-below',
      label: 'Page list',
      also: 'nav pages below children index sub',
      block: { name: 'Page list', arrange: { type: 'column', gap: px(8) } },
    },
  ],
})

const COLUMN = { type: 'column' as const, gap: px(12), align: 'start' as const }

/**
 * A button and the lines; HTML has both at every band. Where the menu stands open the button is hidden, and where it is
 * behind the button the lines stand below one another, and show once it is pressed.
 */
function partsOf(
  key: string,
  lines: SiteLine[],
  { levels = 1, opens = 'current', isShown = false, menu }: Data,
  { arrange, manner }: Pick<Varying, 'arrange' | 'manner'>,
): Part[] {
  if (lines.length === 0)
    return [wordsPart('nothing', 'span', menu ? 'The menu is empty' : 'No pages below', FIT)]
  const isBehind = manner === 'button'
  const id = idIn(key, 'lines')
  const isOpen = ({ isOpen: isOnWay }: SiteLine) => opens === 'all' || (opens === 'current' && isOnWay)
  const isDown = arrange?.type === 'column'
  const own = isBehind ? COLUMN : { ...arrange, padding: {}, ...(isDown ? { align: 'start' as const } : {}) }
  const values = { arrange: own, ...FIT, hidden: isBehind && !isShown }
  const list = menuLines('lines', lines, { levels, isOpen, key }, values)
  return [buttonPart(id, isShown, !isBehind), { ...list, attributes: { ...list.attributes, id } }]
}

function buttonPart(id: string, isShown: boolean, hidden: boolean): Part {
  const values = { arrange: { type: 'row' as const, gap: px(8), align: 'centre' as const }, ...FIT, hidden }
  const sign = iconPart('sign', isShown ? CROSS : BARS, { value: 1.5, unit: 'em' })
  const words = wordsPart('words', 'span', isShown ? 'Close' : 'Menu', FIT)
  return boxPart('button', 'button', values, [sign, words], {
    type: 'button',
    'aria-expanded': String(isShown),
    'aria-controls': id,
  })
}
