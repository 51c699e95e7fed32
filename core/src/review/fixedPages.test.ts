import fc from 'fast-check'
import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import type { Sketch } from '../testing/draft'
import { dressedGuide, reviewed, reviewedProject, withFix } from '../testing/reviewed'
import type { Token } from '../style/token'
import { px } from '../units/length'
import type { Finding } from './finding'

const library = shippedFontLibrary()

const WORDS =
  'Boats leave every hour from the first light to the last, and on days without wind they are on time.'
const says = (words: string) => [{ insert: words }]
const gap = fc.constantFrom(4, 8, 11, 13, 16, 24, 30, 40)
const colour = fc.constantFrom(undefined, '#8f8f8f', '#1b2023', '#c9a227')
const fill = fc.constantFrom(undefined, '#fdfdfd', '#e8efec', '#14506b')

const textBlock = fc
  .record({
    tag: fc.constantFrom('p', 'h2', 'h3', 'h5'),
    colour,
    times: fc.constantFrom(1, 3, 6),
    space: fc.option(gap),
    textAlign: fc.constantFrom('start' as const, 'start' as const, 'centre' as const),
  })
  .map(({ tag, colour: hex, times, space, textAlign }): Sketch => ({
    ...{
      kind: 'text',
      name: 'text',
      tag: tag as 'p',
      text: says(tag === 'p' ? WORDS.repeat(times) : 'Winter boats'),
    },
    look: { textAlign, ...(hex ? { colour: { hex } } : {}) },
    ...(space === null ? {} : { place: { space: px(space) } }),
  }))
const buttonBlock = fc
  .record({ variant: fc.constantFrom('primary', 'secondary', 'quiet') })
  .map(({ variant }): Sketch => ({ kind: 'button', name: 'button', text: says('Buy a ticket'), variant }))
const signBlock = fc
  .record({ top: gap, bottom: gap, left: gap, right: gap })
  .map(({ top, bottom, left, right }): Sketch => ({
    ...{ kind: 'text', name: 'sign', text: says('Open'), place: { width: 'fit' } },
    arrange: { padding: { top: px(top), right: px(right), bottom: px(bottom), left: px(left) } },
    look: { fill: { hex: '#14506b' }, colour: { hex: '#ffffff' } },
  }))
const leafBlock = fc.oneof({ weight: 3, arbitrary: textBlock }, buttonBlock, signBlock)
const boxBlock = fc
  .record({
    holds: fc.array(leafBlock, { minLength: 1, maxLength: 4 }),
    gap,
    fill,
    type: fc.constantFrom('row', 'column'),
  })
  .map(({ holds, gap: between, fill: hex, type }): Sketch => ({
    ...{ kind: 'box', name: 'box', holds },
    arrange: { type: type as 'row', gap: px(between) },
    ...(hex ? { look: { fill: { hex } } } : {}),
  }))
const pageOf = fc
  .array(fc.oneof(boxBlock, leafBlock), { minLength: 2, maxLength: 5 })
  .map((holds): Sketch[] => {
    let count = 0
    const named = (sketch: Sketch): Sketch => {
      const name = `${sketch.name}${count++}`
      return { ...sketch, name, ...(sketch.holds ? { holds: sketch.holds.map(named) } : {}) }
    }
    const title: Sketch = { kind: 'text', name: 'title', tag: 'h1', text: says('Fares') }
    const padding = { top: px(64), bottom: px(64) }
    return [
      {
        ...{ kind: 'section', name: 'main', arrange: { type: 'column', gap: px(24), padding } },
        holds: [title, ...holds.map(named)],
      },
    ]
  })

/** Of one set of colours: where there is a dark one, what is named by a token shows what beside it does not follow. */
const oneSet = {
  ...dressedGuide,
  records: {
    ...dressedGuide.records,
    tokens: Object.fromEntries(
      Object.values(dressedGuide.records.tokens).map((token) => [
        token.id,
        { ...token, dark: undefined } as Token,
      ]),
    ),
  },
}

const keyOf = ({ rule, place }: Finding) => `${rule} ${place.id}`

test('each fix on any page removes what it is for', () => {
  fc.assert(
    fc.property(pageOf, (sketches) => {
      const documents = reviewedProject(sketches, oneSet)
      for (const finding of reviewed(documents, library)) {
        if (!finding.fix) continue
        const after = reviewed(withFix(documents, finding.fix), library)
        expect(after.map(({ says: said }) => said)).not.toContain(finding.says)
      }
    }),
    { numRuns: 40, seed: 17 },
  )
})

test('and brings nothing grave', () => {
  fc.assert(
    fc.property(pageOf, (sketches) => {
      const documents = reviewedProject(sketches, oneSet)
      const before = reviewed(documents, library)
      const known = new Set(before.map(keyOf))
      for (const finding of before) {
        if (!finding.fix) continue
        const after = reviewed(withFix(documents, finding.fix), library)
        const brought = after.filter((one) => one.severity === 'serious' && !known.has(keyOf(one)))
        expect([finding.says, brought.map(({ says: said }) => said)]).toEqual([finding.says, []])
      }
    }),
    { numRuns: 40, seed: 17 },
  )
})
