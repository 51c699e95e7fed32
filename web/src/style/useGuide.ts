import { computed } from 'vue'
import { moveAmong, putAmong } from '@nolvex/core/document/placing'
import { inOrder } from '@nolvex/core/document/tree'
import type { ChangePart, Json, Operation } from '@nolvex/core/document/types'
import { replaceNamed, usesOf } from '@nolvex/core/edit/replaceNamed'
import { drawingTitle } from '@nolvex/core/resolve/pageSources'
import type { Level } from '@nolvex/core/style/level'
import type { Token } from '@nolvex/core/style/token'
import { newId } from '../session/newId'
import { useProject } from '../session/projectStore'

/** A record that has no id and place yet. */
export type New<T> = T extends unknown ? Omit<T, 'id' | 'order'> : never

/** More places than these are only counted. */
const MOST_NAMED = 6

/** The style guide of the open project, and the ways to change it. */
export function useGuide() {
  const project = useProject()
  const tokens = computed(() => inOrder(Object.values(project.style.records.tokens)))
  const levels = computed((): Level[] => inOrder(Object.values(project.style.records.levels)))

  function change(label: string, operations: Operation[], mergeKey?: string) {
    if (operations.length)
      project.change(label, [{ document: project.style.id, kind: 'style', operations }], mergeKey)
  }
  const changeAll = (label: string, parts: ChangePart[]) => parts.length && project.change(label, parts)

  /** Writes one value of a record of the guide, or clears it. */
  function set(
    label: string,
    collection: string,
    id: string,
    path: string[],
    value: Json | undefined,
    mergeKey?: string,
  ) {
    change(
      label,
      [{ type: 'set', collection, id, path, ...(value === undefined ? {} : { value }) }],
      mergeKey,
    )
  }

  /** Puts new tokens after those there are. @returns the ids of them */
  function addTokens(label: string, made: New<Token>[]): string[] {
    const records = made.map((token) => ({ ...token, id: newId() }) as unknown as { id: string })
    change(label, putAmong('tokens', tokens.value, tokens.value.length, records))
    return records.map(({ id }) => id)
  }

  const moveToken = (id: string, index: number, among: Token[]) =>
    change(
      'Move a token',
      moveAmong(
        'tokens',
        among.filter((one) => one.id !== id),
        index,
        id,
      ),
    )

  /** How many records name something. */
  const uses = (id: string) =>
    usesOf(project.view.documents, id).reduce((sum, { records }) => sum + records.length, 0)

  /** How often something is named, and where, in words. */
  function usedWords(id: string): string {
    const found = usesOf(project.view.documents, id)
    if (found.length === 0) return 'not used yet'
    const count = uses(id)
    const titles = found.map(({ document }) => drawingTitle(project.view.documents, document) ?? 'the guide')
    const named = titles.slice(0, MOST_NAMED).join(', ')
    const others = titles.length > MOST_NAMED ? ` and ${titles.length - MOST_NAMED} more` : ''
    return `used ${count === 1 ? 'once' : `${count} times`}: ${named}${others}`
  }

  /** Everything that names one thing names another from now on, which may be all that is left of the two. */
  function replace(label: string, collection: string, from: string, to: string, removes: boolean) {
    const parts = replaceNamed(project.view.documents, from, to)
    if (removes)
      parts.push({
        document: project.style.id,
        kind: 'style',
        operations: [{ type: 'remove', collection, id: from }],
      })
    changeAll(label, parts)
  }

  const remove = (label: string, collection: string, id: string) =>
    change(label, [{ type: 'remove', collection, id }])

  return {
    project,
    tokens,
    levels,
    change,
    changeAll,
    set,
    addTokens,
    moveToken,
    uses,
    usedWords,
    replace,
    remove,
  }
}
