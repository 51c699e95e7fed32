import { fontCatalogue, fontFileName } from '@nolvex/core/text/fontCatalogue'

/** Makes the shipped fonts known to the page, from the same files the shaper reads. */
export function registerFontFaces() {
  for (const font of fontCatalogue) {
    const { family, weight, italic } = font
    const descriptors = {
      weight: String(weight),
      style: italic ? 'italic' : 'normal',
      display: 'swap',
    } as const
    document.fonts.add(new FontFace(family, `url(/fonts/${fontFileName(font)})`, descriptors))
  }
}
