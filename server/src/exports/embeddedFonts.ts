import { cssFontFace, cssSheet, type Css } from '@nolvex/core/text/cssWriter'
import type { FontFile } from '@nolvex/core/text/fontLibrary'

/** A font as a data address. */
export const fontData = ({ bytes }: FontFile): string =>
  `data:font/ttf;base64,${Buffer.from(bytes).toString('base64')}`

/** CSS that brings fonts along in a drawing. */
export const fontFaces = (files: FontFile[]): Css =>
  cssSheet(files.map((file) => cssFontFace(file, fontData(file))))
