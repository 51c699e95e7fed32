import type { Block } from '../block/block'
import { readColour } from '../colour/readColour'
import type { Transform } from '../vector/mark'
import { pathBounds, transformedPath } from '../vector/pathShape'
import { roundedRectPath } from '../vector/roundedRect'
import { px } from '../units/length'
import { readXml } from './xmlElements'

/** A drawing that was read as blocks: a box and what stands in it, without the place of the box. */
export interface SvgBlocks {
  blocks: Block[]
  /** elements that are no blocks, by name, with how many of each were left out */
  left: Record<string, number>
}

/** What a block may be made of at most; a drawing with more stays a picture. */
const MOST_BLOCKS = 2000
const MOST_DEPTH = 60
const TEXT_SIZE = 16

interface Painted {
  fill: string
  stroke: string
  strokeWidth: number
  opacity: number
  size: number
}
interface Open {
  /** the block what stands in it goes into */
  parent: string
  transform: Transform
  painted: Painted
  count: number
}

const IDENTITY: Transform = [1, 0, 0, 1, 0, 0]
const BLACK: Painted = { fill: '#000000', stroke: 'none', strokeWidth: 1, opacity: 1, size: TEXT_SIZE }
/** Elements whose content is not drawn where it stands. */
const UNSEEN = new Set([
  'defs',
  'clipPath',
  'mask',
  'symbol',
  'pattern',
  'filter',
  'marker',
  'metadata',
  'style',
  'title',
  'desc',
  'linearGradient',
  'radialGradient',
])

/**
 * A cleaned SVG as editable blocks: groups as boxes, forms and paths as shapes, texts as texts, with the names they had.
 * What is neither stays behind and is counted.
 * @param newId ids of blocks
 * @throws Error for what is no SVG, or has more than 2,000 forms
 */
export function svgBlocks(svg: string, name: string, newId: () => string): SvgBlocks {
  const blocks: Block[] = []
  const left: Record<string, number> = {}
  const open: Open[] = []
  let unseen = 0
  let text: { block: Block; says: string } | undefined

  const put = (into: Open, block: Omit<Block, 'id' | 'order'>): Block => {
    if (blocks.length >= MOST_BLOCKS)
      throw new Error(`This drawing has more than ${MOST_BLOCKS} forms. Keep it as a picture.`)
    const order = `a${String(into.count++).padStart(5, '0')}`
    const made = { ...block, id: newId(), order, ...(into.parent && { parent: into.parent }) } as Block
    blocks.push(made)
    return made
  }

  function begin(tag: string, of: Attributes) {
    if (unseen || UNSEEN.has(tag)) return void unseen++
    const around = open.at(-1)
    if (!around) {
      if (tag !== 'svg') throw new Error('This file is no SVG drawing.')
      return void open.push(root(of))
    }
    const painted = paintedBy(of, around.painted)
    const transform = multiplied(around.transform, transformOf(of.transform))
    const inside: Open = { ...around, painted, transform, count: 0 }
    if (tag === 'g' || tag === 'a' || tag === 'svg') {
      if (open.length > MOST_DEPTH) throw new Error('This drawing is nested too deep. Keep it as a picture.')
      const box = put(around, boxOf(nameOf(of, 'Group'), around, size))
      return void open.push({ ...inside, parent: box.id })
    }
    open.push(inside)
    if (tag === 'text') {
      const block = put(around, textOf(of, transform, painted))
      text = { block, says: '' }
      return
    }
    if (tag === 'tspan') return
    const d = pathOf(tag, of)
    const shape = d === undefined ? undefined : shapeOf(d, of, transform, painted)
    if (shape) put(around, shape)
    else left[tag] = (left[tag] ?? 0) + 1
  }

  let size = { width: 300, height: 150 }
  function root(of: Attributes): Open {
    const box = (of.viewBox ?? '')
      .trim()
      .split(/[\s,]+/)
      .map(Number)
    const [x, y, w, h] =
      box.length === 4 && box.every(Number.isFinite)
        ? box
        : [0, 0, numberOf(of.width) ?? 300, numberOf(of.height) ?? 150]
    const width = numberOf(of.width) ?? w
    const height = numberOf(of.height) ?? h
    size = { width: Math.max(1, width), height: Math.max(1, height) }
    const holder: Open = { parent: '', transform: IDENTITY, painted: BLACK, count: 0 }
    const made = put(holder, boxOf(name, holder, size))
    const scale: Transform = [size.width / Math.max(w, 1e-6), 0, 0, size.height / Math.max(h, 1e-6), 0, 0]
    return {
      ...holder,
      parent: made.id,
      transform: multiplied(scale, [1, 0, 0, 1, -x, -y]),
      painted: paintedBy(of, BLACK),
    }
  }

  readXml(svg, {
    open: begin,
    text: (said) => {
      if (text && !unseen) text.says += said
    },
    close: (tag) => {
      if (unseen) return void unseen--
      if (tag === 'text' && text) {
        const words = text.says.replace(/\s+/g, ' ').trim()
        if (words) text.block.text = [{ insert: words }]
        else blocks.splice(blocks.indexOf(text.block), 1)
        text = undefined
      }
      open.pop()
    },
  })
  return { blocks, left }
}

