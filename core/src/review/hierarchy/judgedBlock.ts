import type { Rect } from '../../snap/rect'

/** Something the eye may meet, px of the window it is seen in: what is painted later covers what was before. */
export interface JudgedBlock extends Rect {
  key: string
  name: string
  kind: 'text' | 'button' | 'picture' | 'shape'
  /** of texts: px of the font, and how heavy it is */
  size?: number
  weight?: number
}

/** What is known of a block once it is painted. */
export interface BlockFacts {
  key: string
  name: string
  kind: JudgedBlock['kind']
  /** px², of what is seen of it */
  area: number
  /** px of its largest solid piece: letters, a fill, a picture */
  grain: number
  /** Lab distance of its strongest tenth to what is around it, and of that the part that is colour */
  ink: number
  chroma: number
  /** share of its pixels that stand out from what is around it */
  coverage: number
  /** of the middle of it, shares of the window */
  middle: { x: number; y: number }
  /** the mean colour of what stands out */
  colour: [l: number, a: number, b: number]
  /** which way its edges run, as a doubled angle's cosine and sine */
  grainWay: [cosine: number, sine: number]
  /** px to the nearest other block */
  gap: number
  size: number
  weight: number
  /** how many others are like it */
  twins: number
}
