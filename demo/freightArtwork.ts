import type { SolidName, SurfaceName, Triple } from '@nolvex/core/artwork/solids'
import type { Block } from '@nolvex/core/block/block'
import type { Colour } from '@nolvex/core/block/colourSchema'
import type { Artwork, Solid } from '@nolvex/core/site/artwork'
import { guideId } from '@nolvex/core/style/guideIds'
import { usualBands } from '@nolvex/core/site/usualSite'
import { px } from '@nolvex/core/units/length'
import { pageId } from './skerrinPages'

export const FREIGHT = pageId('freight')
const isle = (name: string): Colour => ({ token: guideId('isle', name) })
const WATER: Colour = { hex: '#123f55' }
const TIMBER: Colour = { hex: '#8a6a4a' }
const FUNNEL: Colour = { hex: '#b4472a' }
const PAPER: Colour = { hex: '#e9e4d6' }

/** What waits on the quay for the freight boat, by lamplight. */
const things: [
  name: string,
  solid: SolidName,
  at: Triple,
  size: Triple,
  colour: Colour,
  more?: { turn?: Triple; surface?: SurfaceName },
][] = [
  ['Sea', 'waves', [0, -0.35, -14], [90, 0.5, 60], WATER],
  ['Quay', 'slab', [3.2, -0.3, 1.2], [9, 0.7, 5], TIMBER],
  ['Crate', 'slab', [2.1, 0.4, 0.6], [1.3, 1.1, 1.2], isle('Tansay'), { turn: [0, 12, 0] }],
  ['Crate on top', 'slab', [2.2, 1.5, 0.55], [0.9, 0.75, 0.9], isle('Orrel'), { turn: [0, 330, 0] }],
  ['Long crate', 'slab', [4.1, 0.4, 0.2], [2.1, 0.95, 1.1], isle('Great Hask'), { turn: [0, 355, 0] }],
  ['Bed', 'cube', [4.2, 1.35, 0.2], [1.8, 0.22, 0.9], PAPER, { turn: [0, 350, 0] }],
  ['Barrel', 'drum', [3.3, 0.4, 1.9], [0.75, 1, 0.75], FUNNEL, { surface: 'satin' }],
  ['Second barrel', 'drum', [4.2, 0.4, 2.1], [0.75, 1, 0.75], isle('Little Hask'), { surface: 'satin' }],
  ['Bell', 'dome', [5.75, 0.4, 1.2], [0.95, 1.05, 0.95], isle('Orrel'), { surface: 'metal' }],
  ['Lifebuoy', 'ring', [1.1, 0.4, 2.2], [0.85, 0.85, 0.6], FUNNEL, { turn: [0, 30, 0], surface: 'satin' }],
  ['Bollard', 'drum', [0.1, 0.4, 2.9], [0.4, 0.5, 0.4], { hex: '#33424a' }, { surface: 'satin' }],
  ['Bollard head', 'ball', [0.1, 0.75, 2.9], [0.55, 0.4, 0.55], { hex: '#33424a' }, { surface: 'satin' }],
  ['Gravel', 'cone', [6.7, 0.4, -0.3], [1.7, 0.9, 1.7], isle('Great Hask')],
]

export const solids: Solid[] = things.map(([name, solid, at, size, colour, more], index) => ({
  id: `solid${String(index + 1).padStart(11, '0')}`,
  artwork: 'artworkfreight00',
  order: `a${index.toString(36)}`,
  ...{ name, solid, at, size, colour, ...more },
}))

/** px of its picture: the title of the page at its widest band, twice as fine */
const SIZE = { width: 1440, height: 380 }
export const FREIGHT_PICTURE = {
  id: 'assetfreight0000',
  name: 'freight-by-lamplight.jpg',
  width: 2880,
  height: 840,
}

/** The artwork behind the title of the freight page. @param block the title */
export const freightArtwork = (block: string): Artwork => ({
  ...{ id: 'artworkfreight00', order: 'a0', name: 'Freight by lamplight', ...SIZE },
  behind: { page: FREIGHT, block },
  ...{ sky: { hex: '#10303f' }, hasGround: false },
  lamp: { strength: 2.6, turn: 52, tilt: 32, size: 14 },
  ambience: 0.75,
  view: { turn: 340, tilt: 14, distance: 10.5, at: [0.2, 0.95, 0] },
  views: [
    { name: 'From the water', view: { turn: 340, tilt: 14, distance: 10.5, at: [0.2, 0.95, 0] } },
    { name: 'From the crane', view: { turn: 20, tilt: 48, distance: 15, at: [3, 0.4, 0] } },
  ],
  rendered: { asset: FREIGHT_PICTURE.id, width: FREIGHT_PICTURE.width, height: FREIGHT_PICTURE.height },
})

/** The title of the freight page with its artwork behind it. */
export function withFreightArtwork(blocks: Block[]): { title: string; blocks: Block[] } {
  const title = blocks.find(({ parent, name }) => !parent && name === 'What we carry')
  if (!title) throw new Error('The freight page has no title.')
  const { id: asset, width, height } = FREIGHT_PICTURE
  const backdrop = { picture: { asset, width, height }, focus: { x: 1, y: 0.5 } }
  const tall = (side: number) => ({ padding: { top: px(side), bottom: px(side) } })
  const dressed: Block = {
    ...title,
    arrange: { ...title.arrange, ...tall(96) },
    look: { ...title.look, backdrop },
    at: {
      ...title.at,
      // Where the words stand on the crates, those are veiled.
      [usualBands.medium]: { look: { backdrop: { veil: { hex: '#0f2630' }, strength: 0.66 } } },
      [usualBands.narrow]: { arrange: tall(56) },
    },
  }
  // The words leave the right half to what stands there.
  const narrower = (block: Block): Block =>
    block.parent === title.id && block.kind === 'box'
      ? {
          ...block,
          place: { ...block.place, column: { span: 4 } },
        }
      : block
  return { title: title.id, blocks: blocks.map((one) => (one === title ? dressed : narrower(one))) }
}
