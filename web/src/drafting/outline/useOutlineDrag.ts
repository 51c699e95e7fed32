import { ref, type Ref } from 'vue'
import { takesBlocks } from '@nolvex/core/block/block'
import { moveBlocks, type BlockSpot } from '@nolvex/core/edit/blockChanges'
import { followDrag } from '../../gestures/followDrag'
import type { DraftingPage } from '../usePage'
import { dropPart, outlineDrop, type DropPart } from './outlineDrop'
import type { OutlineRow } from './outlineRows'

/** Pulling lines of the outline to another place: before or after a line, or into what it stands for. */
export function useOutlineDrag(
  page: DraftingPage,
  rows: Ref<OutlineRow[]>,
  list: Ref<HTMLElement | undefined>,
  height: number,
) {
  const over = ref<{ id: string; part: DropPart }>()
  let spot: BlockSpot | undefined

  function start(event: PointerEvent, id: string) {
    if (event.button !== 0 || event.shiftKey || event.ctrlKey || event.metaKey) return
    const pulled = page.selection.value.includes(id) ? page.records.value : [id]
    followDrag(event, {
      move: (_dx, _dy, moved) => follow(moved, pulled),
      end: (kept) => {
        if (kept && spot) drop(pulled, spot)
        over.value = spot = undefined
      },
    })
  }

  function follow({ clientY }: PointerEvent, pulled: string[]) {
    const box = list.value?.getBoundingClientRect()
    if (!list.value || !box) return
    if (clientY < box.top + height) list.value.scrollTop -= height / 2
    if (clientY > box.bottom - height) list.value.scrollTop += height / 2
    const y = clientY - box.top + list.value.scrollTop
    const row = rows.value[Math.min(rows.value.length - 1, Math.max(0, Math.floor(y / height)))]
    const part = dropPart(y / height - rows.value.indexOf(row), takesBlocks(page.blocks.value[row.id]))
    spot = outlineDrop(page.blocks.value, pulled, row.id, part, page.at.value)
    over.value = spot && { id: row.id, part }
  }

  function drop(pulled: string[], to: BlockSpot) {
    const what = pulled.length === 1 ? page.nameOf(pulled[0]) : `${pulled.length} blocks`
    page.change(`Move ${what}`, moveBlocks(page.blocks.value, pulled, to, page.at.value))
    page.select(pulled)
  }

  return { over, start }
}
