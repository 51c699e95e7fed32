import type { FontLibrary } from '../text/fontLibrary'
import { widthAlone } from '../text/positions'
import { LAST_RESORT, PAGE_FAMILY } from '../text/fontCatalogue'
import type { Hatch, Mark, Picture, Words } from '../vector/mark'

/** Lines across what a service fills. */
export const SERVICE_HATCH: Hatch = { type: 'hatch', colour: '#c9c4b4', width: 0.6, step: 5 }

/** A sheet of paper as a picture, in points. */
export const sheetPicture = (
  { width, height }: { width: number; height: number },
  title: string,
  marks: Mark[],
): Picture => ({ width, height, unit: 'pt', title, ground: '#ffffff', marks })

/** The family that has every character of a text, the last resort where the page's own lacks one. */
function familyFor(library: FontLibrary, text: string, weight: number): string {
  const face = library.face({ family: PAGE_FAMILY, weight, italic: false })
  return [...text].every((sign) => face.has(sign.codePointAt(0) as number)) ? PAGE_FAMILY : LAST_RESORT
}

/** A text set on a sheet, cut with an ellipsis where it is wider than the room for it. */
export function wordsMark(
  library: FontLibrary,
  mark: Omit<Words, 'type' | 'family'>,
  room = Infinity,
): Words {
  // A text far longer than its room is cut to what could fit of the narrowest signs before any of it is measured.
  const most = Math.min(mark.text.length, Math.ceil((room / mark.size) * 20) + 100)
  const clean = mark.text.slice(0, most).replace(/\s+/g, ' ').trim()
  const family = familyFor(library, clean, mark.weight)
  const face = library.face({ family, weight: mark.weight, italic: false })
  const fits = (text: string) => widthAlone({ face, size: mark.size }, text) <= room
  if (most === mark.text.length && fits(clean)) return { type: 'words', ...mark, text: clean, family }
  const signs = [...clean]
  let [low, high] = [0, signs.length]
  while (low < high) {
    const middle = Math.ceil((low + high) / 2)
    if (fits(`${signs.slice(0, middle).join('').trimEnd()}…`)) low = middle
    else high = middle - 1
  }
  return { type: 'words', ...mark, text: `${signs.slice(0, low).join('').trimEnd()}…`, family }
}
