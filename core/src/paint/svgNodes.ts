import type { Attributes } from '../text/elementWriter'
import type {
  Filter,
  FilterStep,
  Group,
  Image,
  LinearGradient,
  Mark,
  Outline,
  Paint,
  RadialGradient,
  Shape,
  Stop,
  Words,
} from '../vector/mark'
import { roundedRectPath } from '../vector/roundedRect'

/** An SVG element as plain data, for whoever writes it: as text, or into a page. */
export interface SvgNode {
  tag: string
  attributes: Attributes
  nodes?: SvgNode[]
  text?: string
  key?: string
}

/** Gives an id that nothing else in the same page has. */
export type NewId = () => string

/** Ids that begin alike and are counted. */
export function countedIds(prefix: string): NewId {
  let count = 0
  return () => `${prefix}${++count}`
}

/** A mark as SVG elements; what it refers to, such as a gradient, stands before it. */
export function svgNodes(mark: Mark, newId: NewId): SvgNode[] {
  switch (mark.type) {
    case 'group':
      return groupNodes(mark, newId)
    case 'shape':
      return shapeNodes(mark, newId)
    case 'words':
      return [wordsNode(mark)]
    case 'image':
      return [imageNode(mark)]
  }
}

function groupNodes(group: Group, newId: NewId): SvgNode[] {
  const inside = group.marks.flatMap((mark) => svgNodes(mark, newId))
  return groupAround(group, inside, newId)
}

/** The element of a group around what stands in it, however that was made. */
export function groupAround(group: Group, nodes: SvgNode[], newId: NewId): SvgNode[] {
  const { key, transform, clip, opacity, filter, blend, isApart } = group
  const attributes: Attributes = {}
  const before: SvgNode[] = []
  const refer = (node: SvgNode) => {
    const id = newId()
    before.push({ ...node, attributes: { id, ...node.attributes } })
    return `url(#${id})`
  }
  if (transform) attributes.transform = transformText(transform)
  if (opacity !== undefined && opacity !== 1) attributes.opacity = opacity
  // A clip counts in the group's own place: it stands inside, where the group's transform has been applied.
  if (clip) attributes['clip-path'] = refer({ tag: 'clipPath', attributes: {}, nodes: [outlineNode(clip)] })
  if (filter) attributes.filter = refer(filterNode(filter))
  // No attributes of SVG: they are known as styles only.
  if (blend) attributes.style = `mix-blend-mode:${blend}`
  else if (isApart) attributes.style = 'isolation:isolate'
  return [...before, { tag: 'g', attributes, nodes, key }]
}

function transformText([a, b, c, d, e, f]: NonNullable<Group['transform']>): string {
  const isMove = a === 1 && b === 0 && c === 0 && d === 1
  return isMove ? `translate(${e} ${f})` : `matrix(${a} ${b} ${c} ${d} ${e} ${f})`
}

function outlineNode(outline: Outline): SvgNode {
  if (outline.type === 'path')
    return { tag: 'path', attributes: { d: outline.d, 'fill-rule': outline.rule, 'clip-rule': outline.rule } }
  const { x, y, width, height, radius } = outline
  if (!radius?.some(Boolean)) return { tag: 'rect', attributes: { x, y, width, height } }
  return { tag: 'path', attributes: { d: roundedRectPath(outline, radius) } }
}

function shapeNodes({ outline, fill, stroke }: Shape, newId: NewId): SvgNode[] {
  const before: SvgNode[] = []
  const node = outlineNode(outline)
  node.attributes.fill = fill === undefined ? 'none' : paintText(fill, before, newId)
  if (stroke) {
    node.attributes.stroke = stroke.colour
    node.attributes['stroke-width'] = stroke.width
    if (stroke.dashes) node.attributes['stroke-dasharray'] = stroke.dashes.join(' ')
    if (stroke.isRound)
      Object.assign(node.attributes, { 'stroke-linecap': 'round', 'stroke-linejoin': 'round' })
    if (stroke.opacity !== undefined) node.attributes['stroke-opacity'] = stroke.opacity
  }
  return [...before, node]
}

/** A paint as an attribute's value; what it refers to is put before. */
function paintText(paint: Paint, before: SvgNode[], newId: NewId): string {
  if (typeof paint === 'string') return paint
  const node = paint.type === 'hatch' ? hatchNode(paint) : gradientNode(paint)
  const id = newId()
  before.push({ ...node, attributes: { id, ...node.attributes } })
  return `url(#${id})`
}

function gradientNode(gradient: LinearGradient | RadialGradient): SvgNode {
  const nodes = gradient.stops.map(stopNode)
  const gradientUnits = 'userSpaceOnUse'
  if (gradient.type === 'linear') {
    const { from, to } = gradient
    const line = { x1: from.x, y1: from.y, x2: to.x, y2: to.y }
    return { tag: 'linearGradient', attributes: { gradientUnits, ...line }, nodes }
  }
  const { centre, radius } = gradient
  const gradientTransform = `matrix(${radius.x} 0 0 ${radius.y} ${centre.x} ${centre.y})`
  return {
    tag: 'radialGradient',
    attributes: { gradientUnits, cx: 0, cy: 0, r: 1, gradientTransform },
    nodes,
  }
}

const stopNode = ({ at, colour, opacity }: Stop): SvgNode => ({
  tag: 'stop',
  attributes: { offset: at, 'stop-color': colour, 'stop-opacity': opacity },
})

function hatchNode({ colour, width, step }: Extract<Paint, { type: 'hatch' }>): SvgNode {
  const line = { d: `M0 ${step}L${step} 0`, stroke: colour, 'stroke-width': width }
  return {
    tag: 'pattern',
    attributes: { width: step, height: step, patternUnits: 'userSpaceOnUse' },
    nodes: [{ tag: 'path', attributes: line }],
  }
}

function filterNode({ steps, region }: Filter): SvgNode {
  return {
    tag: 'filter',
    attributes: { filterUnits: 'userSpaceOnUse', ...region, 'color-interpolation-filters': 'sRGB' },
    nodes: steps.map(stepNode),
  }
}

function stepNode(step: FilterStep): SvgNode {
  switch (step.type) {
    case 'blur':
      return { tag: 'feGaussianBlur', attributes: { stdDeviation: step.deviation } }
    case 'matrix':
      return { tag: 'feColorMatrix', attributes: { type: 'matrix', values: step.values.join(' ') } }
    case 'table':
      return {
        tag: 'feComponentTransfer',
        attributes: {},
        nodes: [
          tableNode('feFuncR', step.red),
          tableNode('feFuncG', step.green),
          tableNode('feFuncB', step.blue),
        ],
      }
  }
}

const tableNode = (tag: string, values: number[]): SvgNode => ({
  tag,
  attributes: { type: 'table', tableValues: values.join(' ') },
})

function wordsNode({ x, y, text, family, size, weight, italic, colour, spacing }: Words): SvgNode {
  const font = { 'font-family': family, 'font-size': size, 'font-weight': weight }
  return {
    tag: 'text',
    attributes: {
      x,
      y,
      ...font,
      'font-style': italic ? 'italic' : undefined,
      'letter-spacing': spacing || undefined,
      fill: colour,
    },
    text,
  }
}

const ASPECT = { cover: 'xMidYMid slice', contain: 'xMidYMid meet', stretch: 'none' }

function imageNode({ x, y, width, height, href, fit }: Image): SvgNode {
  const preserveAspectRatio = ASPECT[fit]
  return { tag: 'image', attributes: { x, y, width, height, href, preserveAspectRatio } }
}
