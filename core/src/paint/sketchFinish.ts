import { lightness } from '../colour/contrast'
import { maxContentWidth } from '../text/lines'
import { LETTERING } from '../text/fontCatalogue'
import type { FontLibrary } from '../text/fontLibrary'
import { shapeParagraph } from '../text/paragraph'
import type { Frame, Mark, Shape, Words } from '../vector/mark'
import type { Finish } from './finish'
import { greyed } from './greyed'
import { picturePart } from './placedPicture'
import { handRectangle, handStroke, seededNumbers, seedOf } from './handStrokes'

const PENCIL = '#4a4a46'
const PAPER = '#ffffff'
/** Shades of the pencil's side, from light to dark. */
const SHADES = [PAPER, '#f3f1ea', '#e6e3d9']
/** px a stroke is wide */
const STROKE = 1.4
/** Of a photograph, so much shows under the cross. */
const PICTURE = 0.35
/** Letters are drawn this much of the size they stand for, and pressed or pulled within these shares to fit. */
const LETTER_SIZE = 0.94
const [LEAST, MOST] = [0.62, 1.1]

/**
 * A first pencil plan: ruled strokes that run past their corners, lettering by hand, grounds shaded with the pencil's
 * side. Everything follows from the ids of what is drawn, so that a redraw never trembles.
 */
export function sketchFinish(library: FontLibrary): Finish {
  const widths = new Map<string, number>()
  const letteringWidth = (text: string) => {
    let width = widths.get(text)
    if (width === undefined) {
      const style = { family: LETTERING, weight: 400, italic: false, size: 100 }
      widths.set(text, (width = maxContentWidth(shapeParagraph(library, [{ text, ...style }])) / 100))
    }
    return width
  }
  return {
    colour: (colour, use) => (use === 'ground' ? shadeOf(colour) : PENCIL),
    picture: pictureMarks,
    drawn: (marks, key) => marks.map((mark, index) => drawnByHand(mark, `${key} ${index}`, letteringWidth)),
  }
}

function shadeOf(colour: string): string {
  const own = lightness(colour)
  return own > 98.5 ? SHADES[0] : own > 90 ? SHADES[1] : SHADES[2]
}

function pictureMarks(frame: Frame, placed: Frame, address: string | undefined): Mark[] {
  const { x, y, width, height } = frame
  const across = { outline: { type: 'path' as const, d: `M${x} ${y}L${x + width} ${y + height}` } }
  const back = { outline: { type: 'path' as const, d: `M${x + width} ${y}L${x} ${y + height}` } }
  const stroke = { colour: PENCIL, width: 1 }
  const photograph: Mark[] = address
    ? [
        {
          type: 'group',
          opacity: PICTURE,
          filter: greyed(frame),
          marks: [picturePart(frame, placed, address)],
        },
      ]
    : []
  return [
    ...photograph,
    { type: 'shape', ...across, stroke },
    { type: 'shape', ...back, stroke },
    { type: 'shape', outline: { type: 'rect', ...frame }, stroke },
  ]
}

type Width = (text: string) => number

function drawnByHand(mark: Mark, seed: string, letteringWidth: Width): Mark {
  switch (mark.type) {
    case 'words':
      return lettered(mark, letteringWidth)
    case 'shape':
      return strokes(mark, seededNumbers(seedOf(seed)))
    case 'group':
      return {
        ...mark,
        marks: mark.marks.map((one, index) => drawnByHand(one, `${seed} ${index}`, letteringWidth)),
      }
    default:
      return mark
  }
}

/** Words in the lettering hand, pressed together or pulled apart as wide as they stand in the plan, word by word. */
function lettered(words: Words, letteringWidth: Width): Mark {
  const { x, y, text, width, weight } = words
  const size = words.size * LETTER_SIZE
  const own = letteringWidth(text) * size
  const pull = width === undefined || own === 0 ? 1 : Math.min(MOST, Math.max(LEAST, width / own))
  const letters: Words = {
    ...words,
    x: 0,
    y: 0,
    family: LETTERING,
    size,
    weight: 400,
    italic: false,
    colour: PENCIL,
  }
  // A drafter goes over heavy words twice.
  const again: Words[] = weight >= 600 ? [{ ...letters, x: 0.6 / pull }] : []
  return { type: 'group', transform: [pull, 0, 0, 1, x, y], marks: [letters, ...again] }
}

/** What is ruled is drawn as strokes; what is filled is shaded, with an edge around it. */
function strokes(shape: Shape, random: () => number): Mark {
  const { outline, fill, stroke } = shape
  const isShaded = typeof fill === 'string' && fill !== PAPER
  const thick = stroke ? Math.max(STROKE, Math.min(3, stroke.width)) : STROKE
  if (outline.type === 'rect') {
    if (isRound(outline)) return shape
    const isLine = Math.min(outline.width, outline.height) <= 3
    if (isLine) return filled(lineOf(outline, random))
    const edge = stroke || isShaded ? filled(handRectangle(random, outline, thick)) : undefined
    const marks: Mark[] = isShaded ? [{ ...shape, stroke: undefined }] : []
    return { type: 'group', marks: edge ? [...marks, edge] : marks }
  }
  const straight = stroke && straightLine(outline.d)
  if (!straight) return shape
  return filled(handStroke(random, straight[0], straight[1], thick))
}

const isRound = ({ width, height, radius }: Extract<Shape['outline'], { type: 'rect' }>) =>
  radius?.every((one) => one >= Math.min(width, height) / 2 - 0.5) ?? false

const filled = (d: string): Shape => ({ type: 'shape', outline: { type: 'path', d }, fill: PENCIL })

/** A rectangle no thicker than a line, as one stroke. */
function lineOf({ x, y, width, height }: Frame, random: () => number): string {
  const isAcross = width >= height
  const from = isAcross ? { x, y: y + height / 2 } : { x: x + width / 2, y }
  const to = isAcross ? { x: x + width, y: y + height / 2 } : { x: x + width / 2, y: y + height }
  return handStroke(random, from, to, STROKE)
}

const LINE = /^M(-?[\d.]+) (-?[\d.]+)(?:H(-?[\d.]+)|V(-?[\d.]+)|L(-?[\d.]+) (-?[\d.]+))$/

/** The ends of a path that is one straight line. */
function straightLine(d: string) {
  const found = LINE.exec(d)
  if (!found) return undefined
  const [x, y, across, down, toX, toY] = found
    .slice(1)
    .map((one) => (one === undefined ? undefined : Number(one)))
  return [
    { x: x as number, y: y as number },
    { x: (across ?? toX ?? x) as number, y: (down ?? toY ?? y) as number },
  ] as const
}
