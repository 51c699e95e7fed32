/**
 * How letters are shown, whatever they were typed as. Capitals at the beginnings of words are typed as such: what browsers
 * make of `capitalize` depends on what stands before in the page.
 */
export const TEXT_CASES = ['none', 'upper', 'lower'] as const
export type TextCase = (typeof TEXT_CASES)[number]

/** What CSS calls them. */
export const TEXT_TRANSFORM: Record<TextCase, string> = {
  none: 'none',
  upper: 'uppercase',
  lower: 'lowercase',
}

const LANGUAGE = 'en'

/** A text as it is shown in a case. @see CSS Text 3, section 2.1, for English */
export function inCase(text: string, shown: TextCase = 'none'): string {
  if (shown === 'none') return text
  return shown === 'upper' ? text.toLocaleUpperCase(LANGUAGE) : text.toLocaleLowerCase(LANGUAGE)
}
