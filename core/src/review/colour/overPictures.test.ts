import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { windowPainter } from '@nolvex/server/exports/paintWindow'
import { CASES } from '../../testing/ruleCases'
import { page, text } from '../../testing/ruleCases/drawnPages'
import { reviewedProject, reviewFacts, withFix } from '../../testing/reviewed'
import type { Sketch } from '../../testing/draft'
import { px } from '../../units/length'
import { overPictureFindings } from './overPictures'

const library = shippedFontLibrary()
const paint = windowPainter([])
const found = (sketches: Sketch[]) =>
  overPictureFindings(reviewFacts(reviewedProject(sketches), library), paint)

/** A box with a ground that goes from one colour to another, left to right, and words on its left. */
const over = (from: string, to: string, colour: string): Sketch[] =>
  page({
    ...{
      kind: 'box',
      name: 'ground',
      arrange: { type: 'column', align: 'start' },
      place: { height: px(200) },
    },
    look: {
      gradient: {
        type: 'linear',
        angle: 90,
        stops: [
          { at: 0, colour: { hex: from } },
          { at: 1, colour: { hex: to } },
        ],
      },
    } as Sketch['look'],
    holds: [text('words', 'Boats', { look: { colour: { hex: colour } } })],
  })

test('words are judged by the pixels behind them, not by the rest of what they stand on', async () => {
  // White words on dark blue that ends in white far to the right: 8 to 1 where they are.
  expect(await found(over('#14506b', '#ffffff', '#ffffff'))).toEqual([])
  const [finding] = await found(over('#ffffff', '#14506b', '#ffffff'))
  expect(finding).toMatchObject({ rule: 'overPictures', severity: 'serious' })
  expect(finding.says).toMatch(
    /^words stands out from the picture behind it by 1(\.\d)? to 1 at worst; 4\.5 are needed/,
  )
})

test('it is set in the colour of the guide that stands out', async () => {
  const sketches = over('#ffffff', '#14506b', '#f0f0f0')
  const [{ fix }] = await found(sketches)
  const mended = withFix(reviewedProject(sketches), fix as NonNullable<typeof fix>)
  expect(await overPictureFindings(reviewFacts(mended, library), paint)).toEqual([])
})

test('on plain grounds it says nothing: other rules know those', async () => {
  for (const { fault } of CASES.filter(({ rule }) => rule === 'textContrast'))
    expect(await found(fault)).toEqual([])
})
