/** Collections that are copies of others, with the ids of records that were written or taken out since. */
const copies = new WeakMap<object, { from: WeakRef<object>; ids: Set<string> }>()

/** So many copies of copies are looked through before two collections are compared record by record. */
const MOST_STEPS = 50

/** A copy of a collection that is about to be changed. */
export function copyCollection<T>(collection: Record<string, T>): Record<string, T> {
  const copy = { ...collection }
  copies.set(copy, { from: new WeakRef(collection), ids: new Set() })
  return copy
}

/** Notes that a record of a copied collection is written or taken out. */
export function noteChanged(copy: object, id: string): void {
  copies.get(copy)?.ids.add(id)
}

/**
 * Ids of all records that may differ between two states of a collection. Where one came from the other by changes, only
 * those are looked at, however large the collection is.
 */
export function changedRecords<T>(before: Record<string, T>, after: Record<string, T>): Set<string> {
  return remembered(before, after) ?? compared(before, after)
}

function remembered(before: object, after: object): Set<string> | undefined {
  const ids = new Set<string>()
  let here = after
  for (let step = 0; step < MOST_STEPS; step++) {
    if (here === before) return ids
    const copy = copies.get(here)
    const from = copy?.from.deref()
    if (!copy || !from) return undefined
    for (const id of copy.ids) ids.add(id)
    here = from
  }
  return undefined
}

function compared<T>(before: Record<string, T>, after: Record<string, T>): Set<string> {
  const ids = new Set<string>()
  for (const id in after) if (after[id] !== before[id]) ids.add(id)
  for (const id in before) if (!(id in after)) ids.add(id)
  return ids
}
