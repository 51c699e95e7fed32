import type { OutlineRow } from './outlineRows'

/** What a key does in the outline: goes to a line, or folds or unfolds one. */
export type OutlineStep = { goTo: string } | { fold: string } | { unfold: string } | undefined

/**
 * What a key does when a line holds the keys, as in any tree: up, down, to either end; left folds or goes to what it
 * stands in, right unfolds or goes to the first in it. Letters stay the drafting view's own keys.
 */
export function outlineStep(rows: OutlineRow[], active: string | undefined, key: string): OutlineStep {
  const at = rows.findIndex(({ id }) => id === active)
  const row = rows[at] as OutlineRow | undefined
  const goTo = (index: number): OutlineStep => {
    const to = rows[Math.min(rows.length - 1, Math.max(0, index))] as OutlineRow | undefined
    return to && { goTo: to.id }
  }
  if (key === 'ArrowDown') return goTo(at + 1)
  if (key === 'ArrowUp') return goTo(at < 0 ? rows.length - 1 : at - 1)
  if (key === 'Home') return goTo(0)
  if (key === 'End') return goTo(rows.length - 1)
  if (key === 'ArrowRight' && row?.hasBelow) return row.isFolded ? { unfold: row.id } : goTo(at + 1)
  if (key === 'ArrowLeft' && row) {
    if (row.hasBelow && !row.isFolded) return { fold: row.id }
    return row.parent === null ? undefined : { goTo: row.parent }
  }
  return undefined
}
