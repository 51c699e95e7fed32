import { srgbOf, type Srgb } from './spaces'

const luminosity = ({ r, g, b }: Srgb) => 0.3 * r + 0.59 * g + 0.11 * b

/**
 * A colour of another luminosity, its hue kept and so much of its saturation as fits.
 * @param light 0 black to 1 white
 * @see Compositing and Blending 1, section 10.2, SetLum and ClipColor
 */
export function setLuminosity(hex: string, light: number): Srgb {
  const own = srgbOf(hex)
  const by = light - luminosity(own)
  const moved = { r: own.r + by, g: own.g + by, b: own.b + by }
  const least = Math.min(moved.r, moved.g, moved.b)
  const most = Math.max(moved.r, moved.g, moved.b)
  const towards = (scale: number): Srgb => ({
    r: light + (moved.r - light) * scale,
    g: light + (moved.g - light) * scale,
    b: light + (moved.b - light) * scale,
  })
  if (least < 0) return towards(light / (light - least))
  if (most > 1) return towards((1 - light) / (most - light))
  return moved
}
