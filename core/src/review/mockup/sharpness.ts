import { covering } from '../../block/looks/backdrop'
import { eachBox, type PageLayout } from '../../layout/pageLayout'

/** A picture with fewer pixels than it is shown at. */
export interface TooFewPixels {
  key: string
  name: string
  /** px across it is shown at, what is cut off counted in */
  shown: number
  /** pixels across that it has */
  has: number
  /** whether it is enlarged on usual screens, and not only on those with two pixels for each px */
  isEnlarged: boolean
}

/** Screens with two pixels for each px are the usual ones by now. */
const SHARP = 2

/** Pictures of a page that are shown larger than their pixels allow: on all screens, or on those with two for each px. */
export function tooFewPixels(layout: PageLayout): TooFewPixels[] {
  const found: TooFewPixels[] = []
  eachBox(layout, ({ node, w, h }) => {
    const { content, look, key, name } = node
    const add = (has: number, shown: number) => {
      if (shown * SHARP <= has + 1) return
      found.push({ key, name, has, shown: Math.round(shown), isEnlarged: shown > has + 1 })
    }
    if (content.type === 'picture' && content.asset !== undefined) {
      const cover = Math.max(w, (h * content.width) / content.height)
      add(content.width, (look.pictureFit === 'cover' ? cover : Math.min(w, cover)) * look.pictureZoom)
    }
    if (look.backdrop)
      add(look.backdrop.width, covering(look.backdrop, { x: 0, y: 0, width: w, height: h }).width)
  })
  return found
}
