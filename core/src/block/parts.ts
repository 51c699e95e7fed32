import type { RichText } from '../document/richText'
import type { WrittenLength } from '../units/length'
import type { ElementAttributes, Part, ShownControl, ShownIcon } from './primitive'
import type { Tag } from './tags'
import type { Varying } from './varying'

type Held = Part | 'own' | { child: string }

/** A part that holds others. */
export const boxPart = (
  name: string,
  tag: Tag,
  values: Varying,
  holds: Held[],
  attributes?: ElementAttributes,
): Part => ({ name, tag, values: { ...WHOLE, ...values }, content: { type: 'blocks', holds }, attributes })

/** A part of words, set as the block is where nothing else is said. */
export const wordsPart = (
  name: string,
  tag: Tag,
  text: string | RichText,
  values: Varying = {},
  attributes?: ElementAttributes,
): Part => ({
  name,
  tag,
  values,
  content: {
    type: 'text',
    text: typeof text === 'string' ? words(text) : text,
    isBare: tag === 'a',
    isLink: tag === 'a' || tag === 'button' || tag === 'span' || tag === 'summary',
  },
  attributes,
  isDressed: true,
})

/** An icon beside words, in their colour and by their size. */
export const iconPart = (name: string, icon: ShownIcon, size: WrittenLength): Part => ({
  name,
  tag: 'span',
  values: { place: { width: 'fit', height: 'fit' } },
  content: { type: 'icon', size, ...icon },
  isDressed: true,
})

/** Something to write in or to choose with. */
export const controlPart = (
  name: string,
  control: ShownControl,
  values: Varying,
  attributes: ElementAttributes,
): Part => ({
  name,
  tag: ELEMENTS[control.control],
  values,
  content: { type: 'control', ...control },
  attributes,
  isDressed: true,
})

const ELEMENTS = { input: 'input', select: 'select', area: 'textarea', mark: 'input' } as const
const WHOLE: Varying = { place: { width: 'fill', height: 'fit' } }
const words = (text: string): RichText => (text ? [{ insert: text }] : [])

/** An id within the page for something of an instance. @param key of the instance; it may hold slashes */
export const idIn = (key: string, what: string) => `${key.replace(/[^a-z0-9]+/gi, '-')}-${what}`

/** As wide and as tall as its words. */
export const FIT: Varying = { place: { width: 'fit', height: 'fit' } }
