import type { ChangePart, DeltaOp, Documents, Operation } from '@nolvex/core/document/types'

export const onSite = (...operations: Operation[]): ChangePart[] => [
  { document: 'site', kind: 'site', operations },
]
/** Pages are named by what their id begins with. */
export const idOf = (name: string) => name.padEnd(16, 'x')
export const putPage = (name: string): Operation => ({
  type: 'put',
  collection: 'pages',
  id: idOf(name),
  record: { id: idOf(name), order: 'a0', title: name },
})
export const removePage = (name: string): Operation => ({
  type: 'remove',
  collection: 'pages',
  id: idOf(name),
})
export const setTitle = (name: string, value: string): Operation => ({
  type: 'set',
  collection: 'pages',
  id: idOf(name),
  path: ['title'],
  value,
})
export const titleIn = (documents: Documents, name: string) => documents.site.records.pages[idOf(name)]?.title
export const titles = (documents: Documents) =>
  Object.values(documents.site.records.pages)
    .map(({ title }) => title)
    .sort()

export const DRAWING = 'home000000000000'
export const onDrawing = (...operations: Operation[]): ChangePart[] => [
  { document: DRAWING, kind: 'drawing', operations },
]
export const putText = (words: string): Operation[] => [
  {
    type: 'put',
    collection: 'blocks',
    id: 'section000000000',
    record: { id: 'section000000000', order: 'a0', kind: 'section' },
  },
  {
    type: 'put',
    collection: 'blocks',
    id: 'text000000000000',
    record: {
      id: 'text000000000000',
      order: 'a0',
      kind: 'text',
      parent: 'section000000000',
      text: [{ insert: words }],
    },
  },
]
export const editText = (...delta: DeltaOp[]): Operation => ({
  type: 'edit',
  collection: 'blocks',
  id: 'text000000000000',
  path: ['text'],
  delta,
})
export const words = (documents: Documents) =>
  ((documents[DRAWING]?.records.blocks.text000000000000?.text ?? []) as DeltaOp[])
    .map(({ insert }) => insert)
    .join('')
