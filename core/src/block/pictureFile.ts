import { z } from 'zod'
import { idSchema } from '../document/ids'
import { leaf } from '../document/leafTable'

const size = z.number().min(1).max(20_000)

/** A file with its natural size, px; the ratio a fit height keeps. */
export const fileSchema = leaf(z.strictObject({ asset: idSchema.optional(), width: size, height: size }))
