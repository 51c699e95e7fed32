import { z } from 'zod'
import { evenStops, type ColourStop } from '../../colour/gradientStops'
import { alphaOf, opaque, withAlpha } from '../../colour/spaces'
import { leaf } from '../../document/leafTable'
import { cssPercent } from '../../units/length'
import type { Frame, LinearGradient, Mark, RadialGradient, Stop } from '../../vector/mark'
import { colourSchema, type Colour } from '../colourSchema'
import { defineLook, type PaintRoom, type Tokens } from '../look'

const share = z.number().min(0).max(1)
const stops = z
  .array(z.strictObject({ at: share, colour: colourSchema, strength: share.optional() }))
  .min(2, 'a gradient has two colours at least')
  .max(12)
const gradientSchema = leaf(
  z.union([
    /** degrees clockwise from upwards, as CSS has them */
    z.strictObject({ type: z.literal('linear'), angle: z.number().min(-360).max(360), stops }),
    z.strictObject({ type: z.literal('radial'), centre: z.strictObject({ x: share, y: share }), stops }),
    z.literal('none'),
  ]),
)

export type WrittenGradient = Exclude<z.infer<typeof gradientSchema>, 'none'>

type Shape = { type: 'linear'; angle: number } | { type: 'radial'; centre: { x: number; y: number } }
/** A gradient with its colours found. */
export type Gradient = Shape & { stops: ColourStop[] }

/** Colours that turn into one another over a block, above its ground and its picture. */
export const gradient = defineLook<z.infer<typeof gradientSchema>, Gradient | undefined>({
  schema: gradientSchema,
  initial: undefined,
  resolve: (written, tokens) => {
    if (written === 'none') return undefined
    const found = written.stops.map(({ at, colour, strength }) => ({
      at,
      colour: fadedColour(colour, strength, tokens),
    }))
    return { ...written, stops: evenStops(found) }
  },
  css: (shown) => [
    ['background-image', shown ? gradientCss(shown) : 'none'],
    ['background-origin', shown ? 'border-box' : 'padding-box'],
  ],
  paint: (shown, room) => {
    if (!shown) return []
    const { x, y, width, height, radius } = room
    const outline = { type: 'rect' as const, x, y, width, height, radius }
    return [{ type: 'shape', outline, fill: inFrame(inRoom(shown, room), room) }] satisfies Mark[]
  },
  recoloured: (shown, colour) =>
    shown && {
      ...shown,
      stops: shown.stops.map((stop) => ({ ...stop, colour: shownAs(stop.colour, colour) })),
    },
  on: ['blocks'],
  fields: [
    {
      group: 'looks',
      label: 'gradient over it',
      path: ['look', 'gradient'],
      isRare: true,
      control: { type: 'gradient' },
    },
  ],
})

function fadedColour(colour: Colour, strength: number | undefined, tokens: Tokens): string {
  const hex = tokens.colour(colour)
  if (hex === undefined) return '#00000000'
  // A colour that is only named, for those who count tokens, has no opacity.
  return strength === undefined || !hex.startsWith('#') ? hex : withAlpha(opaque(hex), strength)
}

/** A colour in a finish, its opacity kept. */
const shownAs = (hex: string, colour: PaintRoom['colour']) =>
  withAlpha(colour(opaque(hex), 'ground'), alphaOf(hex))

const inRoom = (shown: Gradient, room: PaintRoom): Gradient => ({
  ...shown,
  stops: shown.stops.map((stop) => ({ ...stop, colour: shownAs(stop.colour, room.colour) })),
})

function gradientCss(shown: Gradient): string {
  const list = shown.stops.map(({ at, colour }) => `${colour} ${cssPercent(at)}`).join(', ')
  if (shown.type === 'linear') return `linear-gradient(${shown.angle}deg, ${list})`
  const { x, y } = shown.centre
  return `radial-gradient(farthest-corner at ${cssPercent(x)} ${cssPercent(y)}, ${list})`
}

const markStop = ({ at, colour }: ColourStop): Stop => ({
  at,
  colour: opaque(colour),
  ...(alphaOf(colour) < 1 && { opacity: alphaOf(colour) }),
})

/**
 * A gradient as it lies over a frame, px: a line through the middle as long as the corners reach (CSS Images 3, section
 * 3.1.1), or an ellipse as wide and high as the farthest sides are away, made larger to the farthest corner (3.2.1).
 */
export function inFrame(shown: Gradient, { x, y, width, height }: Frame): LinearGradient | RadialGradient {
  const colours = shown.stops.map(markStop)
  if (shown.type === 'linear') {
    const radians = (shown.angle * Math.PI) / 180
    const [across, up] = [Math.sin(radians), Math.cos(radians)]
    const half = (Math.abs(width * across) + Math.abs(height * up)) / 2
    const [cx, cy] = [x + width / 2, y + height / 2]
    return {
      type: 'linear',
      from: { x: cx - across * half, y: cy + up * half },
      to: { x: cx + across * half, y: cy - up * half },
      stops: colours,
    }
  }
  const { centre } = shown
  const farthest = {
    x: width * Math.max(centre.x, 1 - centre.x),
    y: height * Math.max(centre.y, 1 - centre.y),
  }
  return {
    type: 'radial',
    centre: { x: x + width * centre.x, y: y + height * centre.y },
    radius: { x: farthest.x * Math.SQRT2, y: farthest.y * Math.SQRT2 },
    stops: colours,
  }
}
