import { computed, ref, shallowRef, toRaw, watch, type ComputedRef, type InjectionKey, type Ref } from 'vue'
import { nameOf as nameOfBlock, type Block } from '@nolvex/core/block/block'
import type { Json, Operation } from '@nolvex/core/document/types'
import { setLeaf } from '@nolvex/core/edit/blockChanges'
import { emptyDrawing } from '@nolvex/core/drawing/drawing'
import { bandAt } from '@nolvex/core/grid/band'
import { gridAt } from '@nolvex/core/grid/bandGrid'
import { gridOfPage } from '@nolvex/core/site/pageGrid'
import type { Box } from '@nolvex/core/layout/box'
import { PageLayouter, type PageLayout } from '@nolvex/core/layout/pageLayout'
import { bandsOf, PageResolver } from '@nolvex/core/resolve/resolvePage'
import { blockValue } from '@nolvex/core/resolve/blockLayers'
import type { AtBand } from '@nolvex/core/resolve/cascade'
import type { Rect } from '@nolvex/core/snap/snapEdges'
import type { FontLibrary } from '@nolvex/core/text/fontLibrary'
import { usualEnvironment, type Environment } from '@nolvex/core/units/environment'
import { loadFontLibrary } from '../fonts/loadFontLibrary'
import { useProject } from '../session/projectStore'
import { useOverlays } from '../grid/useOverlays'
import { useViewport } from '../screens/useViewport'
import { useGuides } from './guides/useGuides'

/** A block as it stands on the page now, px from the page's corner. */
export interface Placed extends Rect {
  id: string
  box: Box
  parent: string | null
  depth: number
}

/** Everything the drafting view's parts share: the page laid out at a width, the selection, and changes to it. */
export function usePage(page: Ref<string>) {
  const project = useProject()
  const library = shallowRef<FontLibrary>()
  void loadFontLibrary().then((loaded) => (library.value = loaded))

  const bands = computed(() => bandsOf(project.site))
  const width = ref(bands.value.inOrder.find(({ id }) => id === bands.value.lead)?.drawnAt ?? 1440)
  const band = computed(() => bandAt(bands.value.inOrder, width.value))
  const at = computed((): AtBand => ({ bands: bands.value, band: band.value.id }))
  const isLead = computed(() => band.value.id === bands.value.lead)
  const drawing = computed(() => project.drawing(page.value) ?? emptyDrawing(page.value))
  const blocks = computed(() => drawing.value.records.blocks)

  /** In a browser frame the scroll bar takes its part of the width, and vh goes by the frame's viewport. */
  const { chosen: shownIn, viewport } = useViewport()
  const environment = computed((): Environment => {
    const inFrame = shownIn.value.isFramed ? viewport.value : undefined
    return {
      ...usualEnvironment,
      viewportWidth: width.value,
      viewportHeight: inFrame?.height ?? usualEnvironment.viewportHeight,
      scrollBar: inFrame?.scrollBar ?? 0,
    }
  })
  /** px of the page beside the scroll bar */
  const pageWidth = computed(() => width.value - environment.value.scrollBar)

  let resolver = new PageResolver()
  let layouter: PageLayouter | undefined
  const layout = computed((): PageLayout | undefined => {
    if (!library.value) return undefined
    layouter ??= new PageLayouter(library.value)
    const sources = { drawing: toRaw(drawing.value), site: toRaw(project.site), style: toRaw(project.style) }
    const tree = resolver.resolve(sources, band.value.id)
    return layouter.layout(tree, environment.value)
  })
  watch(page, () => (resolver = new PageResolver()))

  const placed = computed(() => {
    const list = new Map<string, Placed>()
    const walk = (box: Box, parent: string | null, x: number, y: number, depth: number) => {
      const { key: id } = box.node
      list.set(id, { id, box, parent, x: x + box.x, y: y + box.y, w: box.w, h: box.h, depth })
      for (const child of box.children) walk(child, id, x + box.x, y + box.y, depth + 1)
    }
    for (const section of layout.value?.sections ?? []) walk(section, null, 0, 0, 0)
    return list
  })

  /** The grid of this page at this band, and solved at this width. */
  const bandGrid = computed(() => gridOfPage(project.site.records, page.value, band.value.id))
  const grid = computed(() => {
    try {
      return gridAt(bandGrid.value, pageWidth.value)
    } catch {
      return undefined
    }
  })

  const pageHeight = computed(() => Math.max(layout.value?.height ?? 0, 480))
  const guides = useGuides({ page, band, width: pageWidth, height: pageHeight, grid, bandGrid })

  const chosen = ref<string[]>([])
  const selection = computed(() => chosen.value.filter((id) => blocks.value[id]))
  const one = computed((): Block | undefined =>
    selection.value.length === 1 ? blocks.value[selection.value[0]] : undefined,
  )
  watch(page, () => (chosen.value = []))

  function select(ids: string[]) {
    chosen.value = ids
    if (ids.length) guides.choose([])
  }

  function change(label: string, operations: Operation[], mergeKey?: string) {
    project.changeDrawing(label, page.value, operations, mergeKey)
  }

  /** Writes a leaf of the selected blocks at this band; no value gives it back. */
  function set(label: string, path: string[], value: Json | undefined, ids = selection.value) {
    change(label, setLeaf(ids, path, value, at.value))
  }

  function value(block: Block, path: string[]) {
    return blockValue(block, path, at.value)
  }

  /** Whether this band, not being the lead, has a value of its own there. */
  function differs(block: Block, path: string[]): boolean {
    const { source } = value(block, path)
    return !isLead.value && source.from === 'band' && source.band === band.value.id
  }

  const nameOf = (id: string) =>
    placed.value.get(id)?.box.node.name ?? (blocks.value[id] ? nameOfBlock(blocks.value[id]) : '')

  return {
    page,
    bands,
    band,
    at,
    isLead,
    width,
    drawing,
    blocks,
    layout,
    placed,
    bandGrid,
    grid,
    guides,
    snapping: useOverlays().snapping,
    pageWidth,
    pageHeight,
    selection,
    one,
    select,
    change,
    set,
    value,
    differs,
    nameOf,
    isReady: computed(() => library.value !== undefined) as ComputedRef<boolean>,
    editing: ref<string>(),
  }
}

export type DraftingPage = ReturnType<typeof usePage>
export const draftingPage: InjectionKey<DraftingPage> = Symbol('drafting page')
