import { pictureMarkup } from '../paint/pictureSvg'
import type { BrandMark } from '../style/brand'
import type { StyleDocument } from '../style/style'
import { cssSheet, fixedCss, type Css } from '../text/cssWriter'
import { htmlDownload, htmlElement, htmlPage, htmlStyle, written, type Content } from '../text/elementWriter'
import type { Picture } from '../vector/mark'
import { writeDtcg } from './tokens/dtcgWriter'
import { writePalette } from './tokens/palette'
import { writeTokensCss } from './tokens/tokensCss'

/** A file of the brand with its bytes as a data address. */
export interface BrandFile {
  mark: Pick<BrandMark, 'name' | 'note' | 'source' | 'licence'>
  /** what it is kept as */
  fileName: string
  address: string
}

export interface GuidePage {
  title: string
  style: StyleDocument
  sheets: Picture[]
  /** faces the sheets are set in */
  fonts: Css
  brand: BrandFile[]
  /** px of a rem */
  root: number
}

const LOOKS = fixedCss`body { margin: 24px auto; max-width: 1123px; padding: 0 16px; font-family: sans-serif; color: #17211e; background: #ece9e0 }
svg { display: block; width: 100%; height: auto; margin: 0 0 24px; background: #fff }
ul { padding: 0; list-style: none; display: flex; flex-wrap: wrap; gap: 24px }
img { display: block; max-width: 240px; max-height: 160px; margin: 0 0 8px }
pre { overflow: auto; padding: 12px; background: #fff }
summary { cursor: pointer; font-weight: 700 }
small { display: block }
`

/** A style guide as one page that needs nothing else: its sheets, files of the brand to keep, and its tokens as text. */
export function guideHtml({ title, style, sheets, fonts, brand, root }: GuidePage): string {
  const head = [htmlElement('title', {}, `${title}: style guide`), '\n', htmlStyle(cssSheet([LOOKS, fonts]))]
  return written(
    htmlPage('en', head, [
      htmlElement('h1', {}, `${title}: style guide`),
      sheets.map((sheet, index): Content => ['\n', pictureMarkup(sheet, undefined, `s${index}m`)]),
      brand.length
        ? [htmlElement('h2', {}, 'Logos and artwork'), htmlElement('ul', {}, brand.map(brandLine))]
        : '',
      htmlElement('h2', {}, 'Tokens'),
      tokensAs('Custom properties for a style sheet', writeTokensCss(style, root)),
      tokensAs('Design tokens (DTCG)', writeDtcg(style)),
      tokensAs('Palette (GPL)', writePalette(style, title)),
    ]),
  )
}

function brandLine({ mark, fileName, address }: BrandFile): Content {
  const said = [mark.note, mark.source, mark.licence].filter(Boolean).join(' · ')
  return htmlElement('li', {}, [
    htmlElement('img', { src: address, alt: mark.name }),
    htmlDownload(fileName, address, `Keep ${mark.name}`),
    said ? htmlElement('small', {}, said) : '',
  ])
}

const tokensAs = (words: string, text: string): Content =>
  htmlElement('details', {}, [htmlElement('summary', {}, words), htmlElement('pre', {}, text)])
