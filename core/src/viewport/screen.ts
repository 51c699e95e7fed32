import { z } from 'zod'
import { idSchema, orderSchema } from '../document/ids'

/** A display, in CSS px, with the device pixels each of them has. */
export const screenSchema = z.strictObject({
  id: idSchema,
  order: orderSchema,
  name: z.string().min(1).max(60),
  width: z.int().min(100).max(16_000),
  height: z.int().min(100).max(16_000),
  ratio: z.number().min(0.5).max(8),
})

export type Screen = z.infer<typeof screenSchema>

type Preset = Omit<Screen, 'id' | 'order'>

/** Sizes of desks and laps that are common (common practice), and of hand-held screens (device lists, see the test). */
export const USUAL_SCREENS: Preset[] = [
  { name: 'Small phone', width: 320, height: 568, ratio: 2 },
  { name: 'Phone', width: 390, height: 844, ratio: 3 },
  { name: 'Large phone', width: 412, height: 915, ratio: 2.625 },
  { name: 'Tablet', width: 768, height: 1024, ratio: 2 },
  { name: 'Tablet across', width: 1024, height: 768, ratio: 2 },
  { name: 'Small laptop', width: 1366, height: 768, ratio: 1 },
  { name: 'Laptop', width: 1440, height: 900, ratio: 2 },
  { name: 'Desktop', width: 1920, height: 1080, ratio: 1 },
  { name: 'Large desktop', width: 2560, height: 1440, ratio: 1 },
  { name: 'Old desktop', width: 1024, height: 768, ratio: 1 },
  { name: 'Very old desktop', width: 800, height: 600, ratio: 1 },
]
