import { z } from 'zod'
import { alphaOf, opaque } from '../../colour/spaces'
import { idSchema } from '../../document/ids'
import { leaf } from '../../document/leafTable'
import type { Frame, Group, Mark, Outline } from '../../vector/mark'
import { innerRadii, roundedRectPath, spreadRadii } from '../../vector/roundedRect'
import { defineLook, type PaintRoom, type Tokens } from '../look'
import { shadowListSchema, type Shadow } from '../shadow'

const shadowLookSchema = leaf(
  z.union([z.strictObject({ token: idSchema }), shadowListSchema, z.literal('none')]),
)

/** A shadow with its colour found, px. */
export interface ShownShadow extends Omit<Shadow, 'colour' | 'inset'> {
  colour: string
  inset: boolean
}

const NONE: ShownShadow[] = []

/** Shadows beside a block or within it, the first on top. */
export const shadow = defineLook<z.infer<typeof shadowLookSchema>, ShownShadow[]>({
  schema: shadowLookSchema,
  initial: NONE,
  resolve: (written, tokens) => {
    if (written === 'none') return NONE
    const list = Array.isArray(written) ? written : tokens.shadows(written.token)
    return list.flatMap((one) => found(one, tokens))
  },
  css: (shadows) => [['box-shadow', shadows.length ? shadows.map(shadowCss).join(', ') : 'none']],
  paint: (shadows, room) =>
    shadows
      .filter((one) => !one.inset && room.colour(one.colour, 'shadow') !== 'none')
      .reverse()
      .map((one) => outer(one, room)),
  paintOver: (shadows, room) =>
    shadows
      .filter((one) => one.inset && room.colour(one.colour, 'shadow') !== 'none')
      .reverse()
      .map((one) => inner(one, room)),
  recoloured: (shadows, shown) =>
    shadows
      .map((one) => ({ ...one, colour: shown(one.colour, 'shadow') }))
      .filter(({ colour }) => colour !== 'none'),
  fields: [
    { group: 'looks', label: 'shadow', path: ['look', 'shadow'], isRare: true, control: { type: 'shadow' } },
  ],
})

function found({ colour, inset = false, ...rest }: Shadow, tokens: Tokens): ShownShadow[] {
  const hex = tokens.colour(colour)
  return hex ? [{ ...rest, colour: hex, inset }] : []
}

const shadowCss = ({ x, y, blur, spread, colour, inset }: ShownShadow) =>
  `${x}px ${y}px ${blur}px ${spread}px ${colour}${inset ? ' inset' : ''}`

/** Blurred and moved; seen beside the block alone, unless the block covers it anyway. */
function outer({ x, y, blur, spread, colour }: ShownShadow, room: PaintRoom): Mark {
  const { width, height, radius } = room
  const outline: Outline = {
    type: 'rect',
    x: room.x + x - spread,
    y: room.y + y - spread,
    width: Math.max(0, width + 2 * spread),
    height: Math.max(0, height + 2 * spread),
    radius: spreadRadii(room, radius, spread),
  }
  const cast = blurred([filled(outline, colour, room)], blur, outline)
  if (room.isOpaque) return cast
  const reach = 2 * (Math.abs(x) + Math.abs(y) + Math.abs(spread) + 2 * blur) + 10
  const around = {
    x: room.x - reach,
    y: room.y - reach,
    width: width + 2 * reach,
    height: height + 2 * reach,
  }
  const d = roundedRectPath(around, [0, 0, 0, 0]) + roundedRectPath(room, radius)
  return { type: 'group', clip: { type: 'path', d, rule: 'evenodd' }, marks: [cast] }
}

/** A blurred frame around a hole, seen inside the border alone. */
function inner({ x, y, blur, spread, colour }: ShownShadow, room: PaintRoom): Mark {
  const [top, right, bottom, left] = room.border
  const inside = {
    x: room.x + left,
    y: room.y + top,
    width: Math.max(0, room.width - left - right),
    height: Math.max(0, room.height - top - bottom),
  }
  const radius = innerRadii(room.radius, room.border)
  const hole = {
    x: inside.x + x + spread,
    y: inside.y + y + spread,
    width: Math.max(0, inside.width - 2 * spread),
    height: Math.max(0, inside.height - 2 * spread),
  }
  const reach = Math.abs(x) + Math.abs(y) + Math.abs(spread) + 2 * blur + 10
  const frame = {
    x: inside.x - reach,
    y: inside.y - reach,
    width: inside.width + 2 * reach,
    height: inside.height + 2 * reach,
  }
  const d = roundedRectPath(frame, [0, 0, 0, 0]) + roundedRectPath(hole, spreadRadii(inside, radius, -spread))
  const cast = blurred([filled({ type: 'path', d, rule: 'evenodd' }, colour, room)], blur, frame)
  return { type: 'group', clip: { type: 'rect', ...inside, radius }, marks: [cast] }
}

function filled(outline: Outline, colour: string, room: PaintRoom): Mark {
  const shape: Mark = { type: 'shape', outline, fill: room.colour(opaque(colour), 'shadow') }
  const alpha = alphaOf(colour)
  return alpha < 1 ? { type: 'group', opacity: alpha, marks: [shape] } : shape
}

/** A blur's standard deviation is half of what CSS says (CSS Backgrounds 3, 6.1). */
function blurred(marks: Mark[], blur: number, { x, y, width, height }: Frame): Group {
  if (blur === 0) return { type: 'group', marks }
  const reach = 1.5 * blur + 2
  const region = { x: x - reach, y: y - reach, width: width + 2 * reach, height: height + 2 * reach }
  return { type: 'group', filter: { steps: [{ type: 'blur', deviation: blur / 2 }], region }, marks }
}
