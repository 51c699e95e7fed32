/** A rectangle on the page, px. */
export interface Rect {
  x: number
  y: number
  w: number
  h: number
}

/** The rectangle around others; an empty one around none. */
export function boundsOf(rects: Rect[]): Rect {
  if (rects.length === 0) return { x: 0, y: 0, w: 0, h: 0 }
  const left = Math.min(...rects.map(({ x }) => x))
  const top = Math.min(...rects.map(({ y }) => y))
  const right = Math.max(...rects.map(({ x, w }) => x + w))
  const bottom = Math.max(...rects.map(({ y, h }) => y + h))
  return { x: left, y: top, w: right - left, h: bottom - top }
}

/** What a moved rectangle may align to: vertical lines by x, horizontal ones by y. Sorted ascending. */
export interface SnapLines {
  x: number[]
  y: number[]
}

export interface Snapped {
  dx: number
  dy: number
  /** lines the rectangle now lies on */
  lines: { x: number[]; y: number[] }
}

/** Lines of rectangles (their edges and centres) and others, each once. */
export function snapLines(rects: Rect[], others: SnapLines = { x: [], y: [] }): SnapLines {
  const x = [...rects.flatMap((rect) => [rect.x, rect.x + rect.w / 2, rect.x + rect.w]), ...others.x]
  const y = [...rects.flatMap((rect) => [rect.y, rect.y + rect.h / 2, rect.y + rect.h]), ...others.y]
  const sorted = (values: number[]) => [...new Set(values)].sort((a, b) => a - b)
  return { x: sorted(x), y: sorted(y) }
}

/**
 * The least move that puts an edge or the centre of a rectangle on a line, per axis, within `reach` px.
 * O(log n) in the number of lines.
 */
export function snapRect(rect: Rect, lines: SnapLines, reach: number): Snapped {
  const dx = nearestMove([rect.x, rect.x + rect.w / 2, rect.x + rect.w], lines.x, reach)
  const dy = nearestMove([rect.y, rect.y + rect.h / 2, rect.y + rect.h], lines.y, reach)
  const moved = { ...rect, x: rect.x + dx, y: rect.y + dy }
  return {
    dx,
    dy,
    lines: {
      x: linesUnder([moved.x, moved.x + moved.w / 2, moved.x + moved.w], lines.x),
      y: linesUnder([moved.y, moved.y + moved.h / 2, moved.y + moved.h], lines.y),
    },
  }
}

function nearestMove(edges: number[], lines: number[], reach: number): number {
  let best = Infinity
  for (const edge of edges) {
    const at = firstNotBelow(lines, edge)
    for (const line of [lines[at - 1], lines[at]]) {
      if (line !== undefined && Math.abs(line - edge) < Math.abs(best)) best = line - edge
    }
  }
  return Math.abs(best) <= reach ? best : 0
}

const ON_LINE = 0.01

function linesUnder(edges: number[], lines: number[]): number[] {
  return edges.flatMap((edge) => {
    const at = firstNotBelow(lines, edge - ON_LINE)
    return lines[at] !== undefined && lines[at] - edge <= ON_LINE ? [lines[at]] : []
  })
}

/** Index of the first value that is at least `wanted`; `values.length` if there is none. */
function firstNotBelow(values: number[], wanted: number): number {
  let low = 0
  let high = values.length
  while (low < high) {
    const middle = (low + high) >> 1
    if (values[middle] < wanted) low = middle + 1
    else high = middle
  }
  return low
}
