import type { ChangePart, Documents, Json, StoredRecord } from '../document/types'
import { contentIn } from '../resolve/pageSources'
import { rewriteValues, usesOf } from './replaceNamed'

/** A picture with its natural size, px. */
export interface NewPicture {
  asset: string
  width: number
  height: number
}

/**
 * Changes by which another picture stands wherever one stood: on pages, in shared blocks and rows, in the content and the
 * style guide. Where its size is kept with it, that becomes the other's.
 */
export function replacePicture(documents: Documents, from: string, to: NewPicture): ChangePart[] {
  const parts = rewriteValues(documents, usesOf(documents, from), (value) => anotherOf(value, from, to))
  const items = Object.values(contentIn(documents)?.records.items ?? {})
  const sized = items.filter(({ asset, size }) => asset === from && size)
  if (sized.length === 0) return parts
  const value = { width: to.width, height: to.height }
  const operations = sized.map(({ id }) => ({
    ...{ type: 'set' as const, collection: 'items', id, path: ['size'], value },
  }))
  return [...parts, { document: 'content', kind: 'content', operations }]
}

function anotherOf(value: Json, from: string, { asset, width, height }: NewPicture): Json | undefined {
  if (value === from) return asset
  const isFile = typeof value === 'object' && value !== null && !Array.isArray(value)
  const file = value as StoredRecord
  if (!isFile || file.asset !== from) return undefined
  return { ...file, asset, ...('width' in file && { width, height }) }
}
