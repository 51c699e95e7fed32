import { SIDES } from '../block/sides'
import type { Box } from '../layout/box'
import type { ShownPicture } from '../block/primitive'
import { textShapes } from './textShapes'
import type { Shape } from './shape'

/** Greys of the plain finish. */
const GREY = {
  ground: '#eceeea',
  button: '#39433f',
  picture: '#dfe2de',
  line: '#8b938f',
  text: '#2b3330',
  light: '#ffffff',
}

/** Address of a picture that has been chosen, as a data URI or on the same server; nothing for one that has not. */
export type PictureAddress = (picture: ShownPicture) => string | undefined

/** The plain finish of one block: grounds in grey, pictures crossed, words in one dark grey. */
export function paintPlain(box: Box, pictureAddress: PictureAddress): Shape[] {
  const { node } = box
  const { content } = node
  const isButton = content.type === 'text' && content.middle
  const shapes: Shape[] = []
  if (isButton) shapes.push(ground(box, GREY.button))
  else if (content.type === 'picture') shapes.push(...crossedPicture(box, pictureAddress(content)))
  else if (node.look.fill) shapes.push(ground(box, GREY.ground))
  shapes.push(...borderShapes(box))
  if (box.paragraph) shapes.push(...textShapes(box, isButton ? GREY.light : GREY.text))
  return shapes
}

function ground(box: Box, fill: string): Shape {
  return { tag: 'rect', attributes: { width: box.w, height: box.h, fill } }
}

function crossedPicture(box: Box, address: string | undefined): Shape[] {
  const { w, h } = box
  const cross = `M0 0L${w} ${h}M${w} 0L0 ${h}`
  const shapes: Shape[] = [ground(box, GREY.picture)]
  if (address) shapes.push(picture(box, address))
  shapes.push({
    tag: 'path',
    attributes: { d: cross, stroke: GREY.line, fill: 'none', 'stroke-opacity': address ? 0.5 : 1 },
  })
  const inner = { x: 0.5, y: 0.5, width: Math.max(0, w - 1), height: Math.max(0, h - 1) }
  shapes.push({ tag: 'rect', attributes: { ...inner, fill: 'none', stroke: GREY.line } })
  return shapes
}

function picture({ w, h, node }: Box, href: string): Shape {
  const fit = node.look.pictureFit === 'cover' ? 'slice' : 'meet'
  const attributes = { width: w, height: h, href, preserveAspectRatio: `xMidYMid ${fit}`, opacity: 0.6 }
  return { tag: 'image', attributes }
}

function borderShapes({ w, h, border, node }: Box): Shape[] {
  const [top, right, bottom, left] = border
  const rects = [
    { x: 0, y: 0, width: w, height: top },
    { x: w - right, y: 0, width: right, height: h },
    { x: 0, y: h - bottom, width: w, height: bottom },
    { x: 0, y: 0, width: left, height: h },
  ]
  return SIDES.flatMap((_, side): Shape[] =>
    border[side] > 0 && node.look.border[side]
      ? [{ tag: 'rect', attributes: { ...rects[side], fill: GREY.line } }]
      : [],
  )
}
