const HALF = /\p{Surrogate}/u
const NO_TEXT = /\0|\p{Surrogate}/gu

/**
 * Whether text can be stored, sent and shown everywhere: it holds no half of a surrogate pair (Unicode 15, section
 * 3.9, D84) and no NUL, which PostgreSQL's text has no room for.
 */
export function isWellFormed(text: string): boolean {
  return !text.includes('\0') && !HALF.test(text)
}

/** Text with each half of a surrogate pair made U+FFFD, the replacement character, and NULs left out. */
export function mendText(text: string): string {
  if (isWellFormed(text)) return text
  return text.replace(NO_TEXT, (sign) => (sign === '\0' ? '' : '\uFFFD'))
}
