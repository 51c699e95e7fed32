import { transformEdit } from './richText'
import type { ChangePart, EditOperation, Operation } from './types'

const sameLeaf = (a: EditOperation, b: EditOperation) =>
  a.collection === b.collection && a.id === b.id && a.path.join('\n') === b.path.join('\n')

function edits(parts: ChangePart[]): { document: string; operation: EditOperation }[] {
  return parts.flatMap(({ document, operations }) =>
    operations.filter((operation) => operation.type === 'edit').map((operation) => ({ document, operation })),
  )
}

/** Whether any operation edits rich text; only such changes need rebasing. */
export function editsText(parts: ChangePart[]): boolean {
  return parts.some(({ operations }) => operations.some(({ type }) => type === 'edit'))
}

function transformOver(
  parts: ChangePart[],
  document: string,
  over: EditOperation,
  overWins: boolean,
): ChangePart[] {
  const transform = (operation: Operation): Operation =>
    operation.type === 'edit' && sameLeaf(operation, over)
      ? { ...operation, delta: transformEdit(over.delta, operation.delta, overWins) }
      : operation
  return parts.map((part) =>
    part.document === document ? { ...part, operations: part.operations.map(transform) } : part,
  )
}

/**
 * Two changes made side by side on the same documents, each rewritten to follow the other. Only edits of rich text
 * are transformed; `first` is the earlier revision and wins ties.
 * @returns `second` as it reads after `first`, and `first` as it reads after `second`
 */
export function transformPair(
  first: ChangePart[],
  second: ChangePart[],
): { first: ChangePart[]; second: ChangePart[] } {
  if (!editsText(first) || !editsText(second)) return { first, second }
  let firstNow = first
  let secondNow = second
  for (const { document, operation } of edits(first)) {
    // Edits of one leaf within a change follow each other, so each is carried past the other side in turn.
    let over = operation
    const carried = secondNow.map((part) => ({ ...part, operations: [...part.operations] }))
    for (const part of carried) {
      if (part.document !== document) continue
      part.operations = part.operations.map((other) => {
        if (other.type !== 'edit' || !sameLeaf(other, over)) return other
        const moved = { ...other, delta: transformEdit(over.delta, other.delta, true) }
        over = { ...over, delta: transformEdit(other.delta, over.delta, false) }
        return moved
      })
    }
    secondNow = carried
    firstNow = replaceOperation(firstNow, operation, over)
  }
  return { first: firstNow, second: secondNow }
}

function replaceOperation(parts: ChangePart[], old: Operation, next: Operation): ChangePart[] {
  return parts.map((part) => ({
    ...part,
    operations: part.operations.map((operation) => (operation === old ? next : operation)),
  }))
}

/**
 * Changes not yet acknowledged, rewritten to follow one that was logged before them.
 * @param pending own changes in order, each made on top of the one before
 * @param logged the parts of a change made elsewhere that the server placed before them
 */
export function rebasePending<T extends { parts: ChangePart[] }>(pending: T[], logged: ChangePart[]): T[] {
  let first = logged
  return pending.map((change) => {
    const pair = transformPair(first, change.parts)
    first = pair.first
    return pair.second === change.parts ? change : { ...change, parts: pair.second }
  })
}

/** What would undo something, rewritten to follow a change made since: the newer text keeps its place. */
export function rebaseInverse(inverse: ChangePart[], since: ChangePart[]): ChangePart[] {
  if (!editsText(inverse) || !editsText(since)) return inverse
  return edits(since).reduce(
    (parts, { document, operation }) => transformOver(parts, document, operation, true),
    inverse,
  )
}
