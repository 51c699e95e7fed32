import { z } from 'zod'

export const SIDES = ['top', 'right', 'bottom', 'left'] as const
export type Side = (typeof SIDES)[number]
/** Corners in the order CSS names them. */
export const CORNERS = ['topLeft', 'topRight', 'bottomRight', 'bottomLeft'] as const

/** One value for each side, each a leaf of its own. */
export const sides = <T extends z.ZodType>(side: T) =>
  z.strictObject({
    top: side.optional(),
    right: side.optional(),
    bottom: side.optional(),
    left: side.optional(),
  })
