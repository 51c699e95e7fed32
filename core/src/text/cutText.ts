let graphemes: Intl.Segmenter | undefined

/**
 * The beginning of a text, at most `most` UTF-16 units long, cut between characters as people see them (UAX #29), so
 * that no emoji, accent or flag is halved. A single character longer than that is cut between code points.
 */
export function cutText(text: string, most: number): string {
  if (text.length <= most) return text
  graphemes ??= new Intl.Segmenter('en', { granularity: 'grapheme' })
  const end = graphemes.segment(text).containing(most)?.index ?? most
  return text.slice(0, end || beforePair(text, most))
}

/** The place at or just before `end` that does not part a surrogate pair. */
function beforePair(text: string, end: number): number {
  const code = text.charCodeAt(end)
  return end > 0 && code >= 0xdc00 && code <= 0xdfff ? end - 1 : end
}
