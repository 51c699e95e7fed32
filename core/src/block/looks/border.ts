import { z } from 'zod'
import { leaf } from '../../document/leafTable'
import { cssLength, type WrittenLength } from '../../units/length'
import { colourSchema } from '../colourSchema'
import { nonNegativeLength } from '../lengthSchema'
import { defineLook, type Tokens } from '../look'
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

/** Lines at the edges of a block, each side its own. */
export const border = defineLook<z.infer<typeof borderSchema>, Border>({
  schema: borderSchema,
  initial: [undefined, undefined, undefined, undefined],
  resolve: (written, tokens) => SIDES.map((side) => sideOf(written[side], tokens)) as Border,
  css: (border) => SIDES.map((side, index) => [`border-${side}`, sideCss(border[index])]),
  fields: SIDES.map((side) => ({
    group: 'looks',
    label: `line ${side}`,
    path: ['look', 'border', side],
    control: { type: 'edge' },
  })),
})

function sideOf(edge: Edge | 'none' | undefined, tokens: Tokens): BorderSide | undefined {
  if (edge === undefined || edge === 'none') return undefined
  return { width: tokens.length(edge.width), line: edge.line, colour: tokens.colour(edge.colour) ?? INK }
}

const sideCss = (side: BorderSide | undefined) =>
  side ? `${cssLength(side.width)} ${side.line} ${side.colour}` : '0 solid'
