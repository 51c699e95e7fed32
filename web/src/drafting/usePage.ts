import { ref, shallowRef, watch, type InjectionKey, type Ref } from 'vue'
import { nameOf as nameOfBlock, type Block } from '@nolvex/core/block/block'
import type { ShelfItem } from '@nolvex/core/block/shelf'
import { valueAt } from '@nolvex/core/document/path'
import { plainText, textDifference, type RichText } from '@nolvex/core/document/richText'
import type { ChangePart, Json, Operation, StoredRecord } from '@nolvex/core/document/types'
import { atAllBands } from '@nolvex/core/edit/atAllBands'
import { setLeaf } from '@nolvex/core/edit/blockChanges'
import { writeContent } from '@nolvex/core/edit/contentChanges'
import { inPageState } from '@nolvex/core/edit/pageStateChanges'
import { refusesCopies } from '@nolvex/core/edit/sharedUses'
import { towardsLead } from '@nolvex/core/grid/band'
import { blockValue, dressedBlock, type Dressing } from '@nolvex/core/resolve/blockLayers'
import { atBand, type ShownAs } from '@nolvex/core/resolve/resolvePage'
import type { AtBand } from '@nolvex/core/resolve/cascade'
import type { Unfinished } from '@nolvex/core/review/mockup/unfinished'
import { collectionIn } from '@nolvex/core/resolve/pageSources'
import { contentWords } from '@nolvex/core/resolve/shownContent'
import type { Arranged } from '@nolvex/core/snap/alignBlocks'
import { useProject } from '../session/projectStore'
import type { PanelName } from './panels/panels'
import type { Marked } from './surface/overlays'
import { useLaidOutPage } from './useLaidOutPage'
import { useMoment, type PageMoment } from './useMoment'
import { useSelection } from './useSelection'
import { useWhoFollows } from './useWhoFollows'

/** A ruler that was laid, or is still to be. */
export interface Ruler {
  from?: { x: number; y: number }
  to?: { x: number; y: number }
}

/** A page shown beside the one that is edited, at a width of its own: what is selected is one for all. */
interface Beside {
  width: number
  main: SharedState
}

