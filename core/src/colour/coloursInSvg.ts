import { readColour } from './readColour'

/** Where SVG names a colour: in an attribute, or in a declaration of a style (SVG 2, chapters 13 and 14). */
const NAMED = /(?:fill|stroke|stop-color|flood-color)\s*[=:]\s*["']?\s*([^"';}>]{1,60})/gi

/**
 * The colours a drawing names, most often named first, each once and without its opacity.
 * @param svg its text, which need not be well formed
 * @returns `#rrggbb` each
 */
export function coloursInSvg(svg: string): string[] {
  const counts = new Map<string, number>()
  for (const [, written] of svg.matchAll(NAMED)) {
    const read = readColour(written.trim())
    if (!('hex' in read)) continue
    const hex = read.hex.slice(0, 7)
    counts.set(hex, (counts.get(hex) ?? 0) + 1)
  }
  return [...counts].sort(([, a], [, b]) => b - a).map(([hex]) => hex)
}
