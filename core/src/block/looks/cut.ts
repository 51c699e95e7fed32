import { z } from 'zod'
import { cssPercent } from '../../units/length'
import type { Outline } from '../../vector/mark'
import { defineLook, type PaintRoom } from '../look'

type Point = [x: number, y: number]

/** Corners of each form, shares of the block's width and height. */
const CORNERS = {
  diamond: [
    [0.5, 0],
    [1, 0.5],
    [0.5, 1],
    [0, 0.5],
  ],
  triangle: [
    [0.5, 0],
    [1, 1],
    [0, 1],
  ],
  hexagon: [
    [0.25, 0],
    [0.75, 0],
    [1, 0.5],
    [0.75, 1],
    [0.25, 1],
    [0, 0.5],
  ],
  slopeDown: [
    [0, 0],
    [1, 0],
    [1, 1],
    [0, 0.86],
  ],
  slopeUp: [
    [0, 0],
    [1, 0],
    [1, 0.86],
    [0, 1],
  ],
  leaning: [
    [0.14, 0],
    [1, 0],
    [0.86, 1],
    [0, 1],
  ],
} satisfies Record<string, Point[]>

const FORMS = {
  none: 'a rectangle',
  ellipse: 'an ellipse',
  circle: 'a circle',
  diamond: 'a diamond',
  triangle: 'a triangle',
  hexagon: 'a hexagon',
  slopeDown: 'sloping down at its foot',
  slopeUp: 'sloping up at its foot',
  leaning: 'leaning',
}
type Form = keyof typeof FORMS
export const CUT_FORMS = Object.keys(FORMS) as [Form, ...Form[]]

/** The form a block is cut to, with all that stands in it; what is in it is never skewed. */
export const cut = defineLook<Form, Form>({
  schema: z.enum(CUT_FORMS),
  initial: 'none',
  resolve: (written) => written,
  css: (form) => [['clip-path', formCss(form)]],
  clip: formOutline,
  on: ['blocks', 'picture'],
  fields: [
    {
      group: 'looks',
      label: 'cut to',
      path: ['look', 'cut'],
      isRare: true,
      control: { type: 'choice', options: FORMS, absent: 'none' },
    },
  ],
})

function formCss(form: Form): string {
  if (form === 'none') return 'none'
  if (form === 'ellipse') return 'ellipse(50% 50%)'
  if (form === 'circle') return 'circle(closest-side)'
  return `polygon(${CORNERS[form].map((point) => point.map(cssPercent).join(' ')).join(', ')})`
}

/** @see CSS Shapes 1, section 3.1 */
function formOutline(form: Form, { x, y, width, height }: PaintRoom): Outline | undefined {
  if (form === 'none') return undefined
  if (form !== 'ellipse' && form !== 'circle') {
    const corners = CORNERS[form].map(([across, down]) => `${x + across * width} ${y + down * height}`)
    return { type: 'path', d: `M${corners.join('L')}Z` }
  }
  const least = Math.min(width, height) / 2
  const [rx, ry] = form === 'circle' ? [least, least] : [width / 2, height / 2]
  const [cx, cy] = [x + width / 2, y + height / 2]
  return {
    type: 'path',
    d: `M${cx - rx} ${cy}a${rx} ${ry} 0 1 1 ${2 * rx} 0a${rx} ${ry} 0 1 1 ${-2 * rx} 0Z`,
  }
}
