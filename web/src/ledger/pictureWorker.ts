import { expose } from 'comlink'
import { PageLayouter } from '@nolvex/core/layout/pageLayout'
import { marksBetween, PagePainter } from '@nolvex/core/paint/pagePainter'
import { pagePicture } from '@nolvex/core/paint/pagePicture'
import { pictureSvg } from '@nolvex/core/paint/pictureSvg'
import { plainFinish } from '@nolvex/core/paint/plainFinish'
import { resolvePage, type PageSources } from '@nolvex/core/resolve/resolvePage'
import type { Group } from '@nolvex/core/vector/mark'
import { usualEnvironment } from '@nolvex/core/units/environment'
import { familiesInUse } from '@nolvex/core/style/families'
import { loadFontLibrary } from '../fonts/loadFontLibrary'

/** Small pictures of pages, laid out and painted away from the page's own thread. */
const layOut = async (sources: PageSources, band: string, width: number) =>
  new PageLayouter(await loadFontLibrary(familiesInUse(sources.style))).layout(resolvePage(sources, band), {
    ...usualEnvironment,
    viewportWidth: width,
  })

const painter = {
  /** An SVG of a page at the width a band is drawn at. */
  async picture(sources: PageSources, band: string, width: number): Promise<string> {
    const layout = await layOut(sources, band, width)
    return pictureSvg(pagePicture(layout, plainFinish, { title: 'Page', pictureAddress: () => undefined }))
  },

  /** What reaches into the top of a page, to be drawn in the page itself, where its fonts are. @param until px */
  async top(sources: PageSources, band: string, width: number, until: number): Promise<PageTop> {
    const layout = await layOut(sources, band, width)
    const sections = new PagePainter(plainFinish, () => undefined).sections(layout)
    const groups = marksBetween(sections, 0, until)
    return { width, height: until, tall: layout.height, ground: layout.ground, groups }
  },
}

export interface PageTop {
  width: number
  height: number
  /** px of the whole page */
  tall: number
  ground: string
  groups: Group[]
}

export type PicturePainter = typeof painter

expose(painter)
