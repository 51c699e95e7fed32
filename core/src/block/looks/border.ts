import { z } from 'zod'
import { leaf } from '../../document/leafTable'
import { cssLength, type WrittenLength } from '../../units/length'
import { colourSchema } from '../colourSchema'
import { nonNegativeLength } from '../lengthSchema'
import { pathMark, type Mark } from '../../vector/mark'
import { innerRadii, roundedRectPath } from '../../vector/roundedRect'
import type { Field } from '../field'
import { defineLook, type PaintRoom, type Tokens } from '../look'
import { sides, SIDES } from '../sides'
import { INK } from './textColour'

const edge = leaf(
  z.strictObject({
    width: nonNegativeLength,
    line: z.enum(['solid', 'dashed', 'dotted']),
    colour: colourSchema,
  }),
)
const borderSchema = sides(z.union([edge, z.literal('none')]))

export type Edge = z.infer<typeof edge>

/** A side of a border with its colour found. */
export interface BorderSide {
  width: WrittenLength
  line: Edge['line']
  colour: string
}

/** top, right, bottom, left */
export type Border = [BorderSide?, BorderSide?, BorderSide?, BorderSide?]

const [first, ...others] = SIDES.map((side) => ['look', 'border', side])

/** Lines at the edges of a block, each side its own. */
export const border = defineLook<z.infer<typeof borderSchema>, Border>({
  schema: borderSchema,
  initial: [undefined, undefined, undefined, undefined],
  resolve: (written, tokens) => SIDES.map((side) => sideOf(written[side], tokens)) as Border,
  css: (border) => SIDES.map((side, index) => [`border-${side}`, sideCss(border[index])]),
  paint: borderMarks,
  recoloured: (border, shown) =>
    border.map((side) => side && { ...side, colour: shown(side.colour, 'line') }) as Border,
  fields: [
    {
      group: 'looks',
      label: 'line all round',
      path: first,
      also: others,
      isRare: true,
      isShortcut: true,
      control: { type: 'edge' },
    },
    ...SIDES.map((side): Field => ({
      group: 'looks',
      label: `line ${side}`,
      path: ['look', 'border', side],
      isRare: true,
      control: { type: 'edge' },
    })),
  ],
})

function sideOf(edge: Edge | 'none' | undefined, tokens: Tokens): BorderSide | undefined {
  if (edge === undefined || edge === 'none') return undefined
  return { width: tokens.length(edge.width), line: edge.line, colour: tokens.colour(edge.colour) ?? INK }
}

/** Whether a border goes all round in one solid colour. */
function isRing(border: Border): boolean {
  const [first, ...others] = border
  const isAlike = others.every((side) => side && side.line === first?.line && side.colour === first.colour)
  return first?.line === 'solid' && isAlike
}

function borderMarks(border: Border, room: PaintRoom): Mark[] {
  if (border[0] && isRing(border)) return [ring(room.colour(border[0].colour, 'line'), room)]
  return border.flatMap((side, index) =>
    side && room.border[index] > 0 ? [sideMark(side, index, room)] : [],
  )
}

/** A border alike at all sides: a stroke in its middle where that gives its corners, else its outline less the inner one. */
function ring(colour: string, room: PaintRoom): Mark {
  const { border, radius } = room
  const [width] = border
  const isEven = border.every((side) => side === width)
  if (isEven && radius.every((one) => one === 0 || one >= width)) {
    const inset = radius.map((one) => Math.max(0, one - width / 2)) as PaintRoom['radius']
    return { type: 'shape', outline: insetBy(room, 0.5, inset), stroke: { colour, width } }
  }
  const inner = insetBy(room, 1, innerRadii(radius, border))
  const hole = roundedRectPath(inner, inner.radius)
  const d = `${roundedRectPath(room, radius)}${hole}`
  return { type: 'shape', outline: { type: 'path', d, rule: 'evenodd' }, fill: colour }
}

/** A block's outline moved inwards by a share of its border's widths. */
function insetBy({ x, y, width, height, border }: PaintRoom, share: number, radius: PaintRoom['radius']) {
  const [top, right, bottom, left] = border.map((side) => side * share)
  return {
    type: 'rect' as const,
    x: x + left,
    y: y + top,
    width: Math.max(0, width - left - right),
    height: Math.max(0, height - top - bottom),
    radius,
  }
}

/** One side as a line in the middle of its strip, from corner to corner; dashes and dots as browsers draw them. */
function sideMark(
  { line, colour }: BorderSide,
  side: number,
  { x, y, width, height, border, colour: shown }: PaintRoom,
) {
  const thick = border[side]
  const at =
    side === 0
      ? y + thick / 2
      : side === 2
        ? y + height - thick / 2
        : side === 1
          ? x + width - thick / 2
          : x + thick / 2
  const isAcross = side === 0 || side === 2
  const d = isAcross ? `M${x} ${at}H${x + width}` : `M${at} ${y}V${y + height}`
  return pathMark(d, {
    colour: shown(colour, 'line'),
    width: thick,
    dashes: line === 'solid' ? undefined : dashesAlong(isAcross ? width : height, thick, line),
  })
}

/**
 * Dashes and gaps of a side, px, so that it ends in whole ones: two widths long and one apart (three and two where it is
 * thinner than 3 px), dots as long as they are wide, the gap made longer or shorter. As Chromium draws them.
 */
function dashesAlong(length: number, thick: number, line: 'dashed' | 'dotted'): number[] | undefined {
  const dash = line === 'dotted' ? thick : thick < 3 ? 3 * thick : 2 * thick
  const gap = line === 'dotted' ? thick : thick < 3 ? 2 * thick : thick
  if (length < 2 * dash) return undefined
  if (length < 2 * dash + gap) return [dash, gap].map((part) => (part * length) / (2 * dash + gap))
  const few = Math.floor((length + gap) / (dash + gap))
  const gapOf = (count: number) => (length - count * dash) / (count - 1)
  const [wide, narrow] = [gapOf(few), gapOf(few + 1)]
  return [dash, narrow <= 0 || Math.abs(wide - gap) < Math.abs(narrow - gap) ? wide : narrow]
}

const sideCss = (side: BorderSide | undefined) =>
  side ? `${cssLength(side.width)} ${side.line} ${side.colour}` : '0 solid'
