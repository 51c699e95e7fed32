import { z } from 'zod'
import { foldLayers, foldLeaf, recordLayers, type Layer } from './cascade'

const bands = {
  inOrder: [
    { id: 'narrow', from: 0 },
    { id: 'medium', from: 680 },
    { id: 'wide', from: 1120 },
  ],
  lead: 'wide',
}
const schema = z.strictObject({
  a: z.number().optional(),
  deep: z.strictObject({ b: z.number().optional(), c: z.number().optional() }).optional(),
})

const kind = { a: 1, deep: { b: 1, c: 1 } }
const original = { deep: { b: 2 }, at: { medium: { deep: { c: 2 } } } }
const copy = {
  a: 3,
  deep: { b: 3 },
  at: { medium: { a: 33, without: { 'deep.b': true as const } }, narrow: { deep: { c: 3 } } },
}
/** As a copy of an original is dressed: its kind first, then the original with its bands, then the copy with its own. */
const layersAt = (band: string): Layer[] => [
  { source: { from: 'kind' }, values: kind, record: kind },
  ...recordLayers(original, { bands, band }),
  ...recordLayers(copy, { bands, band }),
]

test.each([
  ['wide', { a: 3, deep: { b: 3, c: 1 } }],
  // The copy gives b back: what shows is what the layers below the copy say, not what the copy says at the lead.
  ['medium', { a: 33, deep: { b: 2, c: 2 } }],
  ['narrow', { a: 33, deep: { b: 2, c: 3 } }],
])('at %s every leaf is the strongest layer’s that has it', (band, expected) => {
  const { a, deep } = foldLayers(schema, layersAt(band))
  expect({ a, deep }).toEqual(expected)
})

test('a leaf says where its value stands, and folding it alone gives what folding all does', () => {
  const sourceOf = (band: string, ...path: string[]) => foldLeaf(layersAt(band), path).source
  expect(sourceOf('wide', 'a')).toEqual({ from: 'record' })
  expect(sourceOf('wide', 'deep', 'c')).toEqual({ from: 'kind' })
  expect(sourceOf('narrow', 'a')).toEqual({ from: 'band', band: 'medium' })
  expect(sourceOf('narrow', 'deep', 'b')).toEqual({ from: 'band', band: 'medium' })
  expect(sourceOf('narrow', 'deep', 'none')).toEqual({ from: 'nowhere' })
  for (const { id } of bands.inOrder) {
    const all = foldLayers(schema, layersAt(id))
    expect(foldLeaf(layersAt(id), ['deep', 'b']).value).toBe(all.deep?.b)
    expect(foldLeaf(layersAt(id), ['deep', 'c']).value).toBe(all.deep?.c)
  }
})

test('what no layer changes is the weakest layer’s own, and no layer is altered', () => {
  const plain = { a: 5, at: {} }
  const folded = foldLayers<z.infer<typeof schema>>(schema, [
    { source: { from: 'kind' }, values: kind, record: kind },
    ...recordLayers(plain, { bands, band: 'wide' }),
  ])
  expect(folded.deep).toBe(kind.deep)
  foldLayers(schema, layersAt('narrow'))
  expect(kind).toEqual({ a: 1, deep: { b: 1, c: 1 } })
})
