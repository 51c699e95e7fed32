import { expose } from 'comlink'
import { PageLayouter } from '@nolvex/core/layout/pageLayout'
import { pagePicture } from '@nolvex/core/paint/pagePicture'
import { pictureSvg } from '@nolvex/core/paint/pictureSvg'
import { plainFinish } from '@nolvex/core/paint/plainFinish'
import { resolvePage, type PageSources } from '@nolvex/core/resolve/resolvePage'
import { usualEnvironment } from '@nolvex/core/units/environment'
import { loadFontLibrary } from '../fonts/loadFontLibrary'

/** Small pictures of pages, laid out and painted away from the page's own thread. */
const painter = {
  /** An SVG of a page at the width a band is drawn at. */
  async picture(sources: PageSources, band: string, width: number): Promise<string> {
    const layout = new PageLayouter(await loadFontLibrary()).layout(resolvePage(sources, band), {
      ...usualEnvironment,
      viewportWidth: width,
    })
    return pictureSvg(pagePicture(layout, plainFinish, { title: 'Page', pictureAddress: () => undefined }))
  },
}

export type PicturePainter = typeof painter

expose(painter)
