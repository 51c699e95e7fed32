import type { Frame, Group } from '../vector/mark'

interface Natural {
  width: number
  height: number
}

/**
 * Where a picture stands in the frame that shows it, px: covering it or whole within it, its focus at the frame's, its
 * edges on whole px (CSS Images 3, sections 5.5 and 5.6; browsers snap what they draw).
 */
export function placedPicture(
  { width, height }: Natural,
  frame: Frame,
  fit: 'cover' | 'contain',
  focus: { x: number; y: number },
): Frame {
  const ratios = [frame.width / width, frame.height / height]
  const scale = fit === 'cover' ? Math.max(...ratios) : Math.min(...ratios)
  const [w, h] = [width * scale, height * scale]
  const left = frame.x + (frame.width - w) * focus.x
  const top = frame.y + (frame.height - h) * focus.y
  const [x, y] = [Math.round(left), Math.round(top)]
  return { x, y, width: Math.round(left + w) - x, height: Math.round(top + h) - y }
}

/** A frame so many times as large, the point at the focus of both the same. @param focus shares of both sides */
export function nearerFrame(
  { x, y, width, height }: Frame,
  zoom: number,
  focus: { x: number; y: number },
): Frame {
  return {
    x: x + width * (1 - zoom) * focus.x,
    y: y + height * (1 - zoom) * focus.y,
    width: width * zoom,
    height: height * zoom,
  }
}

/** A picture as large as it is placed, of which the frame shows a part. */
export const picturePart = (frame: Frame, placed: Frame, href: string): Group => ({
  type: 'group',
  clip: { type: 'rect', ...frame },
  marks: [{ type: 'image', ...placed, href, fit: 'stretch' }],
})
