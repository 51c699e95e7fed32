import { z } from 'zod'
import { alphaOf, opaque, withAlpha } from '../../colour/spaces'
import { leaf } from '../../document/leafTable'
import { idSchema } from '../../document/ids'
import type { Frame, Mark } from '../../vector/mark'
import { cssPercent } from '../../units/length'
import { pictureSide } from '../pictureFile'
import { colourSchema } from '../colourSchema'
import type { Field, FieldFacts } from '../field'
import { defineLook, type PaintRoom, type Tokens } from '../look'
import { cssBlend, TINT_MODES, tinted, tintModeSchema, type TintMode } from '../tinted'

const share = z.number().min(0).max(1)
const backdropSchema = z.strictObject({
  /** the picture with its natural size, px */
  picture: z
    .union([
      leaf(z.strictObject({ asset: idSchema, width: pictureSide, height: pictureSide })),
      z.literal('none'),
    ])
    .optional(),
  /** the point of the picture that stays at the same point of the block however it is cut, shares of both */
  focus: leaf(z.strictObject({ x: share, y: share })).optional(),
  /** a colour laid over the picture, so that words on it can be read */
  veil: colourSchema.optional(),
  /** how much of the veil there is */
  strength: share.optional(),
  /** how the veil mixes with the picture */
  mode: tintModeSchema.optional(),
})

/** A picture that a block stands on. */
export interface Backdrop {
  asset: string
  width: number
  height: number
  focus: { x: number; y: number }
  /** with its alpha */
  veil?: string
  mode: TintMode
  /** wireframes have pictures in greys */
  isGrey?: true
}

const hasPicture = ({ value }: FieldFacts) => {
  const picture = value(['look', 'backdrop', 'picture'])
  return picture !== undefined && picture !== 'none'
}

type Written = z.infer<typeof backdropSchema>
interface Dressed {
  look?: { backdrop?: Written }
}

/** The pictures a block, a row of it or a part is to stand on, at all bands. */
export function backdropAssets({ at = {}, ...own }: Dressed & { at?: Record<string, Dressed> }): string[] {
  return [own, ...Object.values(at)].flatMap(({ look }) => {
    const picture = look?.backdrop?.picture
    return picture && picture !== 'none' ? [picture.asset] : []
  })
}

const hasPictureOrVeil: Field['when'] = (facts) =>
  hasPicture(facts) || facts.value(['look', 'backdrop', 'veil']) !== undefined

const MIDDLE = { x: 0.5, y: 0.5 }
const USUAL_STRENGTH = 0.6
/** Wireframes show so much less of a picture behind words. */
const PALE = 0.55
const PAPER = '#ffffff'

/** The name under which a style sheet knows a picture. */
export const pictureProperty = (asset: string): string => `--picture-${asset}`

/** A picture behind all that stands in a block: it covers the block, cut off at its focus, under a veil. */
export const backdrop = defineLook<Written, Backdrop | undefined>({
  schema: backdropSchema,
  initial: undefined,
  resolve: ({ picture, focus = MIDDLE, veil, strength = USUAL_STRENGTH, mode = 'over' }, tokens) => {
    if (picture === undefined || picture === 'none') return undefined
    return { ...picture, focus, mode, veil: veilOf(veil, strength, tokens) }
  },
  css: backdropCss,
  paint: (shown, room) => (shown ? [backdropMarks(shown, room)] : []),
  recoloured: (shown, colour) => {
    if (!shown) return undefined
    const { veil = withAlpha(PAPER, PALE) } = shown
    const grey = colour(opaque(veil), 'ground')
    return { ...shown, isGrey: true, mode: 'over', veil: withAlpha(grey, Math.max(PALE, alphaOf(veil))) }
  },
  on: ['blocks'],
  fields: [
    field('picture behind', 'picture', { type: 'picture' }),
    { ...field('its focus', 'focus', { type: 'focus' }), when: hasPicture },
    { ...field('veil over it', 'veil', { type: 'colour' }), when: hasPictureOrVeil },
    {
      ...field('veil’s strength', 'strength', {
        type: 'number',
        least: 0,
        most: 1,
        step: 0.05,
        absent: USUAL_STRENGTH,
      }),
      when: hasPictureOrVeil,
    },
    {
      ...field('how the veil mixes', 'mode', { type: 'choice', options: TINT_MODES, absent: 'over' }),
      when: hasPictureOrVeil,
    },
  ],
})

function field(label: string, leafName: string, control: Field['control']): Field {
  return { group: 'looks', label, path: ['look', 'backdrop', leafName], isRare: true, control }
}

function veilOf(veil: Written['veil'], strength: number, tokens: Tokens): string | undefined {
  const hex = veil && tokens.colour(veil)
  // A colour that is only named, for those who count tokens, has no opacity.
  if (hex === undefined || !hex.startsWith('#')) return hex
  return strength > 0 ? withAlpha(opaque(hex), strength) : undefined
}

function backdropCss(shown: Backdrop | undefined): [string, string][] {
  const layers = shown && [
    ...(shown.veil ? [`linear-gradient(${shown.veil} 0 0)`] : []),
    `var(${pictureProperty(shown.asset)})`,
  ]
  const position = shown && `${cssPercent(shown.focus.x)} ${cssPercent(shown.focus.y)}`
  const modes = shown && [
    ...(shown.veil ? [cssBlend(shown.mode)] : []),
    shown.isGrey ? 'luminosity' : 'normal',
  ]
  const isMixed = modes?.some((mode) => mode !== 'normal')
  return [
    ['background-image', layers ? layers.join(', ') : 'none'],
    // Under its border too: else what is cut off would show there alone.
    ['background-origin', shown ? 'border-box' : 'padding-box'],
    ['background-position', position ?? '0% 0%'],
    ['background-size', shown ? 'cover' : 'auto'],
    ['background-repeat', shown ? 'no-repeat' : 'repeat'],
    ['background-blend-mode', modes && isMixed ? modes.join(', ') : 'normal'],
  ]
}

/** A picture as large as it has to be to cover a frame, px, its focus where the frame's is (CSS Backgrounds 3, 3.6). */
export function covering(
  { width, height, focus }: Pick<Backdrop, 'width' | 'height' | 'focus'>,
  frame: Frame,
): Frame {
  const scale = Math.max(frame.width / width, frame.height / height)
  const [w, h] = [Math.round(width * scale), Math.round(height * scale)]
  return {
    x: frame.x + (frame.width - w) * focus.x,
    y: frame.y + (frame.height - h) * focus.y,
    width: w,
    height: h,
  }
}

function backdropMarks(shown: Backdrop, room: PaintRoom): Mark {
  const { x, y, width, height, radius } = room
  const outline = { type: 'rect' as const, x, y, width, height, radius }
  const frame = { x, y, width, height }
  const picture = room.backdrop(shown, frame)
  const marks = shown.veil ? tinted(picture, shown.mode, veilIn(shown.veil, room), frame) : picture
  return { type: 'group', clip: outline, marks }
}

const veilIn = (veil: string, room: PaintRoom) =>
  withAlpha(room.colour(opaque(veil), 'ground'), alphaOf(veil))
