import { z } from 'zod'

/** What a colour of the style guide may be for, and what it is called. */
export const ROLES = {
  text: 'Text',
  soft: 'Soft text',
  ground: 'Page ground',
  raised: 'Raised ground',
  tint: 'Tinted ground',
  action: 'Action',
  onAction: 'Text on action',
  link: 'Link',
  line: 'Line',
  edge: 'Control edge',
  focus: 'Focus ring',
  good: 'Good',
  warning: 'Warning',
  wrong: 'Wrong',
  info: 'Information',
} as const

export type Role = keyof typeof ROLES

export const ROLE_NAMES = Object.keys(ROLES) as [Role, ...Role[]]

export const roleSchema = z.enum(ROLE_NAMES)

/** Contrast that words need (WCAG 2.2, 1.4.3), large words, and what is no words (1.4.11). */
export const NEEDED = { words: 4.5, large: 3, edge: 3 } as const

/** Roles that are seen on one another wherever a guide has both, and what they are there. */
export const USUAL_PAIRS: readonly { on: Role; over: Role; as: keyof typeof NEEDED }[] = [
  ...(['ground', 'raised', 'tint'] as const).flatMap((on) => [
    { on, over: 'text' as const, as: 'words' as const },
    { on, over: 'soft' as const, as: 'words' as const },
    { on, over: 'link' as const, as: 'words' as const },
  ]),
  { on: 'action', over: 'onAction', as: 'words' },
  { on: 'ground', over: 'action', as: 'edge' },
  { on: 'ground', over: 'edge', as: 'edge' },
  { on: 'ground', over: 'focus', as: 'edge' },
  { on: 'ground', over: 'good', as: 'words' },
  { on: 'ground', over: 'warning', as: 'words' },
  { on: 'ground', over: 'wrong', as: 'words' },
  { on: 'ground', over: 'info', as: 'words' },
]
