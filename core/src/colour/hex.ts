import { z } from 'zod'

/** An sRGB colour as `#rrggbb` or `#rrggbbaa`. */
export const hexSchema = z
  .string()
  .regex(/^#(?:[0-9a-f]{6}|[0-9a-f]{8})$/i, 'a colour is written #rrggbb or #rrggbbaa')
