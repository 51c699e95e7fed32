import type { Box } from '../../layout/box'
import type { PageLayout } from '../../layout/pageLayout'

/** px of the cells a page is parted into: finer than any ground that is seen as one. */
const CELL = 8
/** Of the room of a line of text, so much is ink. Common practice, no source. */
const INK = 0.18

/**
 * How much of laid-out pages each colour covers, 0 to 1, together 1: grounds as they lie over one another, words by the
 * room of their lines. Pages count alike, however long they are.
 * @param layouts resolved to colours or to names of them, which are given back
 */
export function colourShares(layouts: PageLayout[]): Map<string, number> {
  const shares = new Map<string, number>()
  const add = (colour: string, share: number) => shares.set(colour, (shares.get(colour) ?? 0) + share)
  for (const layout of layouts) {
    const counts = cellsByColour(layout)
    const total = [...counts.values()].reduce((sum, count) => sum + count, 0)
    for (const [colour, count] of counts) add(colour, count / total / layouts.length)
  }
  return shares
}

function cellsByColour(layout: PageLayout): Map<string, number> {
  const [across, down] = [layout.width, layout.height].map((px) => Math.max(1, Math.ceil(px / CELL)))
  const cells: string[] = new Array<string>(across * down).fill(layout.ground)
  const counts = new Map<string, number>()
  const count = (colour: string, by: number) => counts.set(colour, (counts.get(colour) ?? 0) + by)
  const visit = (box: Box, x: number, y: number) => {
    const { look, content } = box.node
    if (look.fill) fillCells(cells, across, down, { x, y, w: box.w, h: box.h }, look.fill)
    if (content.type === 'text' && box.font && box.paragraph)
      count(look.colour, ((box.h * Math.min(box.w, layout.width)) / CELL ** 2) * INK)
    for (const child of box.children) visit(child, x + child.x, y + child.y)
  }
  for (const section of layout.sections) visit(section, section.x, section.y)
  for (const colour of cells) count(colour, 1)
  return counts
}

function fillCells(
  cells: string[],
  across: number,
  down: number,
  { x, y, w, h }: { x: number; y: number; w: number; h: number },
  colour: string,
) {
  const [left, right] = [x, x + w].map((px) => Math.min(across, Math.max(0, Math.round(px / CELL))))
  const [top, bottom] = [y, y + h].map((px) => Math.min(down, Math.max(0, Math.round(px / CELL))))
  for (let row = top; row < bottom; row++) cells.fill(colour, row * across + left, row * across + right)
}
