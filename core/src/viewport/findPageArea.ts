/** A picture as its pixels: red, green, blue and opacity of each, row by row. */
export interface Pixels {
  width: number
  height: number
  data: Uint8ClampedArray | Uint8Array
}

export interface Area {
  x: number
  y: number
  width: number
  height: number
}

const COARSE = 900
const NEAR = 10
const CANDIDATES = 4

/**
 * The page's area in a picture of a browser's window: the largest rectangle of one colour, as an empty page shows it.
 * It is looked for on a coarse copy (largest rectangle under a histogram, row by row) and its sides are then moved to
 * the pixel. Takes time in proportion to the picture's pixels.
 * @returns the area in px of the picture; nothing where no colour fills a tenth of it
 */
export function findPageArea(pixels: Pixels): Area | undefined {
  const step = Math.max(1, Math.ceil(Math.max(pixels.width, pixels.height) / COARSE))
  const columns = Math.floor(pixels.width / step)
  const rows = Math.floor(pixels.height / step)
  let best: { area: Area; colour: number } | undefined
  for (const colour of commonColours(pixels, step)) {
    const area = largestRectangle(columns, rows, (x, y) => isNear(pixels, x * step, y * step, colour))
    if (area && (!best || area.width * area.height > best.area.width * best.area.height))
      best = { area, colour }
  }
  if (!best || best.area.width * best.area.height < (columns * rows) / 10) return undefined
  const { x, y, width, height } = best.area
  return settled(
    pixels,
    { x: x * step, y: y * step, width: (width - 1) * step + 1, height: (height - 1) * step + 1 },
    best.colour,
  )
}

function commonColours({ width, height, data }: Pixels, step: number): number[] {
  const counts = new Map<number, number>()
  for (let y = 0; y < height; y += step * 2) {
    for (let x = 0; x < width; x += step * 2) {
      const at = (y * width + x) * 4
      const colour = (data[at] << 16) | (data[at + 1] << 8) | data[at + 2]
      counts.set(colour, (counts.get(colour) ?? 0) + 1)
    }
  }
  return [...counts]
    .sort((a, b) => b[1] - a[1])
    .slice(0, CANDIDATES)
    .map(([colour]) => colour)
}

function isNear({ width, data }: Pixels, x: number, y: number, colour: number): boolean {
  const at = (y * width + x) * 4
  return (
    Math.abs(data[at] - (colour >> 16)) <= NEAR &&
    Math.abs(data[at + 1] - ((colour >> 8) & 255)) <= NEAR &&
    Math.abs(data[at + 2] - (colour & 255)) <= NEAR
  )
}

/** The largest rectangle of cells that are true, by the heights of runs above each row. */
function largestRectangle(
  columns: number,
  rows: number,
  isIn: (x: number, y: number) => boolean,
): Area | undefined {
  const heights = new Int32Array(columns + 1)
  let best: Area | undefined
  let most = 0
  for (let y = 0; y < rows; y++) {
    for (let x = 0; x < columns; x++) heights[x] = isIn(x, y) ? heights[x] + 1 : 0
    const open: number[] = []
    for (let x = 0; x <= columns; x++) {
      while (open.length && heights[open[open.length - 1]] >= heights[x]) {
        const height = heights[open.pop() as number]
        const start = open.length ? open[open.length - 1] + 1 : 0
        if (height * (x - start) <= most) continue
        most = height * (x - start)
        best = { x: start, y: y - height + 1, width: x - start, height }
      }
      open.push(x)
    }
  }
  return best
}

/** Moves each side out to the last line of the same colour, in full pixels. */
function settled(pixels: Pixels, { x, y, width, height }: Area, colour: number): Area {
  let [left, top, right, bottom] = [x, y, x + width - 1, y + height - 1]
  const across = (row: number) => lineIsNear(pixels, left, row, right - left + 1, 1, 0, colour)
  const down = (column: number) => lineIsNear(pixels, column, top, bottom - top + 1, 0, 1, colour)
  while (top > 0 && across(top - 1)) top--
  while (bottom < pixels.height - 1 && across(bottom + 1)) bottom++
  while (left > 0 && down(left - 1)) left--
  while (right < pixels.width - 1 && down(right + 1)) right++
  return { x: left, y: top, width: right - left + 1, height: bottom - top + 1 }
}

function lineIsNear(
  pixels: Pixels,
  x: number,
  y: number,
  count: number,
  dx: number,
  dy: number,
  colour: number,
): boolean {
  for (let index = 0; index < count; index++)
    if (!isNear(pixels, x + index * dx, y + index * dy, colour)) return false
  return true
}
