import type { FontLibrary } from '../text/fontLibrary'
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

  box({ x, y, width, height }: Room, { fill, stroke }: { fill?: string; stroke?: string }) {
    const line = stroke === undefined ? undefined : { colour: stroke, width: 0.6 }
    this.marks.push(rectMark({ x, y, width, height }, { fill, stroke: line }))
  }
}
