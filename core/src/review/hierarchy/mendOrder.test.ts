import { eyeOrder, eyeScore } from './eyeOrder'
import type { BlockFacts } from './judgedBlock'
import { meantGroups, notAsMeant } from './meantOrder'
import { mendOrder } from './mendOrder'
import type { OrderChange } from './orderChanges'

const block = (key: string, more: Partial<BlockFacts> = {}): BlockFacts => ({
  ...{ key, name: key, kind: 'text', area: 4000, grain: 16, ink: 60, chroma: 0, coverage: 0.3 },
  ...{ middle: { x: 0.5, y: 0.5 }, colour: [20, 0, 0], grainWay: [1, 0], gap: 24, size: 16, weight: 400 },
  twins: 0,
  ...more,
})
const larger = (key: string, steps: number): OrderChange => ({
  ...{ key, group: 'level', label: `larger ${steps}`, cost: Math.abs(steps), changes: [] },
  to: ({ size, area }) => ({ size: size * 1.25 ** steps, area: area * 1.25 ** (1.7 * steps) }),
})
const quieter = (key: string, share: number, cost: number): OrderChange => ({
  ...{ key, group: 'colour', label: `quieter ${share}`, cost, changes: [] },
  to: ({ ink, chroma }) => ({ ink: ink * share, chroma: chroma * share }),
})
const after = (facts: BlockFacts[], changes: OrderChange[]) =>
  facts.map((one) =>
    changes
      .filter(({ key }) => key === one.key)
      .reduce((before, change) => ({ ...before, ...change.to(before) }), one),
  )

const PAGE = [block('headline', { size: 20 }), block('notice', { size: 28, ink: 90 }), block('other')]
const CHANGES = PAGE.flatMap(({ key }) => [
  ...[-2, -1, 1, 2, 3].map((steps) => larger(key, steps)),
  quieter(key, 0.7, 1),
  quieter(key, 0.4, 2),
])
const GROUPS = [{ keys: ['headline'], among: PAGE.map(({ key }) => key) }]

/** Every set of changes there is, at most one of a group to a block. */
function allSets(changes: OrderChange[]): OrderChange[][] {
  const places = new Map<string, OrderChange[]>()
  for (const change of changes) {
    const place = `${change.key} ${change.group}`
    places.set(place, [...(places.get(place) ?? []), change])
  }
  return [...places.values()].reduce<OrderChange[][]>(
    (sets, group) => sets.flatMap((set) => [set, ...group.map((one) => [...set, one])]),
    [[]],
  )
}
const priceOf = (set: OrderChange[]) =>
  set.reduce((sum, { cost }) => sum + cost + 0.01, 0.2 * new Set(set.map(({ key }) => key)).size)

test('the cheapest of all sets of changes is found', async () => {
  const leads = (set: OrderChange[]) => {
    const scores = new Map(after(PAGE, set).map((one) => [one.key, eyeScore(one)]))
    const own = scores.get('headline') ?? 0
    return ['notice', 'other'].every((key) => own - (scores.get(key) ?? 0) >= 0.25)
  }
  const cheapest = Math.min(...allSets(CHANGES).filter(leads).map(priceOf))
  const mended = await mendOrder(PAGE, GROUPS, CHANGES, (set) => Promise.resolve(after(PAGE, set)))
  expect(mended?.cost).toBeCloseTo(cheapest, 10)
  expect(leads(mended?.changes ?? [])).toBe(true)
})

test('what painting tells counts: a change that does not do what was expected is not offered', async () => {
  // Enlarged once, the headline breaks its lines and is met no sooner.
  const measure = (set: OrderChange[]) =>
    Promise.resolve(
      after(
        PAGE,
        set.filter(({ key }) => key !== 'headline'),
      ),
    )
  const mended = await mendOrder(PAGE, GROUPS, CHANGES, measure)
  expect(mended?.changes.some(({ key }) => key === 'notice')).toBe(true)
  const order = eyeOrder(await measure(mended?.changes ?? []))
  expect(notAsMeant(order, { keys: ['headline'], isRanked: true })).toEqual([])
})

test('where nothing puts it right, nothing is offered', async () => {
  const only = [quieter('headline', 0.7, 1)]
  expect(await mendOrder(PAGE, GROUPS, only, (set) => Promise.resolve(after(PAGE, set)))).toBeUndefined()
})

test('several ranks are put in their order', async () => {
  const groups = [{ keys: ['other', 'headline'], among: PAGE.map(({ key }) => key) }]
  const mended = await mendOrder(PAGE, groups, CHANGES, (set) => Promise.resolve(after(PAGE, set)))
  const order = eyeOrder(after(PAGE, mended?.changes ?? []))
  expect(order.map(({ facts }) => facts.key)).toEqual(['other', 'headline', 'notice'])
})

test('without ranks a heading is to lead the words alone, and the action what can be pressed', () => {
  const order = eyeOrder([
    ...PAGE,
    block('picture', { kind: 'picture', area: 200_000 }),
    block('buy', { kind: 'button' }),
    block('login', { kind: 'button' }),
  ])
  const groups = meantGroups(order, { keys: ['headline', 'buy', 'gone'], isRanked: false })
  expect(groups.map(({ keys, among }) => [keys, [...among].sort()])).toEqual([
    [['headline'], ['headline', 'notice', 'other']],
    [['buy'], ['buy', 'login']],
  ])
})
