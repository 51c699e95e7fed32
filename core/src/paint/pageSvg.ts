import { eachBox, type PageLayout } from '../layout/pageLayout'
import { escapeMarkup } from '../text/escapeMarkup'
import { paintPlain, type PictureAddress } from './plainFinish'
import type { Shape } from './shape'

export interface PageSvgOptions {
  title: string
  pictureAddress: PictureAddress
  /** CSS put into the drawing, for font faces */
  styles?: string
}

/** A laid-out page as one SVG, as large as the page. */
export function pageSvg(layout: PageLayout, { title, pictureAddress, styles }: PageSvgOptions): string {
  const { width, height, ground } = layout
  const groups: string[] = []
  eachBox(layout, (box, x, y) => {
    const shapes = paintPlain(box, pictureAddress).map(shapeSvg).join('')
    if (shapes) groups.push(`<g transform="translate(${x} ${y})">${shapes}</g>`)
  })
  const style = styles ? `<style>${styles}</style>` : ''
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}" viewBox="0 0 ${width} ${height}"><title>${escapeMarkup(title)}</title>${style}<rect width="${width}" height="${height}" fill="${ground}"/>\n${groups.join('\n')}\n</svg>\n`
}

function shapeSvg({ tag, attributes, text }: Shape): string {
  const written = Object.entries(attributes).map(
    ([name, value]) => `${name}="${escapeMarkup(String(value))}"`,
  )
  const keepSpaces = tag === 'text' ? ' xml:space="preserve"' : ''
  const content = text === undefined ? '/>' : `>${escapeMarkup(text)}</${tag}>`
  return `<${tag} ${written.join(' ')}${keepSpaces}${content}`
}
