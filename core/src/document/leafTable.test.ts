import { z } from 'zod'
import { blockSchema } from '../block/block'
import { tokenSchema } from '../style/style'
import { px } from '../units/length'
import { leaf, leafAt, leafPaths, leafTable, overlay, withoutEmptyBranches } from './leafTable'

const band = 'bandnarrow000000'

describe('the leaf at a path', () => {
  const asked: [z.ZodType, string[], true | RegExp][] = [
    [blockSchema, ['name'], true],
    [blockSchema, ['arrange', 'padding', 'top'], true],
    [blockSchema, ['place', 'width'], true],
    [blockSchema, ['look', 'radius', 'topLeft'], true],
    [blockSchema, ['at', band, 'look', 'fill'], true],
    [blockSchema, ['at', band, 'without', 'look.fill'], true],
    [blockSchema, ['text'], true],
    [blockSchema, ['look', 'radius'], /written by its parts/],
    [blockSchema, ['at', band], /written by its parts/],
    [blockSchema, [], /a record is written by its parts/],
    [blockSchema, ['look', 'fill', 'hex'], /no value at look.fill.hex/],
    [blockSchema, ['at', 'no band', 'look'], /no value/],
    [blockSchema, ['look', 'toString'], /no value/],
    // A token is a colour, a length, a shadow or a duration: what any of them holds can be written.
    [tokenSchema, ['value'], true],
    [tokenSchema, ['name'], true],
    [tokenSchema, ['type'], true],
    [tokenSchema, ['value', 'unit'], /no value/],
    [tokenSchema, ['boat'], /no value/],
  ]
  // A schema written out as a title would fill the memory: it refers to the same looks in many places.
  test.each(asked.map(([schema, path, expected]) => ({ says: path.join('.'), schema, path, expected })))(
    '%#: $says',
    ({ schema, path, expected }) => {
      const found = leafAt(schema, path)
      if (expected === true) expect(found).toHaveProperty('leaf')
      else expect((found as { reason: string }).reason).toMatch(expected)
    },
  )

  test('a leaf of either kind of record takes what either takes', () => {
    const found = leafAt(tokenSchema, ['value']) as { leaf: z.ZodType }
    expect(found.leaf.safeParse('#17211e').success).toBe(true)
    expect(found.leaf.safeParse(px(4)).success).toBe(true)
    expect(found.leaf.safeParse(7.5).success).toBe(false)
  })
})

test('a value is parted where its schema parts it, and nowhere else', () => {
  const block = {
    id: 'b',
    look: { fill: { hex: '#ffffff' }, radius: { topLeft: px(2) }, border: { top: 'none' } },
    arrange: { tracks: [1, 2] },
    at: { [band]: { place: { width: { share: 2 } }, without: { 'look.fill': true } } },
    boat: { a: 1 },
  }
  expect(leafPaths(leafTable(blockSchema), block).map((path) => path.join(' '))).toEqual([
    'id',
    'look fill',
    'look radius topLeft',
    'look border top',
    'arrange tracks',
    `at ${band} place width`,
    `at ${band} without look.fill`,
    'boat',
  ])
})

// A gradient and a list of shadows, as looks will hold them: each is one value, whatever it is made of.
const gradient = leaf(
  z.strictObject({ angle: z.number(), stops: z.array(z.strictObject({ at: z.number(), hex: z.string() })) }),
)
const looks = z.strictObject({
  fill: z.union([gradient, z.literal('none')]).optional(),
  shadows: z.array(z.strictObject({ x: z.number(), y: z.number() })).optional(),
  radius: z.strictObject({ a: z.number().optional(), b: z.number().optional() }).optional(),
})

test('values are laid over others leaf by leaf; a gradient or a list of shadows is one', () => {
  const under = {
    fill: { angle: 90, stops: [{ at: 0, hex: '#fff' }] },
    shadows: [{ x: 1, y: 1 }],
    radius: { a: 1, b: 2 },
  }
  const over = { fill: { angle: 45, stops: [] }, shadows: [], radius: { b: 3 } }
  expect(overlay(leafTable(looks), under, over)).toEqual({ ...over, radius: { a: 1, b: 3 } })
  expect(overlay(leafTable(looks), under, { fill: 'none' })).toEqual({ ...under, fill: 'none' })
  expect(overlay(leafTable(looks), under, undefined)).toBe(under)
  expect(under.radius).toEqual({ a: 1, b: 2 })
})

test('branches without a leaf are left out; an empty leaf is a value', () => {
  const record = {
    id: 'x',
    fill: { angle: 0, stops: [] },
    shadows: [],
    radius: {},
    at: { narrow: { radius: {} } },
  }
  const schema = looks.extend({ id: z.string(), at: z.record(z.string(), looks).optional() })
  expect(withoutEmptyBranches(schema, record)).toEqual({
    id: 'x',
    fill: { angle: 0, stops: [] },
    shadows: [],
  })
})

test('a table is compiled once', () => {
  expect(leafTable(blockSchema)).toBe(leafTable(blockSchema))
})
