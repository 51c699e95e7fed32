import type { SaliencyMap } from '@nolvex/core/review/hierarchy/spectralResidual'

/** Ochre, the more of it the more stands out. */
const [RED, GREEN, BLUE] = [206, 110, 0]
/** the strongest covers so much */
const MOST = 215

/** A map of what stands out as the address of a small picture, which is stretched over the page. */
export function heatPicture({ side, values }: SaliencyMap): string {
  const canvas = document.createElement('canvas')
  canvas.width = canvas.height = side
  const context = canvas.getContext('2d')
  if (!context) throw new Error('What stands out cannot be shown: the browser gives no canvas.')
  const pixels = context.createImageData(side, side)
  values.forEach((value, at) => pixels.data.set([RED, GREEN, BLUE, Math.round(MOST * value)], 4 * at))
  context.putImageData(pixels, 0, 0)
  return canvas.toDataURL('image/png')
}
