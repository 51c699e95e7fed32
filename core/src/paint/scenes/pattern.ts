import { rectMark, type Mark } from '../../vector/mark'
import { ellipsePath, mixed, shape, type Easel } from './scene'

/** How a tile of so many px is filled, from its top left corner. */
type Tile = (x: number, y: number, side: number) => string

const TILES: Tile[] = [
  (x, y, s) => `M${x} ${y}A${s} ${s} 0 0 1 ${x + s} ${y + s}H${x}Z`,
  (x, y, s) => `M${x + s} ${y}A${s} ${s} 0 0 1 ${x} ${y + s}V${y}Z`,
  (x, y, s) => `M${x} ${y + s}L${x + s / 2} ${y}L${x + s} ${y + s}Z`,
  (x, y, s) => ellipsePath(x + s / 2, y + s / 2, s / 2, s / 2),
  (x, y, s) => `M${x} ${y}H${x + s}L${x} ${y + s}Z`,
  (x, y, s) => `M${x} ${y + s / 2}a${s / 2} ${s / 2} 0 0 1 ${s} 0Z`,
  (x, y, s) => [0, 1, 2].map((row) => `M${x} ${y + (row * s) / 3}h${s}v${s / 6}h${-s}Z`).join(''),
]

/** Tiles of plain forms side by side, like signal flags: a ground for words, or a cover. */
export function pattern({ width, height, colours, random }: Easel): Mark[] {
  const { main, second, ground, ink } = colours
  const inks = [
    main,
    second,
    mixed(main, ground, 0.55),
    mixed(second, ground, 0.6),
    mixed(main, ink, 0.5),
    ground,
  ]
  const side = Math.round(Math.min(width, height) / (4 + Math.floor(random() * 3)))
  const pick = () => inks[Math.floor(random() * inks.length)]
  const marks: Mark[] = []
  for (let y = 0; y < height; y += side)
    for (let x = 0; x < width; x += side) {
      const below = pick()
      const above = inks.filter((one) => one !== below)[Math.floor(random() * (inks.length - 1))]
      marks.push(rectMark({ x, y, width: side, height: side }, { fill: below }))
      if (random() < 0.86) marks.push(shape(TILES[Math.floor(random() * TILES.length)](x, y, side), above))
    }
  return marks
}
