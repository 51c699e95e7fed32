import type { Json } from '../document/types'

/** The parts of the particulars, in their order. */
export const FIELD_GROUPS = ['is', 'says', 'shows', 'leads', 'arranges', 'stands', 'looks', 'tells'] as const
export type FieldGroup = (typeof FIELD_GROUPS)[number]

/** How the value of a leaf is shown and changed. */
export type FieldControl =
  | { type: 'length'; words?: string[]; absent?: string }
  | { type: 'choice'; options: Record<string, string>; absent?: string }
  | { type: 'tick' }
  | { type: 'number'; least: number; most: number; step: number; absent?: number }
  | { type: 'words'; most: number }
  /** words, one line each */
  | { type: 'lines'; most: number }
  | { type: 'icon' }
  | { type: 'menu' }
  | { type: 'page' }
  | { type: 'collection' }
  /** a field of the collection the block repeats its blocks over */
  | { type: 'rowField' }
  /** fields of the collection the block lists, in their order */
  | { type: 'rowFields' }
  /** where words or a picture come from */
  | { type: 'content' }
  /** words to whoever reads the drawing */
  | { type: 'note'; most: number }
  /** a requirement of the page or of the project */
  | { type: 'requirement' }
  /** states of the page */
  | { type: 'pageStates' }
  /** addresses with what they are called */
  | { type: 'links' }
  /** rows of a table */
  | { type: 'cells' }
  | { type: 'richText' }
  | { type: 'colour'; absent?: string }
  | { type: 'level' }
  | { type: 'tracks' }
  | { type: 'edge' }
  | { type: 'stroke' }
  | { type: 'shadow' }
  | { type: 'picture' }
  /** the point of a picture that is kept in view */
  | { type: 'focus' }
  | { type: 'gradient' }
  | { type: 'target' }

/** What a field may ask before it shows itself. */
export interface FieldFacts {
  /** the effective value of another leaf of the block */
  value: (path: string[]) => Json | undefined
  /** variants of its kind that the style guide adds, with what they are called */
  variants?: Readonly<Record<string, string>>
  /** how the block it stands in arranges its children; nothing for one on the page itself */
  parentArranges?: string
}

/** A leaf of a block as the particulars offer it. */
export interface Field {
  group: FieldGroup
  label: string
  /** keys of the leaf from the block */
  path: string[]
  /** further leaves that are written alike */
  also?: string[][]
  control: FieldControl
  /** shown only when asked for, unless it has a value */
  isRare?: true
  /** one way more to write what other fields show: never shown by itself */
  isShortcut?: true
  /** whether bands may have a value of their own, where that does not follow from the path */
  varies?: boolean
  /** shown only where this holds */
  when?: (facts: FieldFacts) => boolean
}

const VARYING = ['arrange', 'place', 'look', 'hidden', 'manner', 'states']

/** Whether bands may have a value of their own for a leaf. */
export const variesAt = ([first]: string[]) => VARYING.includes(first)

/** Whether bands may have a value of their own there. */
export const variesByBand = ({ path, varies }: Pick<Field, 'path' | 'varies'>) => varies ?? variesAt(path)
