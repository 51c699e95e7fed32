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
