import { blockSchema, leafShownBy, refusesParent, type Block } from './block'
import { blockKinds, type AnyKind, type BlockKindName } from './kinds'
import { LOOK_NAMES, looks, type AnyLook } from './looks'
import { blocksFrom, shelfItems } from './shelf'
import { leafAt } from '../document/leafTable'
import { px } from '../units/length'

const kinds = Object.values<AnyKind>(blockKinds)
const id = 'block00000000000'
const of = (kind: BlockKindName, more: Partial<Block> = {}) => ({ id, order: 'a0', kind, ...more })

test.each(kinds)('$kind: what the shelf puts down is a block', ({ kind, tags }) => {
  const items = shelfItems.filter(({ block }) => block.kind === kind)
  // Copies are offered by the shared blocks of a project.
  expect(items.length > 0).toBe(kind !== 'copy')
  for (const item of items) {
    let count = 0
    const made = blocksFrom(item, () => `made${count++}`.padEnd(16, '0'))
    for (const block of made) expect(blockSchema.safeParse(block).error).toBeUndefined()
    for (const child of made.slice(1))
      expect(
        refusesParent(
          made.find((one) => one.id === child.parent),
          child,
        ),
      ).toBeUndefined()
    if (item.block.tag) expect(tags).toContain(item.block.tag)
  }
})

test.each(kinds)(
  '$kind: every field of its particulars writes a leaf of its own',
  ({ particulars, kind }) => {
    // Shortcuts write again what other fields show.
    const own = particulars.filter(({ isShortcut }) => !isShortcut)
    const paths = own.flatMap(({ path, also = [] }) => [path, ...also])
    for (const path of paths)
      expect([path, leafAt(blockSchema, path)]).toEqual([path, { leaf: expect.anything() as unknown }])
    expect(new Set(paths.map(String)).size).toBe(paths.length)
    expect(kind).toBeTruthy()
  },
)

test('what a block holds goes by its kind', () => {
  const file = { width: 100, height: 50 }
  expect(blockSchema.safeParse(of('picture', { data: { file, alt: 'Quay' } })).success).toBe(true)
  expect(blockSchema.safeParse(of('text', { data: { file } })).success).toBe(false)
  expect(
    blockSchema.safeParse(of('link', { data: { to: { address: 'javascript:alert(1)' } } })).success,
  ).toBe(false)
  expect(leafShownBy(of('picture'), 'picture')).toEqual(['data', 'file'])
  expect(leafShownBy(of('line'), 'richText')).toBeUndefined()
})

test.each<[BlockKindName | undefined, BlockKindName, RegExp | undefined]>([
  [undefined, 'section', undefined],
  ['box', 'section', /stands on the page itself/],
  [undefined, 'line', /stands in a section or a box/],
  ['section', 'link', undefined],
  ['text', 'box', /holds no blocks/],
  ['line', 'text', /holds no blocks/],
])('in %s a %s: %s', (parent, child, expected) => {
  const reason = refusesParent(parent && of(parent), of(child))
  if (expected) expect(reason).toMatch(expected)
  else expect(reason).toBeUndefined()
})

// Declarations have one property each: a shorthand at one band would reset what another look says at its neighbour.
// Only what lies over a block's ground is one list of several looks.
test('looks declare different properties', () => {
  const isLayered = (property: string) => ['background-image', 'background-origin'].includes(property)
  const declared = LOOK_NAMES.flatMap((name) =>
    (looks[name] as AnyLook).css(looks[name].initial).map(([property]) => property),
  ).filter((property) => !isLayered(property))
  expect(new Set(declared).size).toBe(declared.length)
})

test('a stroke in CSS: solid in its colour, or dashes with their lengths', () => {
  const solid = new Map(looks.stroke.css({ width: px(2), colour: '#112233' }))
  expect(solid.get('--line')).toBe('2px')
  expect(solid.get('--dashes')).toBe('linear-gradient(#112233 0 0)')
  const dashed = new Map(looks.stroke.css({ width: px(2), colour: '#112233', dashes: { dash: 6, gap: 4 } }))
  expect(dashed.get('--dashes')).toBe(
    'repeating-linear-gradient(var(--along), #112233 0 6px, transparent 6px 10px)',
  )
})
