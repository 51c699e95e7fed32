/**
 * Linear light as the bytes of a picture: the mean of several pictures laid over one another, in sRGB, rows from the top
 * down. Steps between bytes are spread by a fixed pattern, so that even grounds show no bands.
 * @param sum red, green, blue and alpha of each pixel, linear, summed over all pictures, rows from the bottom up
 * @param count of pictures
 * @see IEC 61966-2-1, the transfer function of sRGB; B. E. Bayer, 1973, the pattern
 */
export function developed(
  sum: Float32Array,
  width: number,
  height: number,
  count: number,
): Uint8ClampedArray<ArrayBuffer> {
  const bytes = new Uint8ClampedArray(4 * width * height)
  for (let row = 0; row < height; row++)
    for (let column = 0; column < width; column++) {
      const from = 4 * ((height - 1 - row) * width + column)
      const to = 4 * (row * width + column)
      const step = BAYER[(row & 3) * 4 + (column & 3)] / 16 - 15 / 32
      for (let channel = 0; channel < 3; channel++)
        bytes[to + channel] = 255 * encoded(sum[from + channel] / count) + step
      bytes[to + 3] = 255
    }
  return bytes
}

const BAYER = [0, 8, 2, 10, 12, 4, 14, 6, 3, 11, 1, 9, 15, 7, 13, 5]

function encoded(linear: number): number {
  if (linear <= 0.0031308) return 12.92 * Math.max(0, linear)
  return Math.min(1, 1.055 * linear ** (1 / 2.4) - 0.055)
}
