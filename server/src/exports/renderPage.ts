import { Resvg } from '@resvg/resvg-js'
import { strToU8, zipSync } from 'fflate'
import { bandAt } from '@nolvex/core/grid/band'
import { eachBox, PageLayouter } from '@nolvex/core/layout/pageLayout'
import { pageHtml, type EmbeddedFont } from '@nolvex/core/markup/pageHtml'
import { placeholderPicture } from '@nolvex/core/markup/placeholderPicture'
import { pageSvg } from '@nolvex/core/paint/pageSvg'
import { bandsOf, resolveAllBands, resolvePage, type PageSources } from '@nolvex/core/resolve/resolvePage'
import { fontCatalogue } from '@nolvex/core/text/fontCatalogue'
import type { FontFile } from '@nolvex/core/text/fontLibrary'
import { usualEnvironment } from '@nolvex/core/units/environment'
import { shippedFontLibrary, shippedFontPath, shippedFonts } from '../fonts/shippedFonts'
import type { ExportInput } from './jobModel'

/** Everything a page is rendered from; pictures as data URIs by asset id. */
export interface RenderInput extends ExportInput {
  title: string
  sources: PageSources
  pictures: Record<string, string>
}

const MOST_PIXELS = 100_000_000

/** Renders a page as a file: an SVG, a PNG, or a zip with one self-contained HTML page. */
export function renderPage(input: RenderInput): Uint8Array {
  switch (input.format) {
    case 'svg':
      return strToU8(svgOf(input))
    case 'png':
      return pngOf(input)
    case 'html':
      return zipSync({ 'index.html': strToU8(htmlOf(input)) })
  }
}

function svgOf({ sources, width, title, pictures }: RenderInput): string {
  const band = bandAt(bandsOf(sources.site).inOrder, width)
  const page = resolvePage(sources, band.id)
  const layout = new PageLayouter(shippedFontLibrary()).layout(page, {
    ...usualEnvironment,
    viewportWidth: width,
  })
  const used = new Set<FontFile>()
  eachBox(layout, ({ text }) => text?.paragraph.items.forEach(({ face }) => used.add(face.file)))
  return pageSvg(layout, {
    title,
    styles: [...used].map(fontFace).join(''),
    pictureAddress: ({ asset }) => (asset ? pictures[asset] : undefined),
  })
}

const fontData = ({ bytes }: FontFile) => `data:font/ttf;base64,${Buffer.from(bytes).toString('base64')}`

function fontFace(file: FontFile): string {
  const style = file.italic ? 'italic' : 'normal'
  return `@font-face{font-family:"${file.family}";font-weight:${file.weight};font-style:${style};src:url(${fontData(file)})}`
}

function pngOf(input: RenderInput): Uint8Array {
  const svg = svgOf(input)
  const renderer = new Resvg(svg, {
    fitTo: { mode: 'zoom', value: input.scale },
    font: {
      loadSystemFonts: false,
      fontFiles: fontCatalogue.map(shippedFontPath),
      defaultFontFamily: 'Public Sans',
    },
  })
  if (renderer.width * renderer.height > MOST_PIXELS) {
    throw new Error('The page is too long for a PNG of this size. Take it at 1x, or as SVG.')
  }
  return renderer.render().asPng()
}

function htmlOf({ sources, title, pictures }: RenderInput): string {
  const { inOrder, lead } = bandsOf(sources.site)
  const pages = resolveAllBands(sources)
  return pageHtml({
    bands: inOrder,
    lead,
    pages,
    title,
    language: 'en',
    fonts: fontsOf(pages),
    pictureAddress: ({ asset, width, height }) =>
      (asset && pictures[asset]) ||
      `data:image/svg+xml;base64,${Buffer.from(placeholderPicture(width, height)).toString('base64')}`,
  })
}

/** The families the page is set in, in every weight we have of them. */
function fontsOf(pages: ReturnType<typeof resolveAllBands>): EmbeddedFont[] {
  const families = new Set<string>(['Public Sans'])
  const walk = (nodes: (typeof pages)[number]['children']) => {
    for (const node of nodes) {
      if (node.text) families.add(node.text.style.family)
      walk(node.children)
    }
  }
  for (const page of pages) walk(page.children)
  const files = shippedFonts().filter(({ family }) => families.has(family))
  return files.map((file) => ({
    family: file.family,
    weight: file.weight,
    italic: file.italic,
    address: fontData(file),
  }))
}
