import { nameOf, type Block } from '../block/block'
import { fieldLabel } from '../block/blockFields'
import { variesAt } from '../block/field'
import { orderAt } from '../document/order'
import { composeText } from '../document/richText'
import { inOrder } from '../document/tree'
import type { ChangePart, Json, Operation, StoredRecord } from '../document/types'
import { pathAtBand, type AtBand } from '../resolve/cascade'
import type { SharedValue } from '../style/shared'
import type { Original } from './makeIndependent'

type Blocks = Record<string, Block>

/** A value that is written to a leaf of a block, for all bands or for one. */
interface LeafWrite {
  block: string
  leaf: string[]
  band?: string
  value?: Json
}

const SAME_FOR_ALL =
  'What stands in it, and in which order, is the same for all. Change it for all of them, or make this one independent.'

const mayDiffer = ([first]: string[]) =>
  variesAt([first]) || ['text', 'data', 'tag', 'variant', 'content'].includes(first)

/**
 * The leaves that a change to blocks writes, where it does nothing else: what is deleted is hidden instead, and an edited
 * text is written whole.
 * @param wordsOf the text a block shows now
 */
function leafWrites(
  operations: Operation[],
  wordsOf: (block: string) => Block['text'],
): LeafWrite[] | { reason: string } {
  const writes: LeafWrite[] = []
  for (const operation of operations) {
    const { id: block } = operation
    if (operation.type === 'remove') writes.push({ block, leaf: ['hidden'], value: true })
    else if (operation.type === 'edit') {
      const text = composeText(wordsOf(block) ?? [], operation.delta)
      if (text) writes.push({ block, leaf: operation.path, value: text as Json })
    } else if (operation.type === 'put') return { reason: SAME_FOR_ALL }
    else {
      const { path, value } = operation
      const [leaf, band] = path[0] === 'at' ? [path.slice(2), path[1]] : [path]
      if (leaf[0] === 'without') continue
      if (!mayDiffer(leaf)) return { reason: SAME_FOR_ALL }
      writes.push({ block, leaf, band, value })
    }
  }
  return writes
}

/** A change to blocks that are repeated, as one that counts in one row only, at all bands. */
export function onlyInRow(
  operations: Operation[],
  row: string,
  wordsOf: (block: string) => Block['text'],
): Operation[] | { reason: string } {
  const writes = leafWrites(operations, wordsOf)
  if ('reason' in writes) return writes
  const odd = writes.find(({ leaf: [first] }) => !variesAt([first]) && first !== 'text' && first !== 'data')
  if (odd) return { reason: SAME_FOR_ALL }
  return writes.map(({ block, leaf, value }) => set(block, ['rows', row, ...leaf], value))
}

const set = (id: string, path: string[], value: Json | undefined): Operation => {
  return { type: 'set', collection: 'blocks', id, path, ...(value === undefined ? {} : { value }) }
}

/**
 * A change to an original, as one that counts in one of its copies only: what is not among the named values yet becomes
 * one of them. What the change does to the root is written on the copy itself.
 */
export function onlyInCopy(
  operations: Operation[],
  { shared, values, blocks }: Original,
  copy: { document: string; id: string },
  at: AtBand,
  newId: () => string,
  wordsOf: (block: string) => Block['text'],
): ChangePart[] | { reason: string } {
  const writes = leafWrites(operations, wordsOf)
  if ('reason' in writes) return writes
  const named: SharedValue[] = []
  const written = writes.flatMap(({ block, leaf, band, value }) => {
    const inBand = { ...at, band: band ?? at.bands.lead }
    if (block === shared.root && variesAt(leaf)) return [set(copy.id, pathAtBand(leaf, inBand), value)]
    const name = leaf.join('.')
    const isIt = (one: SharedValue) => one.block === block && one.leaf === name
    let known = values.find(isIt) ?? named.find(isIt)
    if (!known && value === undefined) return []
    if (!known) named.push((known = newValue(blocks, block, leaf, shared.id, newId())))
    return [set(copy.id, pathAtBand(['values', known.id], inBand), value)]
  })
  const puts = putValues(values, named)
  return [
    ...(puts.length ? [{ document: 'style', kind: 'style', operations: puts }] : []),
    ...(written.length ? [{ document: copy.document, kind: 'drawing', operations: written }] : []),
  ]
}

/** A named value for a leaf of an original's block, called as the particulars call it. */
export function newValue(
  blocks: Blocks,
  block: string,
  leaf: string[],
  shared: string,
  id: string,
): SharedValue {
  const label = `${nameOf(blocks[block])}: ${fieldLabel(blocks[block], leaf)}`
  return { id, order: 'a0', shared, block, leaf: leaf.join('.'), label: label.slice(0, 100) }
}

/** Puts named values after those there are. */
export function putValues(values: SharedValue[], made: SharedValue[]): Operation[] {
  if (made.length === 0) return []
  const { keys } = orderAt(inOrder(values), values.length, made.length)
  return made.map((value, index) => {
    const record = { ...value, order: keys[index] } as StoredRecord
    return { type: 'put', collection: 'sharedValues', id: value.id, record }
  })
}
