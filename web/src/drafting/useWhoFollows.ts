import { computed, ref, watch } from 'vue'
import type { Block } from '@nolvex/core/block/block'
import { inOrder } from '@nolvex/core/document/tree'
import type { ChangePart, Operation } from '@nolvex/core/document/types'
import { onlyInCopy, onlyInRow } from '@nolvex/core/edit/onlyHere'
import { copiesByShared } from '@nolvex/core/edit/sharedUses'
import { BARE, type Dressing } from '@nolvex/core/resolve/blockLayers'
import { collectionIn } from '@nolvex/core/resolve/pageSources'
import { copyDresses, valuesOf } from '@nolvex/core/resolve/scope'
import { contentOf, type ShownRow } from '@nolvex/core/resolve/shownContent'
import { newId } from '../session/newId'
import { useProject } from '../session/projectStore'
import type { LaidOutPage } from './useLaidOutPage'
import type { Selection } from './useSelection'

/** What is repeated: a copy of an original, or a row of a series; changes go to all of them, or to the one alone. */
export function useWhoFollows(view: LaidOutPage, { selection }: Pick<Selection, 'selection'>) {
  const project = useProject()
  const { original, blocks, placed, at, document } = view
  const wantsOne = ref(false)

  /** The row an instance is repeated for, the innermost of several: its key is the path that made it. */
  function rowOf(key: string): ShownRow | undefined {
    for (const step of key.split('-').reverse())
      for (const { id: collection, records } of project.collections) {
        const row = records.rows[step] as ShownRow['row'] | undefined
        if (row) return { collection, row }
      }
    return undefined
  }
  const row = computed(() => (selection.value.length ? rowOf(selection.value[0]) : undefined))
  const isOne = computed(() => wantsOne.value && Boolean(row.value ?? original.value))

  /** Where something else is repeated, changes go to all of it again. */
  watch(
    () => row.value?.collection ?? original.value?.key,
    () => (wantsOne.value = false),
  )

  /** In words: what follows, and what the one alone is called. */
  const following = computed(() => {
    if (row.value) {
      const { records } = collectionIn(project.around, row.value.collection) ?? {}
      const number = inOrder(Object.values(records?.rows ?? {})).indexOf(row.value.row) + 1
      const of = records?.settings.collection?.name
      return { what: `Series of ${of ?? 'rows'}`, all: 'All rows', one: `Only row ${number}` }
    }
    if (!original.value) return undefined
    const { shared } = original.value
    const count = copiesByShared(project.view.documents).get(shared.id)?.length ?? 0
    const all = count === 1 ? 'All: 1 copy follows' : `All: ${count} copies follow`
    return { what: `Original of ${shared.name}`, all, one: 'Only this one' }
  })

  /** What lies over a block's own values where one copy or one row alone is edited. */
  function dressing({ id, rows }: Block): Dressing {
    if (!isOne.value) return BARE
    if (row.value) {
      const values = rows?.[row.value.row.id]
      return values ? { dresses: [{ from: 'row', values }] } : BARE
    }
    const copy = copyBlock.value
    if (!original.value || !copy) return BARE
    const { shared } = original.value
    const dress = copyDresses(copy, valuesOf(project.style, shared.id), at.value).get(id)
    return { dresses: dress ? [dress] : [], copy: id === shared.root ? copy : undefined }
  }
  const copyBlock = computed(() => {
    const { document: on, id } = original.value?.copy ?? {}
    return on && id ? project.drawing(on)?.records.blocks[id] : undefined
  })

  /** The words of a block that are its own, as the one that is edited has them. */
  function ownWords(id: string): Block['text'] {
    const block = blocks.value[id] as Block | undefined
    if (!block) return undefined
    const said = dressing(block).dresses.find(({ values }) => values.text)
    return said?.values.text ?? block.text
  }

  /** The parts of a change to what is edited: for all that follow, or for one of them. */
  function partsOf(operations: Operation[]): ChangePart[] | { reason: string } {
    const on = (changed: Operation[]) => [{ document: document.value, kind: 'drawing', operations: changed }]
    if (!isOne.value) return on(operations)
    if (row.value) {
      const changed = onlyInRow(operations, row.value.row.id, ownWords)
      return 'reason' in changed ? changed : on(changed)
    }
    if (!original.value) return on(operations)
    const { shared, copy } = original.value
    const values = valuesOf(project.style, shared.id)
    const edited = { shared, values, blocks: blocks.value }
    return onlyInCopy(operations, edited, copy, at.value, newId, ownWords)
  }

  /** Where the content of an instance comes from. */
  const contentAt = (key: string) => {
    const block = blocks.value[placed.value.get(key)?.record ?? key] as Block | undefined
    return block && contentOf(block, project.around, rowOf(key))
  }

  return {
    ...{ row, rowOf, following, wantsOne, isOne, dressing, ownWords, partsOf, contentAt },
  }
}
