import { orderAt, type Ordered } from './order'
import type { Json, Operation } from './types'

/**
 * Operations that put new records among siblings, before number `index`.
 * @param siblings those already there, in order
 */
export function putAmong(
  collection: string,
  siblings: Ordered[],
  index: number,
  made: { id: string; [field: string]: Json | undefined }[],
): Operation[] {
  const { keys, renumbered } = orderAt(siblings, index, made.length)
  return [
    ...setOrders(collection, renumbered),
    ...made.map((record, at): Operation => {
      return { type: 'put', collection, id: record.id, record: { ...record, order: keys[at] } }
    }),
  ]
}

/**
 * Operations that move a record among siblings, before number `index`.
 * @param siblings those there, in order, without the record itself
 * @param changed fields written as well, such as a new parent; undefined clears one
 */
export function moveAmong(
  collection: string,
  siblings: Ordered[],
  index: number,
  id: string,
  changed: Record<string, Json | undefined> = {},
): Operation[] {
  const { keys, renumbered } = orderAt(siblings, index)
  return [
    ...setOrders(collection, renumbered),
    ...Object.entries(changed).map(([field, value]) => setField(collection, id, field, value)),
    setField(collection, id, 'order', keys[0]),
  ]
}

/** An operation that writes one field of a record, or clears it. */
export function setField(collection: string, id: string, field: string, value: Json | undefined): Operation {
  return { type: 'set', collection, id, path: [field], ...(value === undefined ? {} : { value }) }
}

const setOrders = (collection: string, renumbered: Ordered[]): Operation[] =>
  renumbered.map(({ id, order }) => setField(collection, id, 'order', order))
