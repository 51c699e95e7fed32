import type { ZoomTransform } from 'd3-zoom'
import { ref, type Ref, type ShallowRef } from 'vue'
import { childrenOf } from '@nolvex/core/document/tree'
import { followDrag } from '../gestures/followDrag'
import { isBelow } from '@nolvex/core/site/pageChanges'
import { useMap } from './mapStore'
import type { TreeCard } from './useTreeCards'

/** What dragging a card needs of the tree. */
interface TreeParts {
  frame: Ref<HTMLElement | undefined>
  camera: ShallowRef<ZoomTransform>
  cards: Ref<TreeCard[]>
  move: (id: string, parent: string | null, index: number) => void
}

/** Dragging a page's card onto another, or to its side. */
export function useCardDrag({ frame, camera, cards, move }: TreeParts) {
  const map = useMap()
  const dragging = ref<{ id: string; x: number; y: number }>()
  const target = ref<{ id: string; where: 'before' | 'inside' | 'after' }>()

  function startDrag(event: PointerEvent, id: string) {
    if (event.button !== 0) return
    map.selected = id
    if (map.renaming) return
    followDrag(event, {
      move: (dx, dy, moved) => {
        dragging.value = { id, x: dx / camera.value.k, y: dy / camera.value.k }
        target.value = targetAt(moved, id)
      },
      end: (kept) => {
        if (kept) drop(id)
        dragging.value = undefined
        target.value = undefined
      },
    })
  }

  function targetAt({ clientX, clientY }: PointerEvent, id: string) {
    const box = frame.value?.getBoundingClientRect()
    if (!box) return undefined
    const [x, y] = camera.value.invert([clientX - box.left, clientY - box.top])
    const over = (card: TreeCard) =>
      x > card.x - 10 && x < card.x + card.width + 10 && y > card.y - 6 && y < card.y + card.height + 6
    const card = cards.value.find(
      (one) => one.page.id !== id && !isBelow(map.pages, one.page.id, id) && over(one),
    )
    if (!card) return undefined
    const share = map.look.direction === 'down' ? (x - card.x) / card.width : (y - card.y) / card.height
    const isTop = map.pages[card.page.id]?.parent === undefined && !map.pages[id]?.kind
    const where = isTop ? 'inside' : share < 0.25 ? 'before' : share > 0.75 ? 'after' : 'inside'
    return { id: card.page.id, where } as const
  }

  function drop(id: string) {
    const onto = target.value
    if (!dragging.value || !onto) return
    if (onto.where === 'inside') return move(id, onto.id, childrenOf(map.pages, onto.id).length)
    const parent = map.pages[onto.id]?.parent ?? null
    const list = childrenOf(map.pages, parent).filter((page) => page.id !== id)
    const at = list.findIndex((page) => page.id === onto.id)
    move(id, parent, onto.where === 'before' ? at : at + 1)
  }

  return { dragging, target, startDrag }
}
