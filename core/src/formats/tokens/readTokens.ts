import { readTokensCss } from './cssTokenReader'
import { readDtcg } from './dtcgReader'
import type { ImportedTokens } from './importedTokens'
import { readColourList, readPalette } from './palette'

/**
 * Reads tokens from a file or a pasted text, whichever of the formats it is: design tokens, custom properties of CSS, a
 * palette, or lines of colours.
 * @throws ImportError that says what is wrong
 */
export function readTokens(text: string): ImportedTokens {
  const start = text.replace(/^\uFEFF/, '').trimStart()
  if (start.startsWith('{') || start.startsWith('[')) return readDtcg(start)
  if (start.startsWith('GIMP Palette')) return readPalette(start)
  if (/(?:^|[\s;{])--\w/.test(start)) return readTokensCss(start)
  return readColourList(text)
}
