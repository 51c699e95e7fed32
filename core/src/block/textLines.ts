import type { RichText } from '../document/richText'

/** A rich text line by line, without empty lines at its end. */
export function textLines(text: RichText): RichText[] {
  const lines: RichText[] = [[]]
  for (const { insert, attributes } of text) {
    insert.split('\n').forEach((part, index) => {
      if (index > 0) lines.push([])
      if (part) lines[lines.length - 1].push({ insert: part, attributes })
    })
  }
  while (lines.length && lines[lines.length - 1].length === 0) lines.pop()
  return lines
}
