/**
 * CSS with everything taken out that would fetch something: imports, fonts, pictures that do not stand in the CSS
 * itself. The application's own policy would refuse it too; so the page does not even try.
 */
export function withoutFetching(css: string): string {
  return css
    .replace(/@import[^;]+;/gi, '')
    .replace(/@font-face\s*\{[^}]*\}/gi, '')
    .replace(/(?:-webkit-)?image-set\((?:[^()]|\([^()]*\))*\)/gi, 'none')
    .replace(/url\(\s*(?!['"]?data:image\/)[^)]*\)/gi, 'none')
}

/** HTML with its style elements taken out, each leaving a link that says which it was. */
export function withoutInlineStyles(html: string): { html: string; inline: string[] } {
  const inline: string[] = []
  const rest = html.replace(/<style\b[^>]*>([\s\S]*?)<\/style\s*>/gi, (_whole, css: string) => {
    inline.push(css)
    return `<link rel="stylesheet" data-inline="${inline.length - 1}">`
  })
  return { html: rest, inline }
}
