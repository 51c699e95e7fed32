import { z } from 'zod'
import { idSchema } from '../document/ids'
import { leaf } from '../document/leafTable'

/** px a side of a picture has at most: what a JPEG can say of itself */
export const LONGEST_SIDE = 65_535
export const pictureSide = z.number().min(1).max(LONGEST_SIDE)

/** A file with its natural size, px; the ratio a fit height keeps. */
export const fileSchema = leaf(
  z.strictObject({ asset: idSchema.optional(), width: pictureSide, height: pictureSide }),
)
