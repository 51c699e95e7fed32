/** A font that a style sheet names: where that stands in it, and what stands between the braces. */
export interface NamedFace {
  from: number
  until: number
  body: string
}

/** The `@font-face` rules of a style sheet. Fonts may stand in it themselves, megabytes of them: no pattern goes over them. */
export function fontFaces(css: string): NamedFace[] {
  const faces: NamedFace[] = []
  const start = /@font-face/gi
  for (let found = start.exec(css); found; found = start.exec(css)) {
    const open = css.indexOf('{', found.index)
    const close = open < 0 ? -1 : css.indexOf('}', open)
    if (close < 0) break
    faces.push({ from: found.index, until: close + 1, body: css.slice(open + 1, close) })
    start.lastIndex = close
  }
  return faces
}

/** A style sheet without the fonts it names. */
export function withoutFontFaces(css: string): string {
  let rest = ''
  let at = 0
  for (const { from, until } of fontFaces(css)) {
    rest += css.slice(at, from)
    at = until
  }
  return rest + css.slice(at)
}
