import type { ShownPicture } from '../block/primitive'
import type { Frame, Mark } from '../vector/mark'
import { iconMarks } from './iconMarks'

const SIGNS: Record<NonNullable<ShownPicture['plays']>, string[]> = {
  video: ['M2 12A10 10 0 1 0 22 12A10 10 0 1 0 2 12Z', 'M10 8L16 12L10 16Z'],
  sound: ['M3 9V15H7L12 20V4L7 9Z', 'M16 8A5 5 0 0 1 16 16', 'M19 5A9 9 0 0 1 19 19'],
  map: [
    'M12 22C12 22 19 15 19 9A7 7 0 0 0 5 9C5 15 12 22 12 22Z',
    'M9.5 9A2.5 2.5 0 1 0 14.5 9A2.5 2.5 0 1 0 9.5 9Z',
  ],
}
const INK = '#39433f'
/** px, and of the shorter side at most so much */
const SIZE = 64
const SHARE = 0.5

/** The sign in the middle of what is no picture: that it plays, or that it is a map. */
export function playMarks(plays: NonNullable<ShownPicture['plays']>, frame: Frame): Mark[] {
  const size = Math.min(SIZE, SHARE * Math.min(frame.width, frame.height))
  const square = {
    x: frame.x + (frame.width - size) / 2,
    y: frame.y + (frame.height - size) / 2,
    width: size,
    height: size,
  }
  return iconMarks({ paths: SIGNS[plays] }, square, INK)
}
