import { computed } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { putAmong } from '@nolvex/core/document/placing'
import { inOrder } from '@nolvex/core/document/tree'
import type { Json } from '@nolvex/core/document/types'
import type { Board, BoardItem } from '@nolvex/core/site/board'
import { newId } from '../session/newId'
import { useProject } from '../session/projectStore'

/** The boards of a project, the one that is shown, and changes to it. */
export function useBoards() {
  const project = useProject()
  const route = useRoute()
  const router = useRouter()
  const boards = computed(() => inOrder(Object.values(project.site.records.boards)))
  const board = computed(
    () => boards.value.find(({ id }) => id === route.params.board) ?? (boards.value[0] as Board | undefined),
  )
  const items = computed(() => board.value?.items ?? [])

  const show = (id: string) => router.replace({ name: 'boards', params: { project: project.id, board: id } })

  function add(name: string, from?: Board) {
    const id = newId()
    const { id: _id, order: _order, ...same } = from ?? ({} as Board)
    const record = { ...same, id, name } as unknown as { id: string }
    project.changeSite(
      `Add the board ${name}`,
      putAmong('boards', boards.value, boards.value.length, [record]),
    )
    void show(id)
  }
  function remove() {
    if (!board.value) return
    const { id, name } = board.value
    project.changeSite(`Delete the board ${name}`, [{ type: 'remove', collection: 'boards', id }])
  }
  function set(label: string, leaf: keyof Board, value: Json | undefined) {
    if (board.value) project.setSite(label, 'boards', board.value.id, [leaf], value)
  }
  const setItems = (label: string, now: BoardItem[]) => set(label, 'items', now as unknown as Json)

  return { boards, board, items, show, add, remove, set, setItems }
}
