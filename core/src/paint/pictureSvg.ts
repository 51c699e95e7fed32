import type { Css } from '../text/cssWriter'
import {
  SVG_NAMESPACE,
  svgStyle,
  written,
  xmlElement,
  type Content,
  type Markup,
} from '../text/elementWriter'
import type { Picture } from '../vector/mark'
import { countedIds, svgNodes, type SvgNode } from './svgNodes'

/** A picture as an SVG file; its size is given in the picture's own unit. @param styles CSS for font faces */
export const pictureSvg = (picture: Picture, styles?: Css): string => written(pictureMarkup(picture, styles))

/** A picture as an SVG element, to stand in a page beside others. @param prefix what its ids begin with */
export function pictureMarkup(
  { width, height, unit, title, ground, marks }: Picture,
  styles?: Css,
  prefix = 'm',
): Markup {
  const sized = (length: number) => (unit === 'px' ? length : `${length}${unit}`)
  const size = { width: sized(width), height: sized(height), viewBox: `0 0 ${width} ${height}` }
  const newId = countedIds(prefix)
  return xmlElement('svg', { xmlns: SVG_NAMESPACE, ...size }, [
    xmlElement('title', {}, title),
    styles ? svgStyle(styles) : '',
    xmlElement('rect', { width, height, fill: ground }),
    marks.flatMap((mark) => svgNodes(mark, newId)).map((node): Content => ['\n', nodeContent(node)]),
    '\n',
  ])
}

function nodeContent({ tag, attributes, nodes, text }: SvgNode): Content {
  return xmlElement(tag, attributes, text ?? nodes?.map(nodeContent) ?? '')
}