type Attributes = Record<string, string | undefined>

const nameOf = (of: Attributes, usual: string): string =>
  (of['data-name'] ?? of['inkscape:label'] ?? of.id ?? usual).slice(0, 200)

/** A box in which everything keeps its place. */
function boxOf(
  name: string,
  { parent }: Open,
  size: { width: number; height: number },
): Omit<Block, 'id' | 'order'> {
  return {
    ...{ kind: 'box', name },
    arrange: { type: 'placed' },
    place: {
      ...{ width: px(size.width), height: px(size.height) },
      ...(parent && { offset: { left: px(0), top: px(0) } }),
    },
  }
}

function shapeOf(
  d: string,
  of: Attributes,
  transform: Transform,
  { fill, stroke, strokeWidth, opacity }: Painted,
): Omit<Block, 'id' | 'order'> | undefined {
  const placed = transformedPath(d, transform)
  const bounds = pathBounds(placed)
  if (!bounds || (fill === 'none' && stroke === 'none')) return undefined
  const [width, height] = [Math.max(0.5, hundredth(bounds.width)), Math.max(0.5, hundredth(bounds.height))]
  const thick = strokeWidth * Math.sqrt(Math.abs(transform[0] * transform[3] - transform[1] * transform[2]))
  return {
    ...{ kind: 'shape', name: nameOf(of, 'Shape') },
    data: {
      ...{ form: 'path', width, height },
      path: transformedPath(placed, [1, 0, 0, 1, -bounds.x, -bounds.y]),
    },
    place: {
      ...{ width: px(width), height: px(height) },
      offset: { left: px(hundredth(bounds.x)), top: px(hundredth(bounds.y)) },
    },
    look: {
      inside: fill === 'none' ? 'none' : { hex: fill },
      ...(stroke !== 'none' &&
        thick > 0 && { outline: { width: px(hundredth(thick)), colour: { hex: stroke } } }),
      ...(opacity < 1 && { opacity }),
    },
  }
}

function textOf(of: Attributes, transform: Transform, { fill, size }: Painted): Omit<Block, 'id' | 'order'> {
  const [x, y] = moved(transform, numberOf(of.x) ?? 0, numberOf(of.y) ?? 0)
  // A text stands on its baseline; a block hangs from its top.
  const top = y - size * Math.abs(transform[3])
  return {
    ...{ kind: 'text', tag: 'div', name: nameOf(of, 'Text') },
    place: { width: 'fit', offset: { left: px(hundredth(x)), top: px(hundredth(top)) } },
    look: fill === 'none' ? {} : { colour: { hex: fill } },
  }
}

