import sharp from 'sharp'
import { pictureSvg } from '@nolvex/core/paint/pictureSvg'
import type { SceneColours } from '@nolvex/core/resolve/sceneColours'
import { scenePicture, type SceneName } from '@nolvex/core/paint/scenes/scenes'
import { svgToPng } from '@nolvex/server/exports/svgToPng'

/** Sea, funnel, paper and ink of the line; an isle may have its own in place of the funnel's. */
const LINE: SceneColours = { main: '#14506b', second: '#b4472a', ground: '#f6faf9', ink: '#17211e' }

/** A picture of the invented isles, as a photograph is kept. @param seed the same one gives the same picture */
export async function scenery(
  name: SceneName,
  seed: number,
  { width = 1600, height = 1060, ...own }: Partial<SceneColours & { width: number; height: number }> = {},
): Promise<Uint8Array> {
  const picture = scenePicture(name, { seed, width, height, colours: { ...LINE, ...own } })
  const png = svgToPng(pictureSvg(picture), picture, 1)
  return new Uint8Array(await sharp(png).jpeg({ quality: 84, mozjpeg: true }).toBuffer())
}
