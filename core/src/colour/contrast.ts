/** Red, green and blue of `#rrggbb` or `#rrggbbaa`, 0 to 1. */
function channels(hex: string): [number, number, number] {
  const value = parseInt(hex.slice(1, 7), 16)
  return [(value >> 16) / 255, ((value >> 8) & 255) / 255, (value & 255) / 255]
}

/**
 * Relative luminance of an sRGB colour, 0 for black to 1 for white.
 * @see WCAG 2.2, relative luminance
 */
export function relativeLuminance(hex: string): number {
  const [red, green, blue] = channels(hex).map((channel) =>
    channel <= 0.04045 ? channel / 12.92 : ((channel + 0.055) / 1.055) ** 2.4,
  )
  return 0.2126 * red + 0.7152 * green + 0.0722 * blue
}

/**
 * Contrast of two sRGB colours, 1 to 21, whichever is the lighter.
 * @see WCAG 2.2, contrast ratio
 */
export function contrastRatio(a: string, b: string): number {
  const [lighter, darker] = [relativeLuminance(a), relativeLuminance(b)].sort((x, y) => y - x)
  return (lighter + 0.05) / (darker + 0.05)
}

/**
 * Lightness of an sRGB colour as the eye takes it, 0 to 100: the L* of CIELAB for the white of sRGB (D65).
 * @see CIE 15:2018, 8.2.1
 */
export function lightness(hex: string): number {
  const y = relativeLuminance(hex)
  return y > (6 / 29) ** 3 ? 116 * Math.cbrt(y) - 16 : y * (29 / 3) ** 3
}
