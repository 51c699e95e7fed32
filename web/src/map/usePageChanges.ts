import { ref } from 'vue'
import { childrenOf } from '@nolvex/core/document/tree'
import { addPages, duplicateBranch, isBelow, movePage } from '@nolvex/core/site/pageChanges'
import { hasReferences, referencesTo, type PageReferences } from '@nolvex/core/review/map/pageReferences'
import { newId } from '../session/newId'
import { useProject } from '../session/projectStore'
import { useMap } from './mapStore'

/** A deletion that waits for an answer, with what refers to the pages. */
export interface Deletion {
  id: string
  title: string
  pages: number
  references: PageReferences
}

/** Changes of pages, alike in the tree and in the table. */
export function usePageChanges() {
  const project = useProject()
  const map = useMap()
  const asked = ref<Deletion>()

  const parentOf = (id: string) => map.pages[id]?.parent ?? null
  const siblings = (id: string) => childrenOf(map.pages, parentOf(id))
  const place = (id: string) => siblings(id).findIndex((page) => page.id === id)

  function add(where: 'after' | 'below') {
    const id = newId()
    const at = map.selected && map.pages[map.selected] ? map.selected : undefined
    const parent = at === undefined ? null : where === 'below' ? at : parentOf(at)
    const index = at !== undefined && where === 'after' ? place(at) + 1 : childrenOf(map.pages, parent).length
    project.changeSite('Add page', addPages(map.pages, parent, index, [{ id, title: 'New page' }]))
    map.selected = id
    map.renaming = id
  }

  function rename(id: string, title: string) {
    project.setSite('Rename page', 'pages', id, ['title'], title)
  }

  function duplicate() {
    const id = map.selected
    if (!id) return
    const operations = duplicateBranch(map.site, id, newId)
    project.changeSite(`Duplicate ${map.titleOf(id)}`, operations)
    map.selected = operations.find(({ type }) => type === 'put')?.id
  }

  /** Deletes at once, unless menus, journeys or content refer to what would go: then it asks. */
  function remove() {
    const id = map.selected
    if (!id || !map.pages[id]) return
    const branch = Object.keys(map.pages).filter((page) => page === id || isBelow(map.pages, page, id))
    const references = referencesTo(map.site, project.content.records.items, new Set(branch))
    if (!hasReferences(references)) return removeNow(id)
    asked.value = { id, title: map.titleOf(id), pages: branch.length, references }
  }

  function removeNow(id: string) {
    const next = siblings(id)[place(id) + 1] ?? siblings(id)[place(id) - 1]
    const above = parentOf(id) ?? undefined
    project.changeSite(`Delete ${map.titleOf(id)}`, [{ type: 'remove', collection: 'pages', id }])
    map.selected = next?.id ?? above
    asked.value = undefined
  }

  /** Answers that nothing is to be deleted. */
  const keep = () => (asked.value = undefined)

  function move(id: string, parent: string | null, index: number) {
    if (parent === id || (parent && isBelow(map.pages, parent, id))) return
    project.changeSite('Move page', movePage(map.pages, id, parent, index))
  }

  function moveBy(step: number) {
    const id = map.selected
    if (id) move(id, parentOf(id), Math.max(0, place(id) + step))
  }

  function moveOut() {
    const parent = map.selected && parentOf(map.selected)
    if (map.selected && parent) move(map.selected, parentOf(parent), place(parent) + 1)
  }

  function moveIn() {
    const before = map.selected && siblings(map.selected)[place(map.selected) - 1]
    if (map.selected && before) move(map.selected, before.id, childrenOf(map.pages, before.id).length)
  }

  return {
    asked,
    parentOf,
    siblings,
    place,
    add,
    rename,
    duplicate,
    remove,
    removeNow,
    keep,
    move,
    moveBy,
    moveOut,
    moveIn,
  }
}

export type PageChanges = ReturnType<typeof usePageChanges>
