import {
  DataTexture,
  EquirectangularReflectionMapping,
  FloatType,
  LinearFilter,
  PMREMGenerator,
  RGBAFormat,
  Color,
  type Texture,
  type WebGLRenderer,
} from 'three'
import type { ArtworkScene } from '@nolvex/core/resolve/artworkScene'

const [ACROSS, DOWN] = [64, 32]
/** Where a bright window stands that shiny surfaces show: shares of the way round and from the top. */
const WINDOW = { from: 0.1, to: 0.3, top: 0.18, bottom: 0.4, brightness: 5 }

/** What shiny surfaces show: the sky above, the ground below, and a window beside the lamp. */
export function mirrored(renderer: WebGLRenderer, { sky, ground, lamp, ambience }: ArtworkScene): Texture {
  const [above, below] = [new Color(sky), new Color(ground ?? sky).multiplyScalar(0.6)]
  const data = new Float32Array(4 * ACROSS * DOWN)
  for (let row = 0; row < DOWN; row++)
    for (let column = 0; column < ACROSS; column++) {
      // Rows go from the bottom up.
      const [round, top] = [(column / ACROSS + lamp.turn / 360) % 1, 1 - row / DOWN]
      const isWindow = round > WINDOW.from && round < WINDOW.to && top > WINDOW.top && top < WINDOW.bottom
      const brightness = isWindow ? WINDOW.brightness * lamp.strength : ambience
      const colour = top < 0.5 ? above : below
      data.set(
        [colour.r * brightness, colour.g * brightness, colour.b * brightness, 1],
        4 * (row * ACROSS + column),
      )
    }
  const texture = new DataTexture(data, ACROSS, DOWN, RGBAFormat, FloatType)
  Object.assign(texture, {
    mapping: EquirectangularReflectionMapping,
    minFilter: LinearFilter,
    magFilter: LinearFilter,
  })
  texture.needsUpdate = true
  const generator = new PMREMGenerator(renderer)
  const { texture: filtered } = generator.fromEquirectangular(texture)
  generator.dispose()
  texture.dispose()
  return filtered
}
