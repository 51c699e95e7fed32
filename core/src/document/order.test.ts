import { orderAt } from './order'

test('among keys of another form all are numbered anew, in their order', () => {
  const siblings = [
    { id: 'first', order: 'a' },
    { id: 'last', order: 'b' },
  ]
  for (const index of [0, 1, 2]) {
    const { keys, renumbered } = orderAt(siblings, index)
    const all = [...renumbered.map(({ order }) => order)]
    all.splice(index, 0, keys[0])
    expect(all).toEqual([...all].sort())
    expect(renumbered.map(({ id }) => id)).toEqual(['first', 'last'])
  }
})

test('order keys stay short: they are renumbered in the same change', () => {
  let siblings = [
    { id: 'a', order: 'a0' },
    { id: 'b', order: 'a1' },
  ]
  let renumberings = 0
  for (let count = 0; count < 500; count++) {
    const { keys, renumbered } = orderAt(siblings, 1)
    if (renumbered.length) renumberings++
    const moved = new Map(renumbered.map((one) => [one.id, one.order]))
    siblings = siblings.map((one) => ({ ...one, order: moved.get(one.id) ?? one.order }))
    siblings.splice(1, 0, { id: String(count), order: keys[0] })
    expect(
      siblings.every(
        ({ order }, index) => order.length <= 64 && (index === 0 || siblings[index - 1].order < order),
      ),
    ).toBe(true)
  }
  expect(renumberings).toBeGreaterThan(0)
})
