import { z } from 'zod'
import type { FilterStep } from '../../vector/mark'
import type { Field } from '../field'
import { defineLook } from '../look'

const share = z.number().min(0).max(1)
const factor = z.number().min(0).max(3)
const adjustSchema = z.strictObject({
  /** 1 as the picture is, 0 black */
  light: factor.optional(),
  /** 1 as it is, 0 all of one grey */
  contrast: factor.optional(),
  /** 1 as it is, 0 without colour */
  saturation: factor.optional(),
  /** 0 as it is, 1 as an old print */
  warmth: share.optional(),
  /** 0 as it is, 1 in greys */
  grey: share.optional(),
  /** px; too little to be drawn alike everywhere is none */
  blur: z.number().min(0).max(40).optional(),
})
type Written = z.infer<typeof adjustSchema>

/** How a picture is shown, each value as it is meant. */
export type Adjust = Required<Written>

const AS_IT_IS: Adjust = { light: 1, contrast: 1, saturation: 1, warmth: 0, grey: 0, blur: 0 }
/** Below this browsers and our own drawing blur otherwise, px. */
const LEAST_BLUR = 1

/** Light, contrast and colours of a picture, which itself stays as it came: every value can be given back. */
export const adjust = defineLook<Written, Adjust | undefined>({
  schema: adjustSchema,
  initial: undefined,
  resolve: (written) => {
    const { blur = 0, ...others } = written
    const all = { ...AS_IT_IS, ...others, blur: blur < LEAST_BLUR ? 0 : blur }
    const isChanged = Object.entries(all).some(([name, value]) => value !== AS_IT_IS[name as keyof Adjust])
    return isChanged ? all : undefined
  },
  css: (shown) => [['--adjust', shown ? adjustCss(shown) : 'none']],
  on: ['picture'],
  fields: [
    field('light', 'light', 3, 1),
    field('contrast', 'contrast', 3, 1),
    field('saturation', 'saturation', 3, 1),
    field('warmth', 'warmth', 1, 0),
    field('grey', 'grey', 1, 0),
    field('blur, px', 'blur', 40, 0),
  ],
})

function field(label: string, leafName: keyof Adjust, most: number, absent: number): Field {
  const control = { type: 'number' as const, least: 0, most, step: 0.05, absent }
  return { group: 'looks', label, path: ['look', 'adjust', leafName], isRare: true, control }
}

/** The functions of Filter Effects 1, section 8, in the order of `adjustSteps`. */
function adjustCss({ light, contrast, saturation, warmth, grey, blur }: Adjust): string {
  return [
    light !== 1 && `brightness(${light})`,
    contrast !== 1 && `contrast(${contrast})`,
    saturation !== 1 && `saturate(${saturation})`,
    warmth !== 0 && `sepia(${warmth})`,
    grey !== 0 && `grayscale(${grey})`,
    blur !== 0 && `blur(${blur}px)`,
  ]
    .filter(Boolean)
    .join(' ')
}

type Row = [number, number, number]
const matrix = (rows: [Row, Row, Row], more = 0): FilterStep => ({
  type: 'matrix',
  values: [...rows.flatMap((row) => [...row, 0, more]), 0, 0, 0, 1, 0],
})
const scaled = (by: number): [Row, Row, Row] => [
  [by, 0, 0],
  [0, by, 0],
  [0, 0, by],
]

/**
 * What the functions do to the channels of a pixel, one after another.
 * @see Filter Effects 1, section 8.2: the primitives each shorthand is defined by
 */
export function adjustSteps({ light, contrast, saturation: s, warmth, grey, blur }: Adjust): FilterStep[] {
  const w = 1 - warmth
  const steps: FilterStep[] = []
  if (light !== 1) steps.push(matrix(scaled(light)))
  if (contrast !== 1) steps.push(matrix(scaled(contrast), 0.5 - 0.5 * contrast))
  if (s !== 1) steps.push(matrix(saturated(s)))
  if (warmth !== 0)
    steps.push(
      matrix([
        [0.393 + 0.607 * w, 0.769 - 0.769 * w, 0.189 - 0.189 * w],
        [0.349 - 0.349 * w, 0.686 + 0.314 * w, 0.168 - 0.168 * w],
        [0.272 - 0.272 * w, 0.534 - 0.534 * w, 0.131 + 0.869 * w],
      ]),
    )
  if (grey !== 0) steps.push(matrix(greyedBy(1 - grey)))
  if (blur !== 0) steps.push({ type: 'blur', deviation: blur })
  return steps
}

const saturated = (s: number): [Row, Row, Row] => [
  [0.213 + 0.787 * s, 0.715 - 0.715 * s, 0.072 - 0.072 * s],
  [0.213 - 0.213 * s, 0.715 + 0.285 * s, 0.072 - 0.072 * s],
  [0.213 - 0.213 * s, 0.715 - 0.715 * s, 0.072 + 0.928 * s],
]
const greyedBy = (g: number): [Row, Row, Row] => [
  [0.2126 + 0.7874 * g, 0.7152 - 0.7152 * g, 0.0722 - 0.0722 * g],
  [0.2126 - 0.2126 * g, 0.7152 + 0.2848 * g, 0.0722 - 0.0722 * g],
  [0.2126 - 0.2126 * g, 0.7152 - 0.7152 * g, 0.0722 + 0.9278 * g],
]
