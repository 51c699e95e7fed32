import { cutText } from '../text/cutText'
import { checkCount } from './importedPages'

/** A line of an indented list: its title and how deep it stands, 0 for the top. */
export interface OutlineEntry {
  title: string
  depth: number
  /** line of the text, from 1 */
  line: number
}

export interface Outline {
  entries: OutlineEntry[]
  /** what was mended in reading, by line */
  remarks: { line: number; remark: string }[]
}

const LONGEST_TITLE = 500
const BULLET = /^(?:[-*•–+]|\d+[.)])\s+/
const TAB = 4

/**
 * Reads an indented list of titles: tabs or spaces, with or without bullets or numbers. Blank lines are passed over.
 * A line deeper than one step below the line before stands one step below it; one that returns to a depth nobody had
 * stands at the nearest one above.
 * @throws ImportError for more pages than there is room for
 */
export function readIndentedText(text: string): Outline {
  const entries: OutlineEntry[] = []
  const remarks: Outline['remarks'] = []
  const open: number[] = []
  text
    .replace(/^\uFEFF/, '')
    .split(/\r\n|\r|\n/)
    .forEach((raw, index) => {
      const line = index + 1
      const full = raw.trim().replace(BULLET, '').trim()
      if (full === '') return
      const indent = indentOf(raw)
      while (open.length && open[open.length - 1] >= indent) {
        const closed = open.pop() as number
        const isBetween = closed > indent && open.length > 0 && open[open.length - 1] < indent
        if (isBetween)
          remarks.push({ line, remark: 'Its indent fits no line above; it was put at the nearest one.' })
      }
      const title = cutText(full, LONGEST_TITLE)
      if (title !== full) remarks.push({ line, remark: `The title was cut to ${LONGEST_TITLE} characters.` })
      entries.push({ title, depth: open.length, line })
      open.push(indent)
      checkCount(entries.length)
    })
  return { entries, remarks }
}

function indentOf(line: string): number {
  let width = 0
  for (const character of line) {
    if (character === '\t') width += TAB - (width % TAB)
    else if (/\s/.test(character)) width++
    else break
  }
  return width
}

/** Titles as a list indented by tabs, the form `readIndentedText` reads back. */
export function writeIndentedText(entries: Pick<OutlineEntry, 'title' | 'depth'>[]): string {
  return entries.map(({ title, depth }) => `${'\t'.repeat(depth)}${title.replace(/\s+/g, ' ')}\n`).join('')
}
