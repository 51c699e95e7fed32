import { windowPainter } from '@nolvex/server/exports/paintWindow'
import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { plainLevel } from '../../block/textStyle'
import { idOf, type Sketch } from '../../testing/draft'
import { reviewed, reviewedProject, reviewFacts, withFix } from '../../testing/reviewed'
import { px } from '../../units/length'
import { paintedFindings } from '../paintedFindings'
import { orderFindings } from './orderFindings'

const library = shippedFontLibrary()
const paint = windowPainter([])
const says = (words: string) => [{ insert: `${words}\n` }]
const found = (page: Sketch[]) => orderFindings(reviewFacts(reviewedProject(page), library), paint)

const lead: Sketch = {
  ...{ kind: 'text', name: 'lead', text: says('Three isles in an hour and ten minutes, all year round.') },
}
const page = (headline: Partial<Sketch>, notice: Partial<Sketch>, button: Partial<Sketch> = {}): Sketch[] => [
  {
    ...{ kind: 'section', name: 'hero' },
    arrange: { type: 'column', gap: px(24), padding: { top: px(64), bottom: px(64) } },
    holds: [
      { kind: 'text', name: 'headline', tag: 'h1', text: says('Small boats, three isles'), ...headline },
      lead,
      { kind: 'text', name: 'notice', text: says('No boats on Sunday'), ...notice },
      { kind: 'button', name: 'buy', text: says('Buy a ticket'), ...button },
    ],
  },
]
const WELL = page({}, {})
const SHOUTING = page({}, { look: { level: plainLevel('h1'), colour: { hex: '#c22f1e' } } })

test('a page whose headline leads its words, and one thing to do, has nothing of it', async () => {
  expect(await found(WELL)).toEqual([])
})

test('a notice that shouts down the headline is said, with why', async () => {
  const [finding] = await found(SHOUTING)
  expect(finding).toMatchObject({ rule: 'metInOrder', severity: 'fair', place: { id: idOf('headline') } })
  expect(finding.says).toMatch(/^notice is met before headline because of its .+ on “Fares”\.$/)
})

test('the least change is measured before it is offered: it mends the order, and brings nothing else', async () => {
  const project = reviewedProject(SHOUTING)
  const [{ fix }] = await found(SHOUTING)
  expect(fix?.label).toMatch(/^Set /)
  const mended = withFix(project, fix as NonNullable<typeof fix>)
  expect(await orderFindings(reviewFacts(mended, library), paint)).toEqual([])
  const rulesOf = (documents: typeof project) =>
    reviewed(documents, library).map(({ rule, says }) => rule + says)
  expect(rulesOf(mended).filter((one) => !rulesOf(project).includes(one))).toEqual([])
})

test('ranks count against everything there is, also against what nobody ranked', async () => {
  const ranked = page({}, { emphasis: 1, look: { level: plainLevel('h2') } })
  const [finding] = await found(ranked)
  expect(finding.says).toMatch(/is met before notice/)
  expect(finding.fix).toBeDefined()
  const mended = withFix(reviewedProject(ranked), finding.fix as NonNullable<typeof finding.fix>)
  expect(await orderFindings(reviewFacts(mended, library), paint)).toEqual([])
})

test('what only another design would put right is said, and no change offered', async () => {
  const [finding] = await found(page({}, { emphasis: 1 }))
  expect(finding.says).toMatch(/is met before notice/)
  expect(finding.fix).toBeUndefined()
})

test('a page with nothing on it is met in any order', async () => {
  expect(await found([])).toEqual([])
})

test('a page all of one colour is looked over: nothing leads what nobody sees, and its words are told', async () => {
  const grey = { look: { colour: { hex: '#777777' }, fill: { hex: '#777777' } } }
  const [section] = page(grey, grey, { look: { ...grey.look } })
  const holds = section.holds?.map((one) => ({ ...one, ...grey }))
  const sketches = [{ ...section, ...grey, holds }]
  expect(await found(sketches)).toEqual([])
  const rules = reviewed(reviewedProject(sketches), library)
  const faint = rules.filter(({ rule }) => rule === 'textContrast').map(({ says: said }) => said)
  expect(faint.filter((said) => said.includes('by 1 to 1')).length).toBeGreaterThanOrEqual(3)
})

test('where a page cannot be painted that is told for each rule that needs it', async () => {
  const facts = reviewFacts(reviewedProject(WELL), library)
  const told = await paintedFindings(facts, () => Promise.reject(new Error('too large')))
  expect(told.map(({ says: said }) => said)).toEqual([
    '“Met in another order than meant” could not be looked for on “Fares”: too large',
  ])
})
