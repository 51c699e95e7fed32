import { expose } from 'comlink'
import { PageLayouter } from '@nolvex/core/layout/pageLayout'
import { finishedFinish } from '@nolvex/core/paint/finishedFinish'
import { marksBetween, PagePainter } from '@nolvex/core/paint/pagePainter'
import { pagePicture } from '@nolvex/core/paint/pagePicture'
import { pictureSvg } from '@nolvex/core/paint/pictureSvg'
import { plainFinish } from '@nolvex/core/paint/plainFinish'
import { resolvePage, type PageSources, type ShownAs } from '@nolvex/core/resolve/resolvePage'
import type { Group } from '@nolvex/core/vector/mark'
import { usualEnvironment } from '@nolvex/core/units/environment'
import { fontsWanted, loadFontLibrary } from '../fonts/loadFontLibrary'

/** A page of a project. */
export interface Painted {
  sources: PageSources
  project: string
  /** a wireframe where it is not said */
  as?: ShownAs
}

/** Small pictures of pages, laid out and painted away from the page's own thread. */
async function layOut({ sources, project, as }: Painted, band: string, width: number) {
  const library = await loadFontLibrary(fontsWanted(sources.style, project))
  const environment = { ...usualEnvironment, viewportWidth: width }
  return new PageLayouter(library).layout(resolvePage(sources, band, as), environment)
}

const painter = {
  /** An SVG of a page at the width a band is drawn at. */
  async picture(page: Painted, band: string, width: number): Promise<string> {
    const layout = await layOut(page, band, width)
    return pictureSvg(
      pagePicture(layout, page.as === 'mockup' ? finishedFinish : plainFinish, {
        title: 'Page',
        pictureAddress: () => undefined,
      }),
    )
  },

  /** What reaches into the top of a page, to be drawn in the page itself, where its fonts are. @param until px */
  async top(page: Painted, band: string, width: number, until: number): Promise<PageTop> {
    const layout = await layOut(page, band, width)
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
