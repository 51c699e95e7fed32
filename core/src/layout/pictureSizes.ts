import type { BandRange } from '../grid/band'
import type { PageLayout } from './pageLayout'
import { eachBox } from './pageLayout'

/** A band with the page laid out at the width it is drawn at. */
export interface LaidOutBand {
  band: BandRange & { drawnAt: number }
  layout: PageLayout
}

const ALL = 100

/**
 * How wide each picture of a page is shown, as the attribute `sizes` says it: for each band its share of the viewport's
 * width, so much of the picture as is cut off counted in. By the keys of their instances.
 * @param bands from narrow to wide
 * @see HTML Living Standard, 4.8.4.2.2, sizes attributes
 */
export function pictureSizes(bands: LaidOutBand[]): Map<string, string> {
  const shares = bands.map(({ band, layout }) => sharesAt(layout, band.drawnAt))
  const keys = new Set(shares.flatMap((found) => [...found.keys()]))
  return new Map([...keys].map((key) => [key, sizesOf(key, bands, shares)]))
}

function sharesAt(layout: PageLayout, viewport: number): Map<string, number> {
  const found = new Map<string, number>()
  eachBox(layout, ({ node, w, h }) => {
    const { content, look } = node
    if (content.type !== 'picture') return
    const wide = look.pictureFit === 'cover' ? Math.max(w, (h * content.width) / content.height) : w
    found.set(node.key, Math.ceil((ALL * wide * look.pictureZoom) / viewport))
  })
  return found
}

function sizesOf(key: string, bands: LaidOutBand[], shares: Map<string, number>[]): string {
  const last = bands.length - 1
  const each = bands.map((_, index) => shares[index].get(key) ?? ALL)
  return bands
    .flatMap((_, index) => {
      if (index === last) return [`${each[index]}vw`]
      return each[index] === each[index + 1]
        ? []
        : [`(width < ${bands[index + 1].band.from}px) ${each[index]}vw`]
    })
    .join(', ')
}
