const WORDED = 'h1, h2, h3, h4, h5, h6, p, li, blockquote, dt, dd, td, pre'

/**
 * What was copied elsewhere as lines of text: of a page its headings, paragraphs and points, each marked as such;
 * of anything else its plain text.
 */
export function clipboardLines(data: Pick<DataTransfer, 'getData'>): string {
  const html = data.getData('text/html')
  return (html && htmlLines(html)) || data.getData('text/plain')
}

/** A parsed document runs nothing and fetches nothing. */
function htmlLines(html: string): string {
  const { body } = new DOMParser().parseFromString(html, 'text/html')
  const all = [...body.querySelectorAll(WORDED)].filter((one) => !one.querySelector(WORDED))
  const lines = all.flatMap((one) => {
    const words = (one.textContent ?? '').replace(/\s+/g, ' ').trim()
    return words ? [lineOf(one, words)] : []
  })
  return lines.join('\n')
}

function lineOf(one: Element, words: string): string {
  const level = /^H([1-6])$/.exec(one.tagName)?.[1]
  if (level) return `\n${'#'.repeat(Number(level))} ${words}\n`
  if (one.tagName === 'LI') return one.parentElement?.tagName === 'OL' ? `1. ${words}` : `- ${words}`
  return `\n${words}\n`
}
