import type { z } from 'zod'
import type { WrittenLength } from '../units/length'
import type { Frame, Mark, Outline } from '../vector/mark'
import type { Role } from '../colour/roles'
import type { Colour } from './colourSchema'
import type { Backdrop } from './looks/backdrop'
import type { Field } from './field'
import type { Length } from './lengthSchema'
import type { ContentType } from './primitive'
import type { Shadow } from './shadow'
import type { TextStyle } from './textStyle'

/** What the style guide gives for what drawings name. */
export interface Tokens {
  /** A written length; a token that is gone measures nothing (review finds it). */
  length: (length: Length) => WrittenLength
  colour: (colour: Colour) => string | undefined
  /** The colour of a role, where the style guide has one for it. */
  role: (role: Role) => string | undefined
  /** whether colours are those of the dark set */
  isDark: boolean
  /** The shadows of a token; none where it is gone. */
  shadows: (token: string) => Shadow[]
  /** The type level of an id, else of a role, else of plain text. */
  textStyle: (level: string | undefined, role: string) => TextStyle
}

/** What a look is painted in: lengths in px from the block's top left corner, and how its colours come out. */
export interface PaintRoom extends Frame {
  /** laid-out widths of the border's sides: top, right, bottom, left */
  border: [number, number, number, number]
  /** radius of each corner, from the top left on, as it fits */
  radius: [number, number, number, number]
  /** what is left inside border and padding */
  content: Frame
  /** whether what is drawn in it goes down, not across */
  isDown: boolean
  length: (written: WrittenLength) => number
  /** A picture the block stands on, as the finish shows it. @param frame px, that it covers */
  backdrop: (picture: Backdrop, frame: Frame) => Mark[]
  /** A colour as the finish shows it; `none` where it does not. */
  colour: (colour: string, use: ColourUse) => string
  /** whether the ground of the block lets nothing through */
  isOpaque: boolean
}

/** What a colour is for: a finish may show grounds otherwise than lines or words. */
export type ColourUse = 'ground' | 'line' | 'words' | 'shadow'

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
  /** Marks it is painted as, if it is seen by itself, in the order of the looks. */
  paint?: (resolved: Resolved, room: PaintRoom) => Mark[]
  /** Marks over those of all looks. */
  paintOver?: (resolved: Resolved, room: PaintRoom) => Mark[]
  /** What of a block is seen, with all its looks and all that stands in it. */
  clip?: (resolved: Resolved, room: PaintRoom) => Outline | undefined
  /** whether it is what a block stands on, which may reach less far than the block */
  isGround?: true
  /** content it counts for; all where it does not say */
  on?: ContentType[]
  /** properties the page or the browser would give another value where they are not written; true: all of them */
  isInherited?: true | readonly string[]
  /** The same look with each of its colours as a finish shows it. */
  recoloured?: (resolved: Resolved, shown: PaintRoom['colour']) => Resolved
  fields: Field[]
}

/** Types a look by its schema. */
export const defineLook = <Written, Resolved>(look: Look<Written, Resolved>) => look
