import type { DrawnPage, Placed } from './drawnPage'

/** A text that needs more lines than at another width, or a row that breaks into more. */
export interface Wrap {
  key: string
  lines: number
}

/** Lines a text takes, as it is laid out. */
function linesOf({ box }: Placed): number | undefined {
  const { paragraph, font, h, insetTop, insetBottom, node } = box
  if (!paragraph || !font || node.place.height.type !== 'fit') return undefined
  return Math.round((h - insetTop - insetBottom) / font.lineHeight)
}

/** Lines the children of a wrapping row stand in. */
function rowLines({ box }: Placed): number | undefined {
  if (box.arrange !== 'row' || !box.node.arrange.wrap || box.children.length === 0) return undefined
  return new Set(box.children.map(({ y }) => Math.round(y))).size
}

const countOf = (one: Placed) => linesOf(one) ?? rowLines(one)

/** What stands in one line at the width it was drawn at first, and in more at another. */
export function wrapsOf(page: Pick<DrawnPage, 'placed'>, first: DrawnPage['placed']): Wrap[] {
  const found: Wrap[] = []
  for (const one of page.placed.values()) {
    const lines = countOf(one)
    const before = first.get(one.key)
    if (lines !== undefined && lines > 1 && before && countOf(before) === 1)
      found.push({ key: one.key, lines })
  }
  return found
}
