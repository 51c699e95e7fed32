import { FloatType, NearestFilter, WebGLRenderer, WebGLRenderTarget } from 'three'
import { samplesOf } from '@nolvex/core/artwork/sampling'
import { developed } from '@nolvex/core/artwork/developed'
import type { ArtworkScene } from '@nolvex/core/resolve/artworkScene'
import { BuiltScene } from './builtScene'
import { mirrored } from './mirrored'

export interface FinalOptions {
  /** px of the picture for each of the scene's */
  scale: number
  /** pictures laid into one */
  samples: number
}

/** px shadows are cast by */
const SHADOWS = 2048
const QUALITY = 0.92
/** A single place of the sky mirrored in what shines is no brighter than this, or it would be seen as a spot. */
const BRIGHTEST = 1.4

/**
 * A scene rendered as a picture file, with soft shadows and smooth edges: many pictures laid into one, in linear light.
 * The same scene always gives the same pixels on the same machine.
 * @param tell how far it is, 0 to 1; false stops it
 * @throws Error where the browser has no WebGL, or too little of it for so large a picture
 */
export async function finalPicture(
  source: ArtworkScene,
  { scale, samples: count }: FinalOptions,
  tell: (done: number) => boolean | Promise<boolean>,
): Promise<Blob | undefined> {
  const [width, height] = [Math.round(source.width * scale), Math.round(source.height * scale)]
  const canvas = new OffscreenCanvas(width, height)
  const renderer = new WebGLRenderer({ canvas, antialias: false, powerPreference: 'high-performance' })
  renderer.shadowMap.enabled = true
  const target = new WebGLRenderTarget(width, height, {
    ...{ type: FloatType, minFilter: NearestFilter, magFilter: NearestFilter },
    samples: 0,
  })
  const built = new BuiltScene(source, mirrored(renderer, source), SHADOWS)
  try {
    const sum = new Float32Array(4 * width * height)
    const one = new Float32Array(sum.length)
    renderer.setRenderTarget(target)
    for (const [index, sample] of samplesOf(count, source.lamp).entries()) {
      if (!(await tell(index / count))) return undefined
      built.camera.setViewOffset(width, height, sample.x, sample.y, width, height)
      built.light(sample)
      renderer.render(built.scene, built.camera)
      renderer.readRenderTargetPixels(target, 0, 0, width, height, one)
      for (let at = 0; at < sum.length; at++) sum[at] += Math.min(BRIGHTEST, one[at])
    }
    const picture = new ImageData(developed(sum, width, height, count), width, height)
    const page = new OffscreenCanvas(width, height)
    page.getContext('2d')?.putImageData(picture, 0, 0)
    await tell(1)
    return await page.convertToBlob({ type: 'image/jpeg', quality: QUALITY })
  } finally {
    built.dispose()
    target.dispose()
    renderer.dispose()
    renderer.forceContextLoss()
  }
}
