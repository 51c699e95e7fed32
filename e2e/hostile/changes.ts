import { gzipSync } from 'node:zlib'
import { documentKinds } from '@nolvex/core/resolve/documentKinds'
import { ask, DEMO, type HostileInput } from './hostileInput'

let count = 0
const json = { 'content-type': 'application/json' }
const newId = (letter: string) => `${letter}${String(count++).padStart(15, '0')}`

function change(operations: unknown, more: object = {}): string {
  return JSON.stringify({
    id: newId('h'),
    client: 'hostileclient000',
    base: 1,
    label: 'Hostile',
    parts: [{ document: 'site', kind: 'site', operations }],
    ...more,
  })
}
const put = (title: unknown) => {
  const id = newId('p')
  return { type: 'put', collection: 'pages', id, record: { id, order: 'a0', title } }
}
const send = (body: () => string | Buffer, headers: Record<string, string> = json) => ({
  make: () => Buffer.from(body()),
  send: (site: Parameters<HostileInput['send']>[0], made: Buffer) =>
    ask(site, 'POST', `/api/projects/${DEMO}/changes`, made, headers),
})

const shade = { x: 0, y: 2, blur: 8, spread: 0, colour: { hex: '#000000' } }
/** A block with looks nobody can have: refused, and said why. */
const refusedLook = (look: object): Pick<HostileInput, 'make' | 'send'> => ({
  make: () => Buffer.from(looking(look)),
  send: async (site, made) => {
    const { status, says } = await ask(site, 'POST', `/api/projects/${DEMO}/changes`, made, json, 200_000)
    return { status, says: /"reason":"([^"]*)"/.exec(says)?.[1] ?? says }
  },
})
function looking(look: object): string {
  const record = { id: 'hostilelooks0000', order: 'zz', kind: 'section', look }
  const operations = [{ type: 'put', collection: 'blocks', id: record.id, record }]
  const { schema } = documentKinds.drawing
  const parts = [{ document: 'pagehome00000000', kind: 'drawing', schema, operations }]
  return change([], { parts })
}

export const changes: HostileInput[] = [
  {
    name: 'a change with half a character',
    ...send(() => change([put('\ud83d')])),
    status: [422],
    says: /half a character/,
  },
  { name: 'a change with a NUL', ...send(() => change([put('a\0b')])), status: [422], says: /NUL/ },
  {
    name: 'a name with half a character',
    ...send(() => change([{ ...put('x'), ['\udc00']: 1 }])),
    status: [422],
    says: /name/,
  },
  {
    name: 'a change nested 100,000 deep',
    ...send(() => `{"id":${'['.repeat(100_000)}${']'.repeat(100_000)}}`),
    status: [422],
    says: /deep/,
  },
  {
    name: 'a record nested 30 deep',
    ...send(() =>
      change([
        {
          ...put('x'),
          record: { id: 'p', at: JSON.parse('{"a":'.repeat(30) + '1' + '}'.repeat(30)) as unknown },
        },
      ]),
    ),
    status: [422],
  },
  {
    name: 'a change of 2 MB',
    ...send(() => change([put('x'.repeat(2_000_000))])),
    status: [413],
    says: /larger/,
  },
  {
    name: 'a compressed change',
    ...send(() => gzipSync(change([put('x'.repeat(500_000))])), { ...json, 'content-encoding': 'gzip' }),
    status: [415],
    says: /uncompressed/,
  },
  {
    name: 'a compressed change of 400 MB',
    ...send(() => gzipSync(Buffer.alloc(400_000_000, 32)), { ...json, 'content-encoding': 'gzip' }),
    status: [413, 415],
    says: /uncompressed|larger/,
  },
  {
    name: 'a gradient of one colour',
    ...refusedLook({
      gradient: { type: 'linear', angle: 0, stops: [{ at: 0, colour: { hex: '#ffffff' } }] },
    }),
    status: [200],
    says: /a gradient has two colours at least/,
  },
  {
    name: 'a shadow of 500 px',
    ...refusedLook({ shadow: [{ ...shade, blur: 500 }] }),
    status: [200],
    says: /shadow/,
  },
  {
    name: 'a thousand shadows of one block',
    ...refusedLook({ shadow: Array.from({ length: 1000 }, () => shade) }),
    status: [200],
    says: /shadow/,
  },
  { name: 'no JSON', ...send(() => '{"id":'), status: [400], says: /not JSON/ },
  {
    name: 'JSON called text',
    ...send(() => change([put('x')]), { 'content-type': 'text/plain' }),
    status: [422],
  },
  {
    name: 'a path into the prototype',
    ...send(() =>
      change([{ type: 'set', collection: 'pages', id: newId('p'), path: ['__proto__', 'x'], value: 1 }]),
    ),
    status: [422],
    says: /not allowed/,
  },
  {
    name: 'a collection from the prototype',
    ...send(() => change([{ type: 'remove', collection: 'hasOwnProperty', id: newId('p') }])),
    status: [200],
    says: /refused/,
  },
  { name: 'a base before the beginning', ...send(() => change([put('x')], { base: -1 })), status: [422] },
  {
    name: 'a base beyond all numbers',
    ...send(() => change([put('x')], { base: 1e300 })),
    status: [422, 409],
  },
  {
    name: 'a base the database cannot hold',
    ...send(() => change([put('x')], { base: 2 ** 40 })),
    status: [409, 422],
  },
  {
    name: '5,001 operations',
    ...send(() =>
      change(Array.from({ length: 5001 }, () => ({ type: 'remove', collection: 'pages', id: newId('p') }))),
    ),
    status: [422],
    says: /5000|5,000/,
  },
  {
    name: 'settings taken away',
    ...send(() => change([{ type: 'remove', collection: 'settings', id: 'site' }])),
    status: [200],
    says: /needs its settings/,
  },
  {
    name: 'an operation nobody knows',
    ...send(() => change([{ type: 'drop', collection: 'pages', id: newId('p') }])),
    status: [422],
  },
  {
    name: 'a label longer than any',
    ...send(() => change([put('x')], { label: 'x'.repeat(5000) })),
    status: [422],
  },
]
