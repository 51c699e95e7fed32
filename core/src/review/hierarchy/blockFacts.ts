import type { BlockFacts, JudgedBlock } from './judgedBlock'
import type { LabPlanes } from './pixels'

/** Lab distance from which a pixel stands out */
const STANDS_OUT = 10
/** the ring around a block whose commonest colour is what it stands on: a share of its shorter side, within px */
const RING = { share: 0.3, least: 4, most: 24 }
/** colours within so many units of Lab are one */
const CELL = 6
/** px at most that a picture's shorter side counts for */
const LARGEST_GRAIN = 260

/**
 * What painting tells of each block.
 * @param blocks in the order they are painted
 * @param window px the blocks are measured in
 * @param planes the same window, painted at any size
 */
export function blockFacts(
  blocks: JudgedBlock[],
  window: { width: number; height: number },
  planes: LabPlanes,
): BlockFacts[] {
  const sx = planes.width / window.width
  const sy = planes.height / window.height
  const owners = ownersOf(blocks, planes, sx, sy)
  const facts = blocks.map((block, index) =>
    factsOf(block, index, { blocks, window, planes, owners, sx, sy }),
  )
  for (const one of facts)
    one.twins = facts.reduce((sum, other) => (other === one ? sum : sum + likeness(one, other)), 0)
  return facts
}

interface Scene {
  blocks: JudgedBlock[]
  window: { width: number; height: number }
  planes: LabPlanes
  /** the block each pixel is seen of, from 1; 0 where there is none */
  owners: Uint16Array
  sx: number
  sy: number
}

interface Area {
  x0: number
  y0: number
  x1: number
  y1: number
}

function areaOf({ x, y, w, h }: JudgedBlock, { width, height }: LabPlanes, sx: number, sy: number): Area {
  return {
    x0: Math.max(0, Math.floor(x * sx)),
    y0: Math.max(0, Math.floor(y * sy)),
    x1: Math.min(width, Math.ceil((x + w) * sx)),
    y1: Math.min(height, Math.ceil((y + h) * sy)),
  }
}

function ownersOf(blocks: JudgedBlock[], planes: LabPlanes, sx: number, sy: number): Uint16Array {
  const owners = new Uint16Array(planes.width * planes.height)
  blocks.forEach((block, index) => {
    const { x0, y0, x1, y1 } = areaOf(block, planes, sx, sy)
    for (let y = y0; y < y1; y++) owners.fill(index + 1, y * planes.width + x0, y * planes.width + x1)
  })
  return owners
}

function factsOf(block: JudgedBlock, index: number, scene: Scene): BlockFacts {
  const { planes, owners, window, sx, sy } = scene
  const { l, a, b, width } = planes
  const area = areaOf(block, planes, sx, sy)
  const around = surround(area, planes)
  const distances: number[] = []
  const chromas: number[] = []
  let [count, out, sumL, sumA, sumB, jxx, jyy, jxy] = [0, 0, 0, 0, 0, 0, 0, 0]
  for (let y = area.y0; y < area.y1; y++)
    for (let x = area.x0; x < area.x1; x++) {
      const at = y * width + x
      if (owners[at] !== index + 1) continue
      const [da, db] = [a[at] - around[1], b[at] - around[2]]
      const distance = Math.hypot(l[at] - around[0], da, db)
      distances.push(distance)
      chromas.push(Math.hypot(da, db))
      count++
      if (distance > STANDS_OUT) {
        out++
        sumL += l[at]
        sumA += a[at]
        sumB += b[at]
      }
      const gx = (x + 1 < area.x1 ? l[at + 1] : l[at]) - (x > area.x0 ? l[at - 1] : l[at])
      const gy = (y + 1 < area.y1 ? l[at + width] : l[at]) - (y > area.y0 ? l[at - width] : l[at])
      jxx += gx * gx
      jyy += gy * gy
      jxy += gx * gy
    }
  const energy = jxx + jyy || 1
  return {
    ...{ key: block.key, name: block.name, kind: block.kind },
    area: block.w * block.h,
    grain: grainOf(block, out / (sx * sy)),
    ink: strongest(distances),
    chroma: strongest(chromas),
    coverage: out / (count || 1),
    middle: { x: (block.x + block.w / 2) / window.width, y: (block.y + block.h / 2) / window.height },
    colour: out ? [sumL / out, sumA / out, sumB / out] : around,
    grainWay: [(jxx - jyy) / energy, (2 * jxy) / energy],
    gap: gapOf(block, scene.blocks),
    size: block.size ?? 0,
    weight: block.weight ?? 400,
    twins: 0,
  }
}

