import type { Pixels } from '@nolvex/core/viewport/findPageArea'

const MOST_PIXELS = 50_000_000
const MOST_BYTES = 25 * 1024 * 1024

/** Decodes a picture file in the browser. Throws an error that says what is wrong with it. */
export async function readPixels(file: File): Promise<{ bitmap: ImageBitmap; pixels: Pixels }> {
  if (file.size > MOST_BYTES) throw new Error(`${file.name} is larger than 25 MB. Make it smaller first.`)
  let bitmap: ImageBitmap
  try {
    bitmap = await createImageBitmap(file)
  } catch {
    throw new Error(`${file.name} is no picture this browser can show. Choose a PNG, JPEG or WebP.`)
  }
  const { width, height } = bitmap
  if (width * height > MOST_PIXELS)
    throw new Error(
      `${file.name} has ${width} × ${height} pixels, more than 50 million. Make it smaller first.`,
    )
  const canvas = new OffscreenCanvas(width, height)
  const context = canvas.getContext('2d', { willReadFrequently: true })
  if (!context)
    throw new Error('This browser gives no room to read the picture. Close other tabs and try again.')
  context.drawImage(bitmap, 0, 0)
  return { bitmap, pixels: context.getImageData(0, 0, width, height) }
}