/** What an element draws, as path data; nothing for one that draws nothing we know. */
function pathOf(tag: string, of: Attributes): string | undefined {
  const number = (attribute: string) => numberOf(of[attribute]) ?? 0
  switch (tag) {
    case 'path':
      return of.d
    case 'rect': {
      const [x, y, width, height] = ['x', 'y', 'width', 'height'].map(number)
      const round = Math.max(number('rx'), number('ry'))
      return roundedRectPath({ x, y, width, height }, [round, round, round, round])
    }
    case 'circle':
      return ellipse(number('cx'), number('cy'), number('r'), number('r'))
    case 'ellipse':
      return ellipse(number('cx'), number('cy'), number('rx'), number('ry'))
    case 'line':
      return `M${number('x1')} ${number('y1')}L${number('x2')} ${number('y2')}`
    case 'polyline':
    case 'polygon': {
      const points = (of.points ?? '').trim()
      return points && `M${points}${tag === 'polygon' ? 'Z' : ''}`
    }
    default:
      return undefined
  }
}

const ellipse = (cx: number, cy: number, rx: number, ry: number) =>
  `M${cx - rx} ${cy}A${rx} ${ry} 0 1 1 ${cx + rx} ${cy}A${rx} ${ry} 0 1 1 ${cx - rx} ${cy}Z`

function paintedBy(of: Attributes, around: Painted): Painted {
  const styles = Object.fromEntries(
    (of.style ?? '').split(';').map((one) => one.split(':').map((part) => part.trim()) as [string, string]),
  )
  const said = (property: string) => styles[property] ?? of[property]
  const colour = (property: 'fill' | 'stroke') => {
    const written = said(property)
    if (written === undefined || written === 'inherit') return around[property]
    if (written === 'none' || written === 'transparent') return 'none'
    const read = readColour(written)
    return 'hex' in read ? read.hex : around[property] === 'none' ? '#808080' : around[property]
  }
  return {
    fill: colour('fill'),
    stroke: colour('stroke'),
    strokeWidth: numberOf(said('stroke-width')) ?? around.strokeWidth,
    opacity: Math.min(1, Math.max(0, (numberOf(said('opacity')) ?? 1) * around.opacity)),
    size: numberOf(said('font-size')) ?? around.size,
  }
}

function numberOf(written: string | undefined): number | undefined {
  const value = Number.parseFloat(written ?? '')
  return Number.isFinite(value) && !written?.endsWith('%') ? value : undefined
}

/** A list of transforms as one. @see SVG 2, section 8.5 */
function transformOf(written: string | undefined): Transform {
  let result = IDENTITY
  for (const [, name, list] of (written ?? '').matchAll(/([a-zA-Z]{4,10}) ?\(([^()]*)\)/g)) {
    const v = list
      .trim()
      .split(/[\s,]+/)
      .map(Number)
    const one = oneTransform(name, v)
    if (one?.every(Number.isFinite)) result = multiplied(result, one)
  }
  return result
}

function oneTransform(name: string, v: number[]): Transform | undefined {
  const angle = ((v[0] ?? 0) * Math.PI) / 180
  switch (name) {
    case 'matrix':
      return v.length === 6 ? (v as Transform) : undefined
    case 'translate':
      return [1, 0, 0, 1, v[0], v[1] ?? 0]
    case 'scale':
      return [v[0], 0, 0, v[1] ?? v[0], 0, 0]
    case 'rotate': {
      const turn: Transform = [Math.cos(angle), Math.sin(angle), -Math.sin(angle), Math.cos(angle), 0, 0]
      if (v.length < 3) return turn
      return multiplied(multiplied([1, 0, 0, 1, v[1], v[2]], turn), [1, 0, 0, 1, -v[1], -v[2]])
    }
    case 'skewX':
      return [1, 0, Math.tan(angle), 1, 0, 0]
    case 'skewY':
      return [1, Math.tan(angle), 0, 1, 0, 0]
    default:
      return undefined
  }
}

const multiplied = (a: Transform, b: Transform): Transform => [
  a[0] * b[0] + a[2] * b[1],
  a[1] * b[0] + a[3] * b[1],
  a[0] * b[2] + a[2] * b[3],
  a[1] * b[2] + a[3] * b[3],
  a[0] * b[4] + a[2] * b[5] + a[4],
  a[1] * b[4] + a[3] * b[5] + a[5],
]
const moved = (t: Transform, x: number, y: number) => [t[0] * x + t[2] * y + t[4], t[1] * x + t[3] * y + t[5]]
const hundredth = (value: number) => Math.round(value * 100) / 100
