import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { shippedSpelling } from '@nolvex/server/spelling/dictionary'
import { plainText } from '../../document/richText'
import type { Documents } from '../../document/types'
import { idOf, type Sketch } from '../../testing/draft'
import { REVIEWED, reviewedProject, reviewFacts, withFix } from '../../testing/reviewed'
import { wordsToSpell } from '../../text/spelling'
import { misspelt } from './misspelt'

const library = shippedFontLibrary()
const spelling = shippedSpelling()

const pageOf = (...texts: string[]): Sketch[] => [
  {
    ...{ kind: 'section', name: 'main' },
    holds: texts.map((insert, index) => ({ kind: 'text', name: `t${index}`, text: [{ insert }] })),
  },
]
const found = (documents: Documents) => misspelt.find(reviewFacts(documents, library, spelling))

test('words are those a dictionary may know: no names, no addresses, nothing with figures', () => {
  expect(
    wordsToSpell(
      'The skipper’s boat, Maiden, leaves at 9am: ask@example.com, skerrin.example or the isles’ office.',
    ).map(({ word }) => word),
  ).toEqual(['skipper', 'boat', 'leaves', 'the', 'isles', 'office'])
})

test('a wrong word is told with what it may have been meant to be, and is written so', () => {
  const documents = reviewedProject(pageOf('All boats leeve every hour from the harbour.'))
  const [one, ...others] = found(documents)
  expect(others).toEqual([])
  expect(one).toMatchObject({ word: 'leeve', says: '“leeve” in t0 is in no dictionary on “Fares”.' })
  expect(one.fix?.label).toMatch(/^Write “l.*”$/)
  const mended = withFix(documents, one.fix as NonNullable<typeof one.fix>)
  const text = plainText(mended[REVIEWED].records.blocks[idOf('t0')].text as never)
  expect(text).not.toContain('leeve')
  expect(text).toMatch(/^All boats \w+ every hour from the harbour\.$/)
  expect(found(mended)).toEqual([])
})

test('both -ise and -ize are written in Britain', () => {
  expect(found(reviewedProject(pageOf('We organise and organize, and realized it late.')))).toEqual([])
})

test('words of the project’s own are words', () => {
  const documents = reviewedProject(pageOf('The slipway by the quayhut is closed.'))
  expect(found(documents).map(({ word }) => word)).toEqual(['quayhut'])
  const parts = [
    {
      ...{ document: 'site', kind: 'site' },
      operations: [
        {
          ...{ type: 'set' as const, collection: 'settings', id: 'site' },
          ...{ path: ['ownWords', 'quayhut'], value: true },
        },
      ],
    },
  ]
  expect(found(withFix(documents, { label: 'Know it', parts }))).toEqual([])
})

test('a page in another language is left alone, and so is everything without a dictionary', () => {
  const german =
    'Die Boote fahren von morgens bis abends, und bei ruhigem Wetter sind sie immer sehr pünktlich.'
  expect(found(reviewedProject(pageOf(german)))).toEqual([])
  const wrong = reviewedProject(pageOf('All boats leeve every hour.'))
  expect(misspelt.find(reviewFacts(wrong, library))).toEqual([])
})
