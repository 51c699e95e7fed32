import { strToU8, zipSync } from 'fflate'
import { bandAt } from '@nolvex/core/grid/band'
import { PageLayouter } from '@nolvex/core/layout/pageLayout'
import { pageHtml, type EmbeddedFont } from '@nolvex/core/markup/pageHtml'
import { pageInFinish } from '@nolvex/core/paint/pageInFinish'
import { pagePicture } from '@nolvex/core/paint/pagePicture'
import { pictureSvg } from '@nolvex/core/paint/pictureSvg'
import { plainFinish } from '@nolvex/core/paint/plainFinish'
import { isPlainStyle } from '@nolvex/core/style/plainStyle'
import { bandsOf, resolveAllBands, resolvePage, type PageSources } from '@nolvex/core/resolve/resolvePage'
import { usualEnvironment } from '@nolvex/core/units/environment'
import type { Picture } from '@nolvex/core/vector/mark'
import { withFallbacks } from '../fonts/fallbackFonts'
import { fontLibraryInUse, fontsInUse } from '../fonts/fontsInUse'
import { fontData } from './embeddedFonts'
import { finishNamed, shownAs } from './finishes'
import { fontsShown } from './fontsShown'
import type { PageExport } from './jobModel'
import { placeholderAddress } from './placeholderAddress'
import { stylesFor } from './sheetFiles'
import { svgToPng } from './svgToPng'

/** Everything a page is rendered from; pictures as data URIs by asset id. */
export interface PageInput extends PageExport {
  title: string
  sources: PageSources
  pictures: Record<string, string>
}

/** Renders a page as a file: an SVG, a PNG, or a zip with one self-contained HTML page. */
export function renderPage(input: PageInput): Uint8Array {
  switch (input.format) {
    case 'svg':
      return strToU8(svgOf(input))
    case 'png': {
      const picture = pictureOf(input)
      return svgToPng(pictureSvg(picture), picture, input.scale)
    }
    case 'html':
      return zipSync({ 'index.html': strToU8(htmlOf(input)) })
  }
}

function svgOf(input: PageInput): string {
  const picture = pictureOf(input)
  return pictureSvg(picture, stylesFor(picture))
}

function pictureOf(input: PageInput): Picture {
  const { sources, width, title, pictures, finish } = input
  const band = bandAt(bandsOf(sources.site).inOrder, width)
  const page = resolvePage(sources, band.id, shownAs(finish))
  const layout = new PageLayouter(fontLibraryInUse()).layout(page, {
    ...usualEnvironment,
    viewportWidth: width,
    pixelRatio: input.format === 'png' ? input.scale : 1,
  })
  return pagePicture(layout, finishNamed(finish), {
    title,
    pictureAddress: ({ asset }) => (asset ? pictures[asset] : undefined),
  })
}

function htmlOf({ sources, title, pictures, finish }: PageInput): string {
  const { inOrder, lead } = bandsOf(sources.site)
  const resolved = resolveAllBands(sources, shownAs(finish))
  // Without a style the colours a drawing names mean nothing yet: it is shown as the wireframe is.
  const isGrey = finish !== 'finished' && isPlainStyle(sources.style)
  const pages = isGrey ? resolved.map((page) => pageInFinish(page, plainFinish)) : resolved
  return pageHtml({
    bands: inOrder,
    lead,
    pages,
    isGrey,
    title,
    language: 'en',
    fonts: fontsOf(pages),
    pictureAddress: (picture) => (picture.asset && pictures[picture.asset]) || placeholderAddress(picture),
  })
}

/** The fonts a page is set in, in every weight we have of them. */
function fontsOf(pages: ReturnType<typeof resolveAllBands>): EmbeddedFont[] {
  return withFallbacks(pages, fontsShown(pages, fontsInUse())).map((file) => {
    const { family, weight, italic, fallback } = file
    return { family, weight, italic, fallback, address: fontData(file) }
  })
}
