import type { FontLibrary } from '../text/fontLibrary'
import { PAGE_FAMILY } from '../text/fontCatalogue'
import { widthAlone } from '../text/positions'
import { rectMark, type Mark } from '../vector/mark'
import { wordsMark } from './sheet'

const INK = '#17211e'
export const SOFT = '#56625d'
export const PINE = '#1f5b4c'
export const HAIRLINE = '#d9d5c8'

/** A part of a sheet, points. */
export interface Room {
  x: number
  y: number
  width: number
  height: number
}

/** How words on a sheet are set. */
export interface Ink {
  size: number
  weight?: 400 | 700
  colour?: string
}

/** Draws words and boxes on a sheet of paper; lengths in points. */
export class Pen {
  readonly marks: Mark[] = []

  constructor(private library: FontLibrary) {}

  text(x: number, y: number, text: string, { size, weight = 400, colour = INK }: Ink, room?: number) {
    this.marks.push(wordsMark(this.library, { x, y, text, size, weight, colour }, room))
  }

  /** Words in as many lines as they need, broken between words. @returns points from the first line's foot to below the last */
  paragraph(x: number, y: number, text: string, ink: Ink, room: number, leading = 1.35): number {
    const lines = this.linesOf(text, ink, room)
    lines.forEach((line, index) => this.text(x, y + index * ink.size * leading, line, ink, room))
    return lines.length * ink.size * leading
  }

  private linesOf(text: string, { size, weight = 400 }: Ink, room: number): string[] {
    const face = this.library.face({ family: PAGE_FAMILY, weight, italic: false })
    const lines: string[] = []
    let line = ''
    for (const word of text.split(/\s+/)) {
      const longer = line ? `${line} ${word}` : word
      if (line && widthAlone({ face, size }, longer) > room) {
        lines.push(line)
        line = word
      } else line = longer
    }
    return line ? [...lines, line] : lines
  }

  image(frame: Room, href: string) {
    this.marks.push({ type: 'image', ...frame, href, fit: 'contain' })
  }

  box({ x, y, width, height }: Room, { fill, stroke }: { fill?: string; stroke?: string }) {
    const line = stroke === undefined ? undefined : { colour: stroke, width: 0.6 }
    this.marks.push(rectMark({ x, y, width, height }, { fill, stroke: line }))
  }
}
