import { BASE_FAMILIES, PAGE_FAMILY } from '../text/fontCatalogue'
import { familiesInUse, ownFonts, shownFamily } from './families'
import { addedVariants, partSchema } from './part'
import { plainStyle } from './plainStyle'
import type { StyleDocument } from './style'

const family = (id: string, name: string, more: object = {}) => ({
  id: id.padEnd(16, '0'),
  order: 'a0',
  name,
  ...more,
})
const withFamilies = (...list: ReturnType<typeof family>[]): StyleDocument => ({
  ...plainStyle,
  records: { ...plainStyle.records, families: Object.fromEntries(list.map((one) => [one.id, one])) },
})
const files = [{ asset: 'assetquay0000000', weight: 700, italic: true }]

test('a face is shown where there are files of it, else in what stands in for it', () => {
  const style = withFamilies(
    family('own', 'Quay Serif', { files }),
    family('named', 'Quay Sans', { standIn: 'Lora' }),
    family('lost', 'Quay Mono', { standIn: 'Quay Sans' }),
  )
  expect(
    ['Lora', 'Quay Serif', 'Quay Sans', 'Quay Mono', 'Nobody'].map((name) => shownFamily(style, name)),
  ).toEqual(['Lora', 'Quay Serif', 'Lora', PAGE_FAMILY, PAGE_FAMILY])
  expect(ownFonts(style)).toEqual([{ ...files[0], family: 'Quay Serif' }])
})

test('only families that are used are wanted, and those that are always needed', () => {
  expect(familiesInUse(plainStyle)).toEqual([...BASE_FAMILIES].sort())
  const [level] = Object.values(plainStyle.records.levels)
  const levels = { ...plainStyle.records.levels, [level.id]: { ...level, family: 'Roboto Slab' } }
  expect(familiesInUse({ records: { ...plainStyle.records, levels } })).toContain('Roboto Slab')
})

test('variants a guide adds are called by the name a part gives them', () => {
  const part = (id: string, more: object) => partSchema.parse({ id: id.padEnd(16, '0'), order: id, ...more })
  const parts = [
    part('a1', { kind: 'box', variant: 'card', state: 'hover' }),
    part('a2', { kind: 'box', variant: 'card', name: 'A card' }),
    part('a3', { kind: 'box', variant: 'plain' }),
    part('a4', { kind: 'text', variant: 'badge' }),
    part('a5', { kind: 'box' }),
  ]
  expect(addedVariants('box', Object.fromEntries(parts.map((one) => [one.id, one])))).toEqual({
    card: 'A card',
    plain: 'plain',
  })
})
