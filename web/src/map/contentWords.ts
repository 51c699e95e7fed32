import { CONTENT_KINDS, CONTENT_STATES } from '@nolvex/core/content/content'

const worded = <T extends string>(names: readonly T[]) =>
  Object.fromEntries(names.map((name) => [name, name[0].toUpperCase() + name.slice(1)])) as Record<T, string>

/** What a designer sees of the kinds and states of content items. */
export const KIND_WORDS = worded(CONTENT_KINDS)
export const STATE_WORDS = worded(CONTENT_STATES)
