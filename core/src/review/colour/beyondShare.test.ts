import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import type { ColourToken } from '../../style/token'
import { idOf } from '../../testing/draft'
import { dressedGuide, reviewed, reviewedProject } from '../../testing/reviewed'
import { ground, page } from '../../testing/ruleCases/drawnPages'

const library = shippedFontLibrary()
const colour = (name: string, value: string, more: Partial<ColourToken>) => ({
  ...{ id: idOf(name), order: `z${name}`, name, type: 'colour' as const, value },
  ...more,
})

/** What is said of a page with grounds so many px tall. */
function found(more: Partial<ColourToken>, tall: { sea: number; sand: number }) {
  const tokens = [
    colour('sea', '#14506b', { prominence: 'primary' }),
    colour('sand', '#e0c48a', { prominence: 'secondary', ...more }),
  ]
  const guide = {
    ...dressedGuide,
    records: { ...dressedGuide.records, tokens: Object.fromEntries(tokens.map((one) => [one.id, one])) },
  } as unknown as typeof dressedGuide
  const named = (name: string, hex: string, px: number) => ({ ...ground(hex, px), name })
  const sketches = page(named('seaground', '#14506b', tall.sea), named('sandground', '#e0c48a', tall.sand))
  return reviewed(reviewedProject(sketches, guide), library)
    .filter(({ rule }) => rule === 'beyondShare')
    .map(({ says }) => says)
}

test('a colour that is to step behind another and covers more than it is told', () => {
  expect(found({}, { sea: 100, sand: 400 })).toEqual([
    expect.stringMatching(/^sand is to step behind sea and covers \d+ % to its \d+ % on “Fares”\.$/),
  ])
  expect(found({}, { sea: 300, sand: 400 })).toEqual([])
  expect(found({ prominence: 'neutral' }, { sea: 100, sand: 400 })).toEqual([])
})

test('a colour that covers three times the share it is meant to have is told', () => {
  const neutral = { prominence: 'neutral', share: 10 } as const
  expect(found(neutral, { sea: 100, sand: 600 })).toEqual([
    expect.stringMatching(/^sand is meant for 10 % of what is seen and covers \d+ % on “Fares”\.$/),
  ])
  expect(found({ ...neutral, share: 30 }, { sea: 100, sand: 600 })).toEqual([])
})
