import type { SectionContent } from './sectionContent'
import type { Piece } from './piece'

/** Something one may choose of a pattern. */
export type Parameter = { name: string; label: string } & (
  | { type: 'count'; least: number; most: number; usual: number }
  | { type: 'choice'; options: Record<string, string>; usual: string }
  | { type: 'tick'; usual: boolean }
)

/** What is chosen, by parameter. */
export type Chosen = Record<string, number | string | boolean>

/** The parts patterns stand in where they are offered. */
export const PATTERN_GROUPS = {
  top: 'Tops of pages',
  begin: 'Beginnings',
  words: 'Words and pictures',
  many: 'Several alike',
  facts: 'Facts and tables',
  ask: 'To fill in and to do',
  foot: 'Feet of pages',
} as const

/** A section pattern: one file each in `patterns/`, registered in `patterns.ts`. */
export interface Pattern {
  id: string
  label: string
  group: keyof typeof PATTERN_GROUPS
  /** words it is found by, and names of sections it is guessed for */
  also: string
  /** what heads it where its section's name only says what it is made of */
  usualHeading?: string
  /** the parts it expects, in words */
  expects: string
  parameters: Parameter[]
  make: (content: SectionContent, chosen: Chosen) => Piece
}

export const count = (
  name: string,
  label: string,
  usual: number,
  least: number,
  most: number,
): Parameter => ({
  type: 'count',
  name,
  label,
  usual,
  least,
  most,
})
export const choice = (
  name: string,
  label: string,
  options: Record<string, string>,
  usual: string,
): Parameter => ({
  type: 'choice',
  name,
  label,
  options,
  usual,
})
export const tick = (name: string, label: string, usual: boolean): Parameter => ({
  type: 'tick',
  name,
  label,
  usual,
})

/** Whether the head of a page keeps to the top of the window. */
export const STAYS = tick('stays', 'Stays at the top', false)

/** A pattern's choices where nothing else is chosen. */
export const usualChoice = ({ parameters }: Pick<Pattern, 'parameters'>): Chosen =>
  Object.fromEntries(parameters.map(({ name, usual }) => [name, usual]))
