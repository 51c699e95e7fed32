import type { FontFile } from '@nolvex/core/text/fontLibrary'

/** A font as a data address. */
export const fontData = ({ bytes }: FontFile): string =>
  `data:font/ttf;base64,${Buffer.from(bytes).toString('base64')}`

/** CSS that brings a font along in a drawing. */
export function fontFace(file: FontFile): string {
  const style = file.italic ? 'italic' : 'normal'
  return `@font-face{font-family:"${file.family}";font-weight:${file.weight};font-style:${style};src:url(${fontData(file)})}`
}
