import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { plainStyle } from '../style/plainStyle'
import { takeStart } from '../style/takeStart'
import { reviewed, reviewedProject } from '../testing/reviewed'
import { WELL_MADE } from '../testing/wellMadePages'

const library = shippedFontLibrary()
/** Rules of what things look like: they take a good page for a bad one sooner than any other. */
const LOOKS_LIKE = new Set([
  ...['looksLikeButton', 'buttonUnlike', 'linkUnlike', 'fieldEdge', 'primaryActions', 'weakAction'],
  ...['menuHidden', 'noAction', 'wrongAsAction', 'prominence', 'colourAlone', 'surfacesVanish'],
])

test.each(WELL_MADE.map((one) => [one.name, one] as const))(
  'nothing looks like what it is not on a page of %s, and nothing is gravely wrong',
  (_name, { sketches, start }) => {
    const guide = takeStart(plainStyle, start, ['colour', 'type', 'space', 'parts'])
    const found = reviewed(reviewedProject(sketches, guide), library)
    const wrong = found.filter(({ rule, severity }) => LOOKS_LIKE.has(rule) || severity === 'serious')
    expect(wrong.map(({ says }) => says)).toEqual([])
  },
)

test('they are ten', () => {
  expect(new Set(WELL_MADE.map(({ name }) => name)).size).toBe(10)
})
