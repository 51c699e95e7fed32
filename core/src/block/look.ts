import type { z } from 'zod'
import type { WrittenLength } from '../units/length'
import type { Colour } from './colourSchema'
import type { Field } from './field'
import type { Length } from './lengthSchema'
import type { ContentType } from './primitive'
import type { TextStyle } from './textStyle'

/** What the style guide gives for what drawings name. */
export interface Tokens {
  /** A written length; a token that is gone measures nothing (review finds it). */
  length: (length: Length) => WrittenLength
  colour: (colour: Colour) => string | undefined
  /** The type level of an id, else of a role, else of plain text. */
  textStyle: (level: string | undefined, role: string) => TextStyle
}

/** A look of blocks: one file each, registered in `looks.ts`. */
export interface Look<Written, Resolved> {
  schema: z.ZodType<Written>
  /** what it is where nothing is said */
  initial: Resolved
  /** Its value with every token replaced. @param role type level role of the block that has it */
  resolve: (written: Written, tokens: Tokens, role: string) => Resolved
  /** Its value where nothing is said, if that is not always the initial one. */
  resolveAbsent?: (tokens: Tokens, role: string) => Resolved
  /** All declarations it stands for, with those that say there is none. */
  css: (resolved: Resolved) => [property: string, value: string][]
  /** content it counts for; all where it does not say */
  on?: ContentType[]
  /** whether the page or the browser would give another value where it is not written */
  isInherited?: true
  fields: Field[]
}

/** Types a look by its schema. */
export const defineLook = <Written, Resolved>(look: Look<Written, Resolved>) => look