/** Everything the drafting view's parts share: the page laid out at a width, the selection, and changes to it. */
export function usePage(page: Ref<string>, beside?: Beside, as: Ref<ShownAs> = ref('wireframe')) {
  const project = useProject()
  const ownMoment = useMoment(page)
  const { pageState, pageStates, blockState, held, moment } = beside?.main.moment ?? ownMoment
  const view = useLaidOutPage(page, beside?.width, beside?.main.path, beside?.main.as ?? as, moment)
  const selection = useSelection(view, beside?.main.chosen)
  if (!beside)
    watch(selection.selection, (now, before) => {
      if (String(now) === String(before)) return
      held.value = now
      blockState.value = undefined
    })
  const { at, isLead, blocks, placed, document } = view
  const follows = useWhoFollows(view, selection)
  /** points of the picture under the page that are chosen to scale it by; nothing while it is not scaled */
  const scalePoints = ref<{ x: number; y: number }[]>()
  /** what was chosen on the shelf to be drawn on the page */
  const toDraw = beside?.main.toDraw ?? shallowRef<ShelfItem>()
  /** what a list beside the page points at */
  const marked = shallowRef<Marked[]>([])
  /** whether changes count for all bands, and not only for the one that is shown */
  const forAllBands = beside?.main.forAllBands ?? ref(false)
  /** what the page still lacks to be a mockup; nothing until it has been looked for */
  const lacks = shallowRef<Unfinished[]>()
  /** a ruler between two points, while one measures */
  const ruler = shallowRef<Ruler>()
  /** what the last change did beside what was asked */
  const told = beside?.main.told ?? ref('')
  /** the list that stands beside the page in place of the particulars */
  const panel = ref<PanelName>()
  /** why the last change was not made */
  const trouble = beside?.main.trouble ?? ref('')
  watch([page, selection.selection], () => (trouble.value = ''))
  watch(page, () => (told.value = ''))

  function change(label: string, operations: Operation[], mergeKey?: string) {
    if (operations.length === 0) return
    const refused = refusesCopies(project.view.documents, document.value, operations)
    const inAll = forAllBands.value ? atAllBands(operations, blocks.value) : operations
    const counted = inPageState(inAll, blocks.value, pageState.value, pageStates.value)
    const parts = refused === undefined ? follows.partsOf(counted) : { reason: refused }
    if ('reason' in parts) trouble.value = parts.reason
    else changeParts(label, parts, mergeKey)
  }
  function changeParts(label: string, parts: ChangePart[], mergeKey?: string) {
    trouble.value = told.value = ''
    if (parts.length) project.change(label, parts, mergeKey)
  }

  /** Makes a change that says what it does, or says why there is none. @returns whether it was made */
  function arrange(label: string, arranged: Arranged | { operations: Operation[] }): boolean {
    if ('reason' in arranged) {
      trouble.value = arranged.reason
      return false
    }
    change(label, arranged.operations)
    told.value = 'says' in arranged ? arranged.says : ''
    return true
  }

  /** Writes what an instance says: where its words come from, or on the block itself. */
  function writeText(key: string, text: RichText) {
    const found = follows.contentAt(key)
    const id = selection.recordOf(key)
    if (!found) {
      const delta = textDifference(follows.ownWords(id) ?? [], text)
      if (delta.length)
        change('Edit text', [{ type: 'edit', collection: 'blocks', id, path: ['text'], delta }])
      return
    }
    const parts = writeContent(found, plainText(text), (one) => collectionIn(project.around, one))
    if ('reason' in parts) trouble.value = parts.reason
    else changeParts('Edit content', parts)
  }

  /** What is written in where an instance's words are edited, and whether they take no marks. */
  function textOf(key: string): { text: RichText; isPlain: boolean } {
    const found = follows.contentAt(key)
    if (!found) return { text: follows.ownWords(selection.recordOf(key)) ?? [], isPlain: false }
    const words = contentWords(found)
    return { text: words ? [{ insert: words }] : [], isPlain: true }
  }

  /** Writes a leaf of the selected blocks at this band; no value gives it back. */
  function set(label: string, path: string[], value: Json | undefined, records = selection.records.value) {
    change(label, setLeaf(records, path, value, at.value))
  }

  function value(block: Block, path: string[]) {
    const dressing = follows.dressing(block)
    return blockValue(dressedBlock(block, dressing), path, at.value, dressing)
  }

  /** Whether the one copy or row that is edited, or this band where it is not the lead, has a value of its own there. */
  function differs(block: Block, path: string[]): boolean {
    const { source } = value(block, path)
    if (follows.isOne.value && saysOtherwise(follows.dressing(block), path, at.value)) return true
    return !isLead.value && source.from === 'band' && source.band === at.value.band
  }

  /** Where a leaf's value would come from if this band had none of its own, in words. */
  function sourceBeneath(block: Block, path: string[]): string {
    const { inOrder, lead } = view.bands.value
    const [, nearer] = towardsLead(inOrder, at.value.band, lead)
    if (follows.isOne.value) return follows.row.value ? 'the other rows' : 'the original'
    const nameOfBand = (id: string) => inOrder.find((band) => band.id === id)?.name ?? ''
    const { source } = blockValue(block, path, atBand(project, nearer?.id ?? lead))
    if (source.from === 'band') return nameOfBand(source.band)
    if (source.from === 'part') return 'the style guide'
    return source.from === 'record' ? nameOfBand(lead) : 'what it is without a value'
  }

  /** The name of an instance, or of a block that is not shown. */
  function nameOf(key: string): string {
    const block = blocks.value[key]
    return placed.value.get(key)?.box.node.name ?? (block ? nameOfBlock(block) : '')
  }

  return {
    ...{
      ...view,
      ...selection,
      ...follows,
      trouble,
      told,
      marked,
      lacks,
      panel,
      ruler,
      forAllBands,
      as: beside?.main.as ?? as,
      moment: { pageState, pageStates, blockState, held, moment },
      pageState,
      pageStates,
      blockState,
      scalePoints,
      toDraw,
    },
    ...{ arrange, change, changeParts, set, value, differs, sourceBeneath, nameOf, writeText, textOf },
  }
}

/** Whether a copy or a row says something of its own for a leaf. */
function saysOtherwise({ dresses, copy }: Dressing, path: string[], at: AtBand): boolean {
  const layers = [...dresses.map(({ values }) => values), ...(copy ? [copy, copy.at?.[at.band] ?? {}] : [])]
  return layers.some((values) => valueAt(values as unknown as StoredRecord, path) !== undefined)
}

interface SharedState {
  chosen: Ref<string[]>
  path: Ref<string[]>
  toDraw: Ref<ShelfItem | undefined>
  told: Ref<string>
  forAllBands: Ref<boolean>
  as: Ref<ShownAs>
  moment: PageMoment
  trouble: Ref<string>
}
export type DraftingPage = ReturnType<typeof usePage>
export const draftingPage: InjectionKey<DraftingPage> = Symbol('drafting page')
