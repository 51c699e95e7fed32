import { z } from 'zod'
import type { Field } from './field'
import type { Look } from './look'
import { adjust } from './looks/adjust'
import { backdrop } from './looks/backdrop'
import { border } from './looks/border'
import { cut } from './looks/cut'
import { fill } from './looks/fill'
import { gradient } from './looks/gradient'
import { hyphens } from './looks/hyphens'
import { inside } from './looks/inside'
import { level } from './looks/level'
import { lines } from './looks/lines'
import { opacity } from './looks/opacity'
import { outline } from './looks/outline'
import { pictureFit } from './looks/pictureFit'
import { pictureFocus } from './looks/pictureFocus'
import { pictureZoom } from './looks/pictureZoom'
import { colourSet } from './looks/colourSet'
import { radius } from './looks/radius'
import { shadow } from './looks/shadow'
import { stroke } from './looks/stroke'
import { textAlign } from './looks/textAlign'
import { textColour } from './looks/textColour'
import { tint } from './looks/tint'
import type { ContentType } from './primitive'

/** Every look by the key it is written under. A new look is one file in `looks/` and one line here. */
export const looks = {
  shadow,
  fill,
  backdrop,
  gradient,
  border,
  radius,
  cut,
  opacity,
  level,
  colour: textColour,
  textAlign,
  lines,
  hyphens,
  pictureFit,
  pictureFocus,
  pictureZoom,
  adjust,
  tint,
  stroke,
  inside,
  outline,
  colourSet,
}

type Looks = typeof looks
export type LookName = keyof Looks
/** Any look, where it does not matter which. */
// A look takes what it gives itself; no other type says so of all of them at once.
// eslint-disable-next-line @typescript-eslint/no-explicit-any
export type AnyLook = Look<any, any>

export const LOOK_NAMES = Object.keys(looks) as LookName[]

const schemas = Object.fromEntries(
  LOOK_NAMES.map((name) => [name, (looks[name].schema as z.ZodType).optional()]),
) as { [Name in LookName]: z.ZodOptional<Looks[Name]['schema']> }

/** How a block looks, as it is written. */
export const lookSchema = z.strictObject(schemas)

export type WrittenLook = z.infer<typeof lookSchema>
/** How a block looks, every token replaced. */
export type ResolvedLook = { [Name in LookName]: Looks[Name]['initial'] }

/** Looks that count for a kind of content. */
export const looksOn = (content: ContentType): LookName[] =>
  LOOK_NAMES.filter((name) => (looks[name] as AnyLook).on?.includes(content) ?? true)

/** Fields of all looks that count for a kind of content, without those of some. */
export const lookFields = (content: ContentType, without: LookName[] = []): Field[] =>
  looksOn(content)
    .filter((name) => !without.includes(name))
    .flatMap((name) => looks[name].fields)
