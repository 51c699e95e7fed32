import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { unzipSync } from 'fflate'
import { rootFolder } from '@nolvex/server/config'
import { windowPainter } from '@nolvex/server/exports/paintWindow'
import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { shippedSpelling } from '@nolvex/server/spelling/dictionary'
import { applyChange } from '../document/apply'
import type { Documents, Json, Operation } from '../document/types'
import { STAND_IN } from '../draft/standIns'
import { readProject } from '../formats/projectFile'
import { documentKinds } from '../resolve/documentKinds'
import { px } from '../units/length'
import type { Finding } from './finding'
import { allFixes } from './fixes'
import { projectFindings } from './projectFindings'

const HOME = 'pagehome00000000'
const file = readFileSync(join(rootFolder(), 'demo', 'skerrin-ferries.nolvex.zip'))
const { documents: demo, assets } = readProject(unzipSync(new Uint8Array(file)))
/** The demo with one page alone: each of them is looked over by itself. */
const well: Documents = Object.fromEntries(
  Object.entries(demo).filter(
    ([id, { kind }]) => kind !== 'drawing' || id === HOME || id.startsWith('shared'),
  ),
)
const blocks = Object.values(well[HOME].records.blocks)
const idOf = (name: string) => String(blocks.find((block) => block.name === name)?.id)
const wide = (length: number): Json => ({ ...px(length) })
const said = (words: string): Json => [{ insert: words }]
const LONG =
  'Boats leave every hour from the first light to the last, and on days without wind they are on time. '

/** What is done to the page by hand, and the rule that is to find it. */
const WAYS: [block: string, path: string[], value: Json | undefined, rule: string][] = [
  ['Intro', ['look', 'colour'], { hex: '#9db0b8' }, 'textContrast'],
  ['Notices heading', ['tag'], 'h5', 'headingOrder'],
  ['Headline', ['place', 'minWidth'], wide(1100), 'atSomeWidths'],
  ['Hero words', ['arrange', 'gap'], wide(19), 'offScale'],
  ['Pier works', ['text'], said('No boats at the quayhut.'), 'misspelt'],
  ['Evening heading', ['tag'], 'h1', 'mainHeading'],
  ['Find a sailing', ['look', 'fill'], { role: 'wrong', hex: '#b3261e' }, 'wrongAsAction'],
  ['Find a sailing', ['place', 'width'], wide(72), 'tooLong'],
  [
    'Orrel in a sentence',
    ['text'],
    said('TWO BEACHES, ONE SHOP AND THE OLD LIGHT. THE BOAT WAITS FOR NOBODY.'),
    'capitals',
  ],
  ['Harbour picture', ['data', 'alt'], undefined, 'noAlternative'],
  ['Harbour picture', ['place', 'column', 'start'], 9, 'spanTooWide'],
  ['Winter timetable', ['text'], said(LONG + LONG + LONG), 'measure'],
  ['Sailings heading', ['look', 'colour'], { hex: '#b3261e' }, 'textContrast'],
  ['Isles heading', ['text'], said(STAND_IN.whatTheyDo), 'standsIn'],
  ['Notice list', ['look', 'fill'], { role: 'tint', hex: '#e5e5e5' }, 'textNearEdge'],
  ['Little Hask name', ['name'], 'Tansay name', 'sameName'],
  ['Evening boat', ['look', 'backdrop', 'strength'], 0.1, 'overPictures'],
  ['Little Hask in a sentence', ['place', 'width'], wide(60), 'oneWordLines'],
  ['When is that?', ['data', 'to'], { page: 'pagegone00000000' }, 'leadsNowhere'],
  ['Orrel', ['arrange', 'gap'], wide(72), 'insideLarger'],
]

const set = ([block, path, value]: (typeof WAYS)[number]): Operation => ({
  ...{ type: 'set', collection: 'blocks', id: idOf(block), path },
  ...(value === undefined ? {} : { value }),
})
const changed = (documents: Documents, operations: Operation[]) => {
  const applied = applyChange(documentKinds, documents, [{ document: HOME, kind: 'drawing', operations }])
  expect(applied.outcomes).toEqual([])
  return applied
}
let made = 0
const look = (documents: Documents) =>
  projectFindings(documents, {
    ...{ name: 'Skerrin Ferries', library: shippedFontLibrary(), spelling: shippedSpelling() },
    newId: () => `n${String(made++).padStart(15, '0')}`,
    paint: windowPainter(assets),
  })
const isOnPage = ({ place }: Finding) => place.page === HOME

const keyOf = ({ rule, says }: Finding) => `${rule} ${says}`

/** Has every fix made, again while that brings about others. */
async function fixed(documents: Documents): Promise<{ documents: Documents; left: Finding[] }> {
  let now = documents
  for (let turn = 0; turn < 6; turn++) {
    const left = (await look(now)).filter(isOnPage)
    const { parts, count } = allFixes(left)
    if (count === 0) return { documents: now, left }
    now = applyChange(documentKinds, now, parts).documents
  }
  throw new Error('it is mended for ever')
}

test('a page spoilt in twenty ways is mended through findings alone, and holds at every width', async () => {
  const { documents: spoilt, inverse } = changed(well, WAYS.map(set))
  const found = (await look(spoilt)).filter(isOnPage)
  for (const [, , , rule] of WAYS)
    expect([rule, found.some((one) => one.rule === rule)]).toEqual([rule, true])
  expect(new Set(WAYS.map(([block]) => block)).size).toBeGreaterThan(15)

  // Most have a change that mends them; what is left is done as its sentence says, in the place it leads to.
  const { documents: half, left } = await fixed(spoilt)
  expect(left.length).toBeLessThan(0.6 * found.length)
  const byHand = left.flatMap(({ rule }) =>
    WAYS.filter((way) => way[3] === rule).map(([block]) => idOf(block)),
  )
  const undone = inverse.flatMap(({ operations }) => operations).filter((one) => byHand.includes(one.id))
  // What a fix has changed meanwhile is passed over.
  const parts = [{ document: HOME, kind: 'drawing', operations: undone }]
  const mended = await fixed(applyChange(documentKinds, half, parts).documents)
  const known = new Set((await look(well)).map(keyOf))
  expect(mended.left.map(keyOf).filter((key) => !known.has(key))).toEqual([])
}, 180_000)
