import { pictureSvg } from '@nolvex/core/paint/pictureSvg'
import { scenePicture, type SceneName } from '@nolvex/core/paint/scenes/scenes'
import type { SceneColours } from '@nolvex/core/resolve/sceneColours'
import { drawnFile } from './drawnFile'

/** px across of a picture that is kept, and the proportions it may have */
const WIDE = 1920
const [LEAST_RATIO, MOST_RATIO] = [0.4, 3]

/** What is drawn, by which number, and for room of which proportions. */
export interface MadeUp {
  scene: SceneName
  seed: number
  colours: SceneColours
  /** width of the room for its height */
  ratio: number
}

/** px of a made-up picture for a room */
export const madeUpSize = (ratio: number) => ({
  width: WIDE,
  height: Math.round(WIDE / Math.min(MOST_RATIO, Math.max(LEAST_RATIO, ratio))),
})
export const madeUpSvg = ({ scene, seed, colours, ratio }: MadeUp): string =>
  pictureSvg(scenePicture(scene, { seed, colours, ...madeUpSize(ratio) }))

/** A made-up picture as a file to be kept. @throws Error where the browser cannot draw it */
export const madeUpFile = (made: MadeUp): Promise<File> =>
  drawnFile(madeUpSvg(made), madeUpSize(made.ratio), `${made.scene}-${made.seed}`)
