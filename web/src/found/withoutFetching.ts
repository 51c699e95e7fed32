import { withoutFontFaces } from './fontFaces'

/**
 * CSS with everything taken out that would fetch something: imports, fonts, pictures that do not stand in the CSS
 * itself. The application's own policy would refuse it too; so the page does not even try. Patterns look a bounded way
 * ahead, so that CSS made to hold them up cannot.
 */
export function withoutFetching(css: string): string {
  return withoutFontFaces(css)
    .replace(/@import[^;]{1,4000};/gi, '')
    .replace(/(?:-webkit-)?image-set\((?:[^()]|\([^()]{0,4000}\)){0,200}\)/gi, 'none')
    .replace(/url\((?!\s*['"]?data:image\/)[^)]{0,4000}\)/gi, 'none')
}

/** HTML with its style elements taken out, each leaving a link that says which it was. */
export function withoutInlineStyles(html: string): { html: string; inline: string[] } {
  const inline: string[] = []
  let rest = ''
  let at = 0
  for (;;) {
    const start = find(html, /<style\b/gi, at)
    const open = start < 0 ? -1 : html.indexOf('>', start)
    const end = open < 0 ? -1 : find(html, /<\/style\b/gi, open)
    const close = end < 0 ? -1 : html.indexOf('>', end)
    if (close < 0) return { html: rest + html.slice(at), inline }
    inline.push(html.slice(open + 1, end))
    rest += `${html.slice(at, start)}<link rel="stylesheet" data-inline="${inline.length - 1}">`
    at = close + 1
  }
}

function find(text: string, pattern: RegExp, from: number): number {
  pattern.lastIndex = from
  return pattern.exec(text)?.index ?? -1
}
