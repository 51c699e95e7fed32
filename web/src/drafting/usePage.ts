import type { InjectionKey, Ref } from 'vue'
import { nameOf as nameOfBlock, type Block } from '@nolvex/core/block/block'
import type { Json, Operation } from '@nolvex/core/document/types'
import { setLeaf } from '@nolvex/core/edit/blockChanges'
import { towardsLead } from '@nolvex/core/grid/band'
import { blockValue } from '@nolvex/core/resolve/blockLayers'
import { useProject } from '../session/projectStore'
import { useLaidOutPage } from './useLaidOutPage'
import { useSelection } from './useSelection'

/** Everything the drafting view's parts share: the page laid out at a width, the selection, and changes to it. */
export function usePage(page: Ref<string>) {
  const project = useProject()
  const view = useLaidOutPage(page)
  const selection = useSelection(view)
  const { at, isLead, blocks, placed } = view

  function change(label: string, operations: Operation[], mergeKey?: string) {
    project.changeDrawing(label, page.value, operations, mergeKey)
  }

  /** Writes a leaf of the selected blocks at this band; no value gives it back. */
  function set(label: string, path: string[], value: Json | undefined, records = selection.records.value) {
    change(label, setLeaf(records, path, value, at.value))
  }

  const value = (block: Block, path: string[]) => blockValue(block, path, at.value)

  /** Whether this band, not being the lead, has a value of its own there. */
  function differs(block: Block, path: string[]): boolean {
    const { source } = value(block, path)
    return !isLead.value && source.from === 'band' && source.band === at.value.band
  }

  /** Where a leaf's value would come from if this band had none of its own, in words. */
  function sourceBeneath(block: Block, path: string[]): string {
    const { inOrder, lead } = view.bands.value
    const [, nearer] = towardsLead(inOrder, at.value.band, lead)
    const nameOfBand = (id: string) => inOrder.find((band) => band.id === id)?.name ?? ''
    const { source } = blockValue(block, path, { bands: view.bands.value, band: nearer?.id ?? lead })
    if (source.from === 'band') return nameOfBand(source.band)
    return source.from === 'record' ? nameOfBand(lead) : 'what it is without a value'
  }

  /** The name of an instance, or of a block that is not shown. */
  function nameOf(key: string): string {
    const block = blocks.value[key]
    return placed.value.get(key)?.box.node.name ?? (block ? nameOfBlock(block) : '')
  }

  return { ...view, ...selection, change, set, value, differs, sourceBeneath, nameOf }
}

export type DraftingPage = ReturnType<typeof usePage>
export const draftingPage: InjectionKey<DraftingPage> = Symbol('drafting page')
