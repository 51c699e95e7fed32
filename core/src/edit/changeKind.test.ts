import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { Draft, idOf } from '../testing/draft'
import { box, section, text } from '../testing/sketches'
import { changeKind, kindsFitting } from './changeKind'

const draft = new Draft(
  [
    section('top', [
      text('title', { tag: 'h2', look: { textAlign: 'centre' } }),
      box('action', [text('words')]),
      { kind: 'field', name: 'mail', data: { type: 'email', label: 'E-mail' } },
      { kind: 'line', name: 'rule' },
    ]),
  ],
  { library: shippedFontLibrary() },
)
const change = (name: string, kind: Parameters<typeof changeKind>[2]) => {
  draft.change(changeKind(draft.drawn.blocks, idOf(name), kind))
  return draft.block(name)
}

test('words come along as a label, and back; what only the old kind knows is cleared', () => {
  expect(change('title', 'field')).toMatchObject({ kind: 'field', data: { label: 'title says a few words' } })
  expect(draft.block('title')).not.toHaveProperty('text')
  expect(draft.block('title').tag).toBeUndefined()
  const link = change('title', 'link')
  expect(link.text).toEqual([{ insert: 'title says a few words' }])
  expect(link.data).toBeUndefined()
  expect(link.look).toEqual({ textAlign: 'centre' })
})

test('a box of nothing but words becomes a button that says them; a line becomes a field', () => {
  expect(kindsFitting(draft.drawn.blocks, draft.block('action'))).toContain('button')
  expect(change('action', 'button').text).toEqual([{ insert: 'words says a few words' }])
  expect(draft.drawn.blocks[idOf('words')]).toBeUndefined()
  expect(kindsFitting(draft.drawn.blocks, draft.block('rule'))).toEqual(['field'])
  expect(change('rule', 'field').kind).toBe('field')
})

test('a section stays a section', () => {
  expect(kindsFitting(draft.drawn.blocks, draft.block('top'))).toEqual([])
})
