import type { Block } from './block'
import { fieldsOf, sharedFields } from './blockFields'
import type { FieldFacts } from './field'

const block = (kind: Block['kind']): Block => ({ id: 'block00000000000', order: 'a0', kind })
const facts = (values: Record<string, string | boolean> = {}, parentArranges?: string): FieldFacts => ({
  value: (path) => values[path.join('.')],
  parentArranges,
})
const labels = (kind: Block['kind'], ...about: Parameters<typeof facts>) =>
  fieldsOf(block(kind), facts(...about)).map(({ label }) => label)

test('a block is asked for what its kind holds, how it stands and how it looks', () => {
  expect(labels('picture')).toEqual(expect.arrayContaining(['file', 'in its box', 'wide', 'hidden here']))
  expect(labels('picture')).not.toContain('type level')
  expect(labels('line')).toEqual(expect.arrayContaining(['line', 'wide', 'tall']))
  expect(labels('line')).not.toContain('ground')
  expect(labels('section')).not.toContain('wide')
  expect(labels('text')).toContain('element')
  expect(labels('button')).not.toContain('element')
})

test('some fields count only where others say so, or where the block stands', () => {
  expect(labels('box', { 'arrange.type': 'grid' })).toEqual(
    expect.arrayContaining(['tracks', 'gap of lines']),
  )
  expect(labels('box', { 'arrange.type': 'row' })).not.toContain('gap of lines')
  expect(labels('box', { 'arrange.type': 'row', 'arrange.wrap': true })).toContain('gap of lines')
  expect(labels('box', { 'arrange.type': 'placed' })).not.toContain('gap')
  expect(labels('text', {}, 'grid')).toEqual(expect.arrayContaining(['from column', 'columns']))
  expect(labels('text', {}, 'placed')).toEqual(expect.arrayContaining(['held across', 'held down']))
  expect(labels('text', {}, 'row')).not.toContain('columns')
})

test('several blocks are asked for what all of them have', () => {
  const shared = sharedFields(
    ['text', 'picture', 'line'].map((kind) => fieldsOf(block(kind as 'text'), facts())),
  )
  const names = shared.map(({ label }) => label)
  expect(names).toEqual(expect.arrayContaining(['wide', 'tall', 'hidden here']))
  expect(names).not.toContain('text')
  expect(names).not.toContain('file')
  expect(sharedFields([])).toEqual([])
})
