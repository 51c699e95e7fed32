import { eachBox, type PageLayout } from '../layout/pageLayout'
import type { Css } from '../text/cssWriter'
import {
  SVG_NAMESPACE,
  svgStyle,
  written,
  xmlElement,
  type Content,
  type Markup,
} from '../text/elementWriter'
import { paintPlain, type PictureAddress } from './plainFinish'
import type { Shape } from './shape'

export interface PageSvgOptions {
  title: string
  pictureAddress: PictureAddress
  /** CSS put into the drawing, for font faces */
  styles?: Css
}

/** A laid-out page as one SVG, as large as the page. */
export function pageSvg(layout: PageLayout, { title, pictureAddress, styles }: PageSvgOptions): string {
  const { width, height, ground } = layout
  const groups: Content[] = []
  eachBox(layout, (box, x, y) => {
    const shapes = paintPlain(box, pictureAddress).map(shapeSvg)
    if (shapes.length) groups.push(xmlElement('g', { transform: `translate(${x} ${y})` }, shapes), '\n')
  })
  return written(
    xmlElement('svg', { xmlns: SVG_NAMESPACE, width, height, viewBox: `0 0 ${width} ${height}` }, [
      xmlElement('title', {}, title),
      styles ? svgStyle(styles) : '',
      xmlElement('rect', { width, height, fill: ground }),
      '\n',
      groups,
    ]),
  )
}

function shapeSvg({ tag, attributes, text }: Shape): Markup {
  const keepSpaces = tag === 'text' ? { 'xml:space': 'preserve' } : {}
  return xmlElement(tag, { ...attributes, ...keepSpaces }, text)
}
