import { computed, ref, watch } from 'vue'
import type { Block } from '@nolvex/core/block/block'
import type { Placed } from '@nolvex/core/snap/drawnPage'
import { boundsOf, type Rect } from '@nolvex/core/snap/rect'
import type { LaidOutPage } from './useLaidOutPage'

/**
 * What is selected on a page: instances by key, and the blocks that edits to them write.
 * @param chosen keys that are chosen on another page beside this one, too
 */
export function useSelection(
  { page, document, blocks, placed, hits, guides }: LaidOutPage,
  chosen = ref<string[]>([]),
) {
  /** the first instance of each block that is shown */
  const firstOf = computed(() => {
    const first = new Map<string, string>()
    for (const { key, record } of placed.value.values()) if (!first.has(record)) first.set(record, key)
    return first
  })
  /** An instance by its key, or by the id of its block. */
  const keyOf = (keyOrId: string) =>
    placed.value.has(keyOrId) ? keyOrId : (firstOf.value.get(keyOrId) ?? keyOrId)
  /** The block an instance is of; one that is not shown at this width has its block's own key. */
  const recordOf = (key: string) => placed.value.get(key)?.record ?? key
  const selection = computed(() => chosen.value.map(keyOf).filter((key) => blocks.value[recordOf(key)]))
  const records = computed(() => [...new Set(selection.value.map(recordOf))])
  const one = computed((): Block | undefined =>
    records.value.length === 1 ? blocks.value[records.value[0]] : undefined,
  )
  /** those that are shown */
  const selected = computed(() =>
    selection.value
      .map((key) => placed.value.get(key))
      .filter((found): found is Placed => found !== undefined),
  )
  /** what is selected, from edge to edge, px of the page */
  const around = computed((): Rect => boundsOf(selected.value))
  watch([page, document], () => (chosen.value = []))

  /** whether any of it keeps its place and size */
  const isLocked = computed(() => records.value.some((id) => blocks.value[id]?.locked))

  /** What stands at a point of the page, innermost first; what is locked stays out of the way. */
  const under = (point: { x: number; y: number }): Placed[] =>
    hits.value.at(point).filter(({ record }) => !blocks.value[record]?.locked)

  function select(keys: string[]) {
    chosen.value = keys
    if (keys.length) guides.choose([])
  }

  /** Adds an instance to what is selected, or takes it out. */
  function toggle(key: string) {
    const isChosen = selection.value.includes(keyOf(key))
    select(isChosen ? selection.value.filter((other) => other !== keyOf(key)) : [...selection.value, key])
  }

  return {
    chosen,
    selection,
    records,
    selected,
    around,
    under,
    isLocked,
    one,
    recordOf,
    keyOf,
    firstOf,
    select,
    toggle,
    editing: ref<string>(),
  }
}

export type Selection = ReturnType<typeof useSelection>
