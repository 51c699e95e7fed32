import { contrastRatio, lightness } from '../colour/contrast'
import { pathMark, rectMark, type Frame, type Mark } from '../vector/mark'
import type { Finish } from './finish'
import { greyed } from './greyed'
import { picturePart } from './placedPicture'

/** The greys of the plain finish, from light to dark. */
const GREYS = ['#ffffff', '#eceeea', '#d3d7d2', '#a9b0ac', '#6f7874', '#39433f']
const LINE = '#8b938f'
const PICTURE = '#dfe2de'
const WORDS = ['#2b3330', '#ffffff']
/** Contrast of words against their ground. @see WCAG 2.2, 1.4.3 */
const LEGIBLE = 4.5
/** Of a photograph, so much shows through the cross that says it is only a picture. */
const PICTURE_OPACITY = 0.6

/** A clean wireframe: each ground in the grey of its own lightness, pictures crossed, words dark or light by ground. */
export const plainFinish: Finish = {
  colour: (colour, use, ground) => {
    if (use === 'shadow') return 'none'
    if (use === 'line') return LINE
    if (use === 'ground') return greyOf(colour)
    const [dark, light] = WORDS
    return contrastRatio(dark, ground) >= LEGIBLE ? dark : light
  },
  picture: crossedPicture,
}

/** The grey nearest in lightness, of a few. */
function greyOf(colour: string): string {
  const own = lightness(colour)
  return GREYS.reduce((best, grey) =>
    Math.abs(lightness(grey) - own) < Math.abs(lightness(best) - own) ? grey : best,
  )
}

function crossedPicture(frame: Frame, placed: Frame, address: string | undefined): Mark[] {
  const { x, y, width, height } = frame
  const inner = { x: x + 0.5, y: y + 0.5, width: Math.max(0, width - 1), height: Math.max(0, height - 1) }
  const cross = `M${x} ${y}L${x + width} ${y + height}M${x + width} ${y}L${x} ${y + height}`
  const photograph: Mark[] = address
    ? [
        {
          type: 'group',
          opacity: PICTURE_OPACITY,
          filter: greyed(frame),
          marks: [picturePart(frame, placed, address)],
        },
      ]
    : []
  return [
    rectMark(frame, { fill: PICTURE }),
    ...photograph,
    pathMark(cross, { colour: LINE, width: 1, opacity: address ? 0.5 : undefined }),
    rectMark(inner, { stroke: { colour: LINE, width: 1 } }),
  ]
}
