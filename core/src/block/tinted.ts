import { z } from 'zod'
import { setLuminosity } from '../colour/luminosity'
import { alphaOf, opaque } from '../colour/spaces'
import { BLENDS, rectMark, type FilterStep, type Frame, type Group, type Mark } from '../vector/mark'

/** How a colour lies over a picture: as it is, mixed with it, or giving it its hue. */
export const tintModeSchema = z.enum(['over', 'colour', ...BLENDS])
export type TintMode = z.infer<typeof tintModeSchema>

/** The ways as the particulars offer them. */
export const TINT_MODES: Record<TintMode, string> = {
  over: 'lies over it',
  colour: 'gives it its hue',
  multiply: 'multiplied with it',
  screen: 'screened with it',
  overlay: 'deepens its contrast',
  darken: 'where it is darker',
  lighten: 'where it is lighter',
  'hard-light': 'lights it hard',
  'soft-light': 'lights it softly',
}

/** The way by its name in CSS. */
export const cssBlend = (mode: TintMode): string =>
  mode === 'over' ? 'normal' : mode === 'colour' ? 'color' : mode

/** A picture with a colour over it, as one group. @param colour with its alpha @param frame px, that the colour covers */
export function tinted(picture: Mark[], mode: TintMode, colour: string, frame: Frame): Mark[] {
  if (mode === 'over') return [...picture, rectMark(frame, { fill: colour })]
  const plain = rectMark(frame, { fill: colour })
  if (mode === 'colour') {
    // Where there is no picture there is the colour alone.
    const filter = hueFilter(colour, frame)
    return [plain, ...picture, { type: 'group', opacity: alphaOf(colour), filter, marks: picture }]
  }
  const marks: Mark[] = [...picture, { type: 'group', blend: mode, marks: [plain] }]
  return [{ type: 'group', isApart: true, marks }]
}

/** So many steps of luminosity that no channel is off by more than 12 of 255. */
const STEPS = 65
const LUMINOSITY = [0.3, 0.59, 0.11, 0, 0]

/**
 * What gives every pixel a colour's hue and saturation and keeps its luminosity, which then alone decides what it becomes.
 * @see Compositing and Blending 1, section 10.2.3, `color`
 */
function hueFilter(colour: string, region: Frame): Group['filter'] {
  const each = Array.from({ length: STEPS }, (_, step) => setLuminosity(opaque(colour), step / (STEPS - 1)))
  const steps: FilterStep[] = [
    { type: 'matrix', values: [...LUMINOSITY, ...LUMINOSITY, ...LUMINOSITY, 0, 0, 0, 1, 0] },
    {
      type: 'table',
      red: each.map(({ r }) => r),
      green: each.map(({ g }) => g),
      blue: each.map(({ b }) => b),
    },
  ]
  return { steps, region }
}
