import { z } from 'zod'
import { hexSchema } from '../colour/hex'
import { idSchema, orderSchema } from '../document/ids'
import { leaf } from '../document/leafTable'
import { towardsLead, type BandRange } from '../grid/band'

/** Where an overlay stands in the viewport. */
export const OVERLAY_PLACES = {
  middle: 'in the middle',
  top: 'along the top',
  bottom: 'along the foot',
  left: 'down the left side',
  right: 'down the right side',
  whole: 'over all of it',
} as const
export type OverlayPlace = keyof typeof OVERLAY_PLACES

const placeSchema = z.enum(Object.keys(OVERLAY_PLACES) as [OverlayPlace, ...OverlayPlace[]])
const fields = {
  place: placeSchema.optional(),
  /** px; as wide as the viewport where it is more than that, or stands along the top or the foot */
  width: z.int().min(80).max(4000).optional(),
}

/** A drawing of its own that is shown over a page: a menu, a dialog, a picture enlarged. Its id is its drawing's. */
export const overlaySchema = z.strictObject({
  id: idSchema,
  /** the page it was made for, which it goes with */
  page: idSchema,
  order: orderSchema,
  name: z.string().min(1).max(100),
  ...fields,
  /** what lies between it and the page */
  veil: leaf(z.strictObject({ colour: hexSchema, strength: z.number().min(0).max(1) })).optional(),
  at: z.record(idSchema, z.strictObject(fields)).optional(),
})
export type OverlayRecord = z.infer<typeof overlaySchema>

/**
 * Where the corner of an overlay stands in a viewport, px.
 * @param own its size @param viewport that it stands in
 */
export function overlayCorner(
  place: OverlayPlace,
  own: { width: number; height: number },
  viewport: { width: number; height: number },
): { x: number; y: number } {
  const across = Math.max(0, viewport.width - own.width)
  const down = Math.max(0, viewport.height - own.height)
  const x = place === 'middle' ? across / 2 : place === 'right' ? across : 0
  const y = place === 'middle' ? down / 2 : place === 'bottom' ? down : 0
  return { x: Math.round(x), y: Math.round(y) }
}

const USUAL_WIDTH = 560
export const USUAL_VEIL = { colour: '#17211e', strength: 0.55 }

/** An overlay as a band has it: its place, and its width in a viewport, px. */
export function overlayAt(
  overlay: OverlayRecord,
  { inOrder, lead }: { inOrder: BandRange[]; lead: string },
  band: string,
  viewport: number,
): { place: OverlayPlace; width: number } {
  const layers = towardsLead(inOrder, band, lead).map(({ id }) => overlay.at?.[id] ?? {})
  const found = [...layers, overlay]
  const place = found.find((one) => one.place)?.place ?? 'middle'
  const width = found.find((one) => one.width !== undefined)?.width ?? USUAL_WIDTH
  const isWide = place === 'whole' || place === 'top' || place === 'bottom'
  return { place, width: isWide ? viewport : Math.min(width, viewport) }
}
