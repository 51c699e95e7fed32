import { px } from '../units/length'
import { boxPart, FIT, iconPart, idIn, wordsPart } from './parts'
import type { Part } from './primitive'
import type { SiteLine } from './siteFacts'
import type { Varying } from './varying'

/** The line one is on stands out by its weight, which no colour is needed to see. */
const bold = (label: string) => [{ insert: label, attributes: { bold: true as const } }]

/** A line that leads somewhere; the page one is on is said so, and a line that leads nowhere is only words. */
export function linePart({ label, href, isCurrent }: SiteLine, name = 'link'): Part {
  const text = isCurrent ? bold(label) : label
  if (href === undefined) return wordsPart(name, 'span', text, FIT)
  const part = wordsPart(name, 'a', text, FIT, { href, 'aria-current': isCurrent ? 'page' : undefined })
  return isCurrent ? { ...part, states: ['chosen'] } : part
}

/** How many levels of lines show, which branches of them are open, and what ids within the page begin with. */
export interface Branches {
  levels: number
  isOpen: (line: SiteLine) => boolean
  key: string
}

const ARROW = { paths: ['M6 9L12 15L18 9'] }
const BESIDE: Varying = { arrange: { type: 'row', gap: px(6), align: 'centre' }, ...FIT }
const ITEM: Varying = { arrange: { type: 'column', gap: px(8), align: 'start' }, ...FIT }
const INDENTED: Varying = {
  arrange: { type: 'column', gap: px(8), align: 'start', padding: { left: px(16) } },
  ...FIT,
}

/** Lines of a menu, those of an open branch below its line; a line with others below it has a button that opens them. */
export function menuLines(name: string, lines: SiteLine[], branches: Branches, values: Varying): Part {
  const { key, levels, isOpen } = branches
  const items = lines.map((line) => {
    if (levels < 2 || line.below.length === 0) return boxPart(`line ${line.id}`, 'li', ITEM, [linePart(line)])
    const id = idIn(key, `below-${line.id}`)
    const head = boxPart('head', 'div', BESIDE, [linePart(line), openerPart(id, isOpen(line), line.label)])
    const branch = { ...INDENTED, hidden: !isOpen(line) }
    const below = menuLines('below', line.below, { ...branches, levels: levels - 1 }, branch)
    return boxPart(`line ${line.id}`, 'li', ITEM, [
      head,
      { ...below, attributes: { ...below.attributes, id } },
    ])
  })
  return boxPart(name, 'ul', values, items, { role: 'list', 'data-kept': '' })
}

const openerPart = (id: string, isOpen: boolean, label: string): Part =>
  boxPart(
    'opener',
    'button',
    { arrange: { type: 'row' }, ...FIT },
    [iconPart('arrow', ARROW, { value: 1, unit: 'em' })],
    {
      type: 'button',
      'aria-expanded': String(isOpen),
      'aria-controls': id,
      'aria-label': `More of ${label}`,
    },
  )
