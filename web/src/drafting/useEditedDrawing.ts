import { computed, ref, watch, type Ref } from 'vue'
import { kindOf, type Block } from '@nolvex/core/block/block'
import type { DrawingDocument } from '@nolvex/core/drawing/drawing'
import { eachBox, type PageLayout } from '@nolvex/core/layout/pageLayout'
import type { BlockNode } from '@nolvex/core/resolve/node'
import type { DrawnOn } from '@nolvex/core/snap/drawnPage'
import type { Shared } from '@nolvex/core/style/shared'
import { useProject } from '../session/projectStore'

/** The original that is edited in place of the page, where one of its copies shows it. */
export interface EditedOriginal {
  shared: Shared
  /** key of the copy on the page, and where that stands as a block */
  key: string
  copy: { document: string; id: string }
}

/** What edits on a page go to: its own drawing, or the original of one of the copies on it. */
export function useEditedDrawing(
  page: Ref<string>,
  layout: Ref<PageLayout | undefined>,
  /** keys of the copies one has gone into, the outermost first */
  path = ref<string[]>([]),
) {
  const project = useProject()
  watch(page, () => (path.value = []))

  const blockAt = ({ document, record }: BlockNode['origin']): Block | undefined =>
    project.drawing(document)?.records.blocks[record]

  function originalAt(key: string): EditedOriginal | undefined {
    const node = layout.value && nodeWith(layout.value, key)
    const block = node && blockAt(node.origin)
    if (!node || !block || kindOf(block).expands !== 'shared') return undefined
    const shared = project.style.records.shared[String(block.data?.shared)] as Shared | undefined
    if (!shared || !project.drawing(shared.id)) return undefined
    return { shared, key, copy: { document: node.origin.document, id: node.origin.record } }
  }
  const original = computed(() => {
    const key = path.value.at(-1)
    return key === undefined ? undefined : originalAt(key)
  })
  // The copy was deleted, or is not shown at this width: what is edited is the page again.
  watch([original, layout], ([now, laid]) => {
    if (laid && path.value.length && !now) path.value = path.value.slice(0, -1)
  })

  const document = computed(() => original.value?.shared.id ?? page.value)
  const blocks = computed((): Record<string, Block> => {
    const all = project.drawing(document.value)?.records.blocks ?? {}
    return original.value ? insideOf(all, original.value.shared.root) : all
  })
  const drawnOn = computed((): DrawnOn => {
    const { key, shared } = original.value ?? {}
    return { document: document.value, copy: key && shared ? { key, root: shared.root } : undefined }
  })

  /** Goes into a copy, to edit its original. */
  function enter(key: string) {
    if (originalAt(key)) path.value = [...path.value, key]
  }
  const leave = () => (path.value = path.value.slice(0, -1))

  return { path, document, blocks, drawnOn, original, originalAt, enter, leave }
}

/** The blocks of an original without the section they stand in where they are no section themselves. */
function insideOf(blocks: DrawingDocument['records']['blocks'], root: string): Record<string, Block> {
  const stand = blocks[root]?.parent
  if (!stand) return blocks
  const { [stand]: _stand, ...inside } = blocks
  return { ...inside, [root]: { ...blocks[root], parent: undefined } }
}

function nodeWith(layout: PageLayout, key: string): BlockNode | undefined {
  let found: BlockNode | undefined
  eachBox(layout, ({ node }) => {
    if (node.key === key) found = node
  })
  return found
}
