import type { TextRun } from './paragraph'

/** White space a browser would not show as it is. */
const UNEVEN = /^ | {2}|[\t\r]| \n|\n | $/

/**
 * Runs with white space as a browser would show it: spaces and tabs collapse to one, none at the start or end of a
 * line. Empty runs are dropped.
 */
export function collapseSpaces<T extends Pick<TextRun, 'text'>>(runs: T[]): T[] {
  if (runs.length === 1 && runs[0].text && !UNEVEN.test(runs[0].text)) return runs
  let spaceBefore = true
  const collapsed = runs.map((run) => {
    let text = ''
    for (const character of run.text.replaceAll('\r', '')) {
      const isSpace = character === ' ' || character === '\t'
      if (isSpace && spaceBefore) continue
      text += isSpace ? ' ' : character
      spaceBefore = isSpace || character === '\n'
    }
    return { ...run, text }
  })
  return trimLineEnds(collapsed).filter(({ text }) => text !== '')
}

/** Takes away a space before a line break or the end, also where the break stands in the next run. */
function trimLineEnds<T extends Pick<TextRun, 'text'>>(runs: T[]): T[] {
  let breakAfter = true
  return runs
    .reverse()
    .map((run) => {
      let text = run.text.replaceAll(' \n', '\n')
      if (breakAfter && text.endsWith(' ')) text = text.slice(0, -1)
      if (text !== '') breakAfter = text.startsWith('\n')
      return { ...run, text }
    })
    .reverse()
}
