import { kindOf } from '../block/block'
import { roundTo } from '../units/length'
import { columnsOf, columnWords, spanOf } from './containerColumns'
import type { DrawnPage, Placed } from './drawnPage'
import { gapsOf } from './spacing'
import { isPlacedFreely } from './typedFigure'

const whole = (px: number) => roundTo(px, 1)

/**
 * Where a block stands and how large it is, as one sentence for those who hear the page: what it is, in what, on which
 * columns, how far below what, px.
 */
export function describePlace(page: DrawnPage, one: Placed): string {
  const { name } = one.box.node
  const block = page.blocks[one.record]
  const parent = one.parent === null ? undefined : page.placed.get(one.parent)
  const kind = block ? kindOf(block).label.toLowerCase() : 'block'
  const parts = [`${name}, ${kind}`, parent ? `in ${parent.box.node.name}` : 'on the page']
  if (parent?.box.arrange === 'grid') {
    const count = columnsOf(parent).length
    parts.push(`${columnWords(one.box.column, spanOf(one, count))} of ${count}`)
  }
  if (isPlacedFreely(page, one)) parts.push(`${whole(one.x)} from the left, ${whole(one.y)} from the top`)
  const above = gapsOf(page, one).find(({ side }) => side === 'above')
  const over = above?.to === undefined ? undefined : page.placed.get(above.to)
  if (above && over) parts.push(`${whole(above.size)} below ${over.box.node.name}`)
  parts.push(`${whole(one.w)} wide, ${whole(one.h)} tall`)
  if (block?.locked) parts.push('locked')
  return parts.join(', ')
}

/** What is selected, as it is said: one block with its place, or how many and what they take together. */
export function describeSelection(page: DrawnPage, selected: Placed[]): string {
  const [first] = selected
  if (!first) return ''
  if (selected.length === 1) return describePlace(page, first)
  const named = selected.slice(0, 3).map(({ box }) => box.node.name)
  const more = selected.length > 3 ? ` and ${selected.length - 3} more` : ''
  return `${selected.length} blocks: ${named.join(', ')}${more}`
}
