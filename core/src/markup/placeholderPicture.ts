import { SVG_NAMESPACE, written, xmlElement } from '../text/elementWriter'

/** The crossed picture that stands for one not chosen yet, as an SVG of its natural size. */
export function placeholderPicture(width: number, height: number): string {
  const cross = `M0 0L${width} ${height}M${width} 0L0 ${height}`
  return written(
    xmlElement('svg', { xmlns: SVG_NAMESPACE, width, height, viewBox: `0 0 ${width} ${height}` }, [
      xmlElement('rect', { width, height, fill: '#e4e6e3' }),
      xmlElement('path', { d: cross, stroke: '#8b938f', fill: 'none' }),
    ]),
  )
}