/** The commonest colour around a block. */
function surround({ x0, y0, x1, y1 }: Area, { width, height, l, a, b }: LabPlanes): [number, number, number] {
  const shorter = Math.min(x1 - x0, y1 - y0)
  const ring = Math.round(Math.max(RING.least, Math.min(RING.most, RING.share * shorter)))
  const cells = new Map<number, [count: number, l: number, a: number, b: number]>()
  const put = (at: number) => {
    const key =
      (Math.round(l[at] / CELL) << 16) |
      ((Math.round(a[at] / CELL) + 64) << 8) |
      (Math.round(b[at] / CELL) + 64)
    const cell = cells.get(key)
    if (!cell) return void cells.set(key, [1, l[at], a[at], b[at]])
    cell[0]++
    cell[1] += l[at]
    cell[2] += a[at]
    cell[3] += b[at]
  }
  for (let y = Math.max(0, y0 - ring); y < Math.min(height, y1 + ring); y++)
    for (let x = Math.max(0, x0 - ring); x < Math.min(width, x1 + ring); x++) {
      const isInside = x >= x0 - 1 && x <= x1 && y >= y0 - 1 && y <= y1
      if (!isInside) put(y * width + x)
    }
  // A block as large as the window has nothing around it but itself.
  if (cells.size === 0) for (let at = 0; at < width * height; at += 7) put(at)
  let most: [number, number, number, number] = [0, 0, 0, 0]
  for (const cell of cells.values()) if (cell[0] > most[0]) most = cell
  const [count, sumL, sumA, sumB] = most
  return count ? [sumL / count, sumA / count, sumB / count] : [100, 0, 0]
}

/** The mean of the highest tenth. */
function strongest(values: number[]): number {
  const count = Math.max(1, Math.round(values.length * 0.1))
  const highest = values.sort((one, other) => other - one).slice(0, count)
  return highest.reduce((sum, value) => sum + value, 0) / count
}

function grainOf({ kind, w, h, size = 16, weight = 400 }: JudgedBlock, inkArea: number): number {
  if (kind === 'text') return size * (0.75 + 0.25 * ((weight - 400) / 300))
  return kind === 'shape' ? Math.sqrt(Math.max(1, inkArea)) : Math.min(w, h, LARGEST_GRAIN)
}

/** px of gap where a block stands alone */
const ALONE = 200

function gapOf(block: JudgedBlock, blocks: JudgedBlock[]): number {
  let gap = Infinity
  for (const other of blocks) {
    const dx = Math.max(0, other.x - block.x - block.w, block.x - other.x - other.w)
    const dy = Math.max(0, other.y - block.y - block.h, block.y - other.y - other.h)
    if (other !== block && (dx > 0 || dy > 0)) gap = Math.min(gap, Math.hypot(dx, dy))
  }
  return gap === Infinity ? ALONE : gap
}

/** How like two blocks are, 0 to 1. The scales were fitted on displays of odd ones out and on pages. */
function likeness(one: BlockFacts, other: BlockFacts): number {
  const square = (value: number) => value * value
  const colour = one.colour.reduce((sum, value, axis) => sum + square((value - other.colour[axis]) / 18), 0)
  const way = one.grainWay.reduce((sum, value, axis) => sum + square((value - other.grainWay[axis]) / 0.5), 0)
  const apart =
    square(Math.log(one.grain / other.grain) / 0.35) +
    colour +
    way +
    square(Math.log((one.coverage + 0.02) / (other.coverage + 0.02)) / 0.5) +
    square(Math.log((one.gap + 8) / (other.gap + 8))) +
    (one.kind === other.kind ? 0 : 4)
  return Math.exp(-apart / 4)
}
