const SPACE = 0x20
const TILDE = 0x7e
const NEWLINE = 0x0a

/** Whether a text is printable ASCII and line breaks: set by pairs, broken by the simple rules. */
export function isPlainText(text: string, start = 0, end = text.length): boolean {
  for (let index = start; index < end; index++) {
    const code = text.charCodeAt(index)
    if ((code < SPACE || code > TILDE) && code !== NEWLINE) return false
  }
  return true
}

/** Where a word may be parted, said by whoever typed it: seen, as a hyphen, only where a line ends at it. */
export const SOFT_HYPHEN = '\u00ad'
/** Keeps what stands on both its sides on one line; never seen. */
export const WORD_JOINER = '\u2060'

/** Whether a character shows nothing by itself and takes no room, letters set apart or not. */
export const isUnseen = (code: number): boolean =>
  code === SOFT_HYPHEN.charCodeAt(0) || code === WORD_JOINER.charCodeAt(0)
