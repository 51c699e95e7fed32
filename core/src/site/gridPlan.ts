import { z } from 'zod'
import { hexSchema } from '../colour/hex'
import { idSchema, orderSchema } from '../document/ids'
import { leaf } from '../document/leafTable'
import { bandGridSchema } from '../grid/bandGrid'

/** A grid kept under a name, to be applied to bands. */
export const savedGridSchema = z.strictObject({
  id: idSchema,
  name: z.string().min(1).max(100),
  grid: leaf(bandGridSchema),
})

/** Something asked of the developer before the grid is agreed, with the answer. */
export const gridQuestionSchema = z.strictObject({
  id: idSchema,
  order: orderSchema,
  text: z.string().min(1).max(2000),
  answer: z.string().max(2000).optional(),
  /** who answered */
  by: z.string().max(200).optional(),
})

/** What lines can be laid over a page, with the words for them. */
export const OVERLAYS = {
  columns: 'Columns',
  rows: 'Rows',
  baseline: 'Baseline',
  guides: 'Guides',
  folds: 'Folds',
  content: 'Content width',
} as const
export type OverlayName = keyof typeof OVERLAYS

/** How an overlay is drawn; strength is its opacity in %. */
const overlay = leaf(z.strictObject({ colour: hexSchema, strength: z.int().min(2).max(100) }))
export type OverlayLook = z.infer<typeof overlay>

export const overlaysSchema = z.strictObject(
  Object.fromEntries(Object.keys(OVERLAYS).map((name) => [name, overlay.optional()])) as Record<
    OverlayName,
    z.ZodOptional<typeof overlay>
  >,
)

export const USUAL_OVERLAYS: Record<OverlayName, OverlayLook> = {
  columns: { colour: '#1f5b4c', strength: 8 },
  rows: { colour: '#3e5c76', strength: 8 },
  baseline: { colour: '#3e5c76', strength: 30 },
  guides: { colour: '#b9770e', strength: 90 },
  folds: { colour: '#a63d2a', strength: 80 },
  content: { colour: '#56625d', strength: 60 },
}

/** What new lengths are written in, and how pages answer wider windows and larger text. */
export const SIZINGS = {
  fixed: 'Fixed',
  fluid: 'Fluid',
  elastic: 'Elastic',
  hybrid: 'Hybrid',
} as const
export type Sizing = keyof typeof SIZINGS
export const sizingSchema = z.enum(Object.keys(SIZINGS) as [Sizing, ...Sizing[]])

/** A picture laid under a page's drawing, px of the page. */
export const underlaySchema = leaf(
  z.strictObject({
    asset: idSchema,
    x: z.number().min(-20_000).max(20_000),
    y: z.number().min(-20_000).max(20_000),
    width: z.number().min(1).max(20_000),
    height: z.number().min(1).max(100_000),
    /** opacity, % */
    strength: z.int().min(5).max(100),
    /** whether it lies beside the page instead */
    isBeside: z.boolean().optional(),
  }),
)

export type SavedGrid = z.infer<typeof savedGridSchema>
export type GridQuestion = z.infer<typeof gridQuestionSchema>
export type Underlay = z.infer<typeof underlaySchema>
