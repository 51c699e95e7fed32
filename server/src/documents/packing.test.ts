import { gunzipSync, gzipSync } from 'node:zlib'
import type { Documents } from '@nolvex/core/document/types'
import { usualSite } from '@nolvex/core/site/usualSite'
import { plainStyle } from '@nolvex/core/style/plainStyle'
import { packDocuments, unpackDocuments } from './packing'

const documents = {
  site: usualSite,
  style: plainStyle,
  page000000000001: {
    kind: 'drawing',
    id: 'page000000000001',
    schema: 1,
    records: { blocks: { b: { id: 'b', text: 'a\nb\u2028“”😀' } } },
  },
} as unknown as Documents

test('documents are packed a line each, and unpacked equal', async () => {
  const { body, bytes } = await packDocuments(documents)
  const text = gunzipSync(body)
  expect(text.length).toBe(bytes)
  expect(text.toString().trimEnd().split('\n')).toHaveLength(4)
  expect(await unpackDocuments(body)).toEqual(documents)
  expect(await unpackDocuments((await packDocuments({})).body)).toEqual({})
})

test('what servers before packed as one object is unpacked too', async () => {
  expect(await unpackDocuments(gzipSync(JSON.stringify(documents)))).toEqual(documents)
})
