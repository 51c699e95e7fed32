import { defaultDocument, useEventListener } from '@vueuse/core'
import { shallowRef } from 'vue'
import type { Block } from '@nolvex/core/block/block'
import { plainText } from '@nolvex/core/document/richText'
import { outermost } from '@nolvex/core/edit/blockChanges'
import { copiesOf, pasteInPlace, pasteLooks, pasteOver } from '@nolvex/core/edit/pasteBlocks'
import { textAsBlocks } from '@nolvex/core/edit/textAsBlocks'
import { siblingsAtBand } from '@nolvex/core/resolve/siblings'
import { isField } from '../commands/isField'
import { isDialogOpen } from '../commands/onTop'
import { useCommands } from '../commands/commandStore'
import { newId } from '../session/newId'
import { clipboardLines } from './clipboardLines'
import type { DraftingPage } from './usePage'

interface Copied {
  /** each block that was copied with what stood in it, parents first */
  trees: Block[][]
  /** which section of its page each stood in, from nought */
  sections: number[]
}

/** Copied blocks outlive the page they were copied on. */
const copied = shallowRef<Copied>()
/** Ids of what was copied and last pasted: pasted again, it goes after these, not into them. */
let pastedAfter: string[] = []

/** By this the browser's clipboard says that what was copied last are blocks of ours. */
const MARK = 'application/x-nolvex-blocks'

interface Ways {
  insert: (label: string, made: Block[][], after?: string) => void
  remove: () => void
}

/** Copying, cutting and pasting blocks: usually, to the same place, in place of others, or only their looks. */
export function useClipboard(page: DraftingPage, { insert, remove }: Ways) {
  const { records, selection, select, blocks, at } = page
  const has = () => records.value.length > 0
  const isFull = () => copied.value !== undefined

  function copy() {
    const ids = outermost(blocks.value, records.value)
    const onPage = siblingsAtBand(blocks.value, null, at.value).map(({ id }) => id)
    const sectionOf = (id: string): number => {
      const { parent } = blocks.value[id]
      return parent === undefined ? onPage.indexOf(id) : sectionOf(parent)
    }
    // They keep their own ids, by which the same place is found again.
    const all = blocks.value
    const treeOf = (id: string): Block[] => {
      const below = Object.values(all).filter(({ parent }) => parent === id)
      return [all[id], ...below.flatMap((child) => treeOf(child.id))]
    }
    copied.value = { trees: ids.map(treeOf), sections: ids.map(sectionOf) }
    pastedAfter = records.value
  }

  function paste() {
    if (!copied.value) return
    const isAgain = has() && records.value.every((id) => pastedAfter.includes(id))
    const last = records.value[records.value.length - 1]
    insert('Paste', copiesOf(copied.value.trees, newId), isAgain ? last : undefined)
    pastedAfter = records.value
  }

  function pasteSame() {
    if (!copied.value) return
    const { trees, sections } = copied.value
    const pasted = pasteInPlace(blocks.value, trees, sections, at.value, newId)
    if (page.arrange('Paste to the same place', pasted) && 'made' in pasted) select(pasted.made)
  }

  function pasteInstead() {
    const [tree] = copied.value?.trees ?? []
    if (!tree) return
    const pasted = pasteOver(blocks.value, tree, records.value, newId)
    if (page.arrange('Paste in place of the selection', pasted) && 'made' in pasted) select(pasted.made)
  }

  function pasteLooksAlone() {
    const [tree] = copied.value?.trees ?? []
    if (tree) page.change('Paste looks', pasteLooks(blocks.value, tree[0], records.value))
  }

  function pasteWords(text: string) {
    const made = textAsBlocks(text, newId)
    if (made.length)
      insert(
        'Paste words',
        made.map((block) => [block]),
      )
  }

  // The browser's own events carry what is on the clipboard, without asking anybody.
  const isOurs = ({ target }: ClipboardEvent) => !isField(target) && !isDialogOpen()
  const words = (list: Block[][]) =>
    list.flatMap((tree) => tree.map(({ text }) => (text ? plainText(text) : ''))).filter(Boolean)
  for (const [type, isCut] of [
    ['copy', false],
    ['cut', true],
  ] as const)
    useEventListener(defaultDocument, type, (event: ClipboardEvent) => {
      if (!isOurs(event) || !has() || window.getSelection()?.toString()) return
      copy()
      event.clipboardData?.setData('text/plain', words(copied.value?.trees ?? []).join('\n\n'))
      event.clipboardData?.setData(MARK, 'blocks')
      event.preventDefault()
      if (isCut) remove()
    })
  useEventListener(defaultDocument, 'paste', (event: ClipboardEvent) => {
    if (!isOurs(event)) return
    const { clipboardData } = event
    const isMarked = clipboardData?.types.includes(MARK)
    const text = clipboardData && !isMarked ? clipboardLines(clipboardData) : ''
    if (text.trim()) pasteWords(text)
    else if (isFull()) paste()
    else return
    event.preventDefault()
  })

  useCommands().offer([
    {
      id: 'block-copy',
      label: 'Copy what is selected',
      keys: ['Ctrl+C'],
      run: copy,
      enabled: has,
      isByEvent: true,
    },
    {
      id: 'block-cut',
      label: 'Cut what is selected',
      keys: ['Ctrl+X'],
      run: () => {
        copy()
        remove()
      },
      enabled: has,
      isByEvent: true,
    },
    { id: 'block-paste', label: 'Paste', keys: ['Ctrl+V'], run: paste, enabled: isFull, isByEvent: true },
    {
      id: 'block-paste-same',
      label: 'Paste to the same place',
      keys: ['Ctrl+Shift+V'],
      run: pasteSame,
      enabled: isFull,
    },
    {
      id: 'block-paste-over',
      label: 'Paste in place of what is selected',
      keys: ['Alt+V'],
      run: pasteInstead,
      enabled: () => isFull() && has(),
    },
    {
      id: 'block-paste-looks',
      label: 'Paste only the looks',
      keys: ['Alt+Shift+V'],
      run: pasteLooksAlone,
      enabled: () => isFull() && selection.value.length > 0,
    },
  ])
}
