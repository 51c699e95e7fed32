import { nameOf, type Block } from '../block/block'
import type { Operation } from '../document/types'
import { putBlock } from '../drawing/drawing'
import { svgBlocks } from './svgBlocks'

/**
 * What puts blocks in the place of a picture that shows an SVG.
 * @throws Error for a drawing that cannot become blocks
 */
export function pictureAsBlocks(
  picture: Block,
  svg: string,
  newId: () => string,
): { operations: Operation[]; root: string; left: Record<string, number> } {
  const { blocks, left } = svgBlocks(svg, nameOf(picture), newId)
  const [root, ...inside] = blocks
  const { parent, order, place = {} } = picture
  const { width, height } = root.place ?? {}
  const placed = { ...root, parent, order, place: { ...place, width, height } }
  return {
    operations: [
      { type: 'remove', collection: 'blocks', id: picture.id },
      ...[placed, ...inside].map(putBlock),
    ],
    root: root.id,
    left,
  }
}
