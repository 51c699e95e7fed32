import { atLightness } from '../colour/ramp'
import { oklchOf } from '../colour/spaces'
import type { Start } from './quickStart'

/** A start that differs from others in character. */
export interface Proposal {
  name: string
  says: string
  start: Start
}

/** Three ways a guide may go from the same colours: a calm one, a warm one and a bold one. */
export function proposals(start: Start): Proposal[] {
  const { l } = oklchOf(start.main)
  const deep = l > 0.5 ? atLightness(start.main, 0.42) : start.main
  return [
    {
      name: 'Calm',
      says: 'White grounds, one face, slight corners, even steps.',
      start: {
        ...start,
        headings: start.text,
        corners: 'slight',
        isTinted: false,
        ratio: 1.2,
        density: 'usual',
      },
    },
    {
      name: 'Warm',
      says: 'Tinted grounds, a face with serifs for headings, round corners, more room.',
      start: { ...start, headings: 'Lora', corners: 'round', isTinted: true, ratio: 1.25, density: 'airy' },
    },
    {
      name: 'Bold',
      says: 'A deeper main colour, large headings, square corners, close together.',
      start: {
        ...start,
        main: deep,
        corners: 'square',
        isTinted: false,
        ratio: 1.4,
        density: 'tight',
        contrast: 'high',
      },
    },
  ]
}
