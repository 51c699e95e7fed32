import { computed } from 'vue'
import { nameOf } from '@nolvex/core/block/block'
import { emptyDrawing } from '@nolvex/core/drawing/drawing'
import { inOrder } from '@nolvex/core/document/tree'
import { eachBox } from '@nolvex/core/layout/pageLayout'
import { bandsOf, type PageSources } from '@nolvex/core/resolve/resolvePage'
import { pagesInOrder } from '@nolvex/core/site/treeOrder'
import { useShownPage } from '../drafting/useShownPage'
import { useProject } from '../session/projectStore'
import { useStages } from '../stages/useStages'
import type { ArtworkDesk } from './useArtwork'

/** The block an artwork is laid behind: which may be chosen, where it stands, and its page without what is behind it. */
export function useBehind({ artwork }: ArtworkDesk) {
  const project = useProject()
  const { isDrawn } = useStages()
  const behind = computed(() => artwork.value?.behind)
  const bands = computed(() => bandsOf(project.site))
  const band = computed(() => project.site.records.bands[bands.value.lead])

  const pages = computed(() =>
    Object.fromEntries(
      pagesInOrder(project.site.records.pages)
        .filter(({ page }) => isDrawn(page.id))
        .map(({ page, depth }) => [page.id, `${'\u2003'.repeat(depth)}${page.title || 'Untitled'}`]),
    ),
  )
  const blocksOf = (page: string) => (project.drawing(page) ?? emptyDrawing(page)).records.blocks
  /** sections, and what stands right in them */
  const blocks = computed((): Record<string, string> => {
    if (!behind.value) return {}
    const all = inOrder(Object.values(blocksOf(behind.value.page)))
    const holds = (kind: string) => kind === 'section' || kind === 'box'
    const sections = all.filter(({ parent }) => !parent)
    return Object.fromEntries(
      sections.flatMap((section) => [
        [section.id, nameOf(section)],
        ...all
          .filter(({ parent, kind }) => parent === section.id && holds(kind))
          .map((one) => [one.id, `\u2003${nameOf(one)}`]),
      ]),
    )
  })

  const sources = computed((): PageSources | undefined => {
    if (!behind.value) return undefined
    const { page, block } = behind.value
    const own = project.sources(page)
    const held = own.drawing.records.blocks[block]
    if (!held) return own
    const { fill: _fill, backdrop: _backdrop, gradient: _gradient, ...look } = held.look ?? {}
    const bare = {
      ...held,
      look: { ...look, fill: 'none' as const, backdrop: { picture: 'none' as const } },
      at: undefined,
    }
    const blocks = { ...own.drawing.records.blocks, [block]: bare }
    return { ...own, drawing: { ...own.drawing, records: { ...own.drawing.records, blocks } } }
  })
  const { layout, groups } = useShownPage(
    () => sources.value && { sources: sources.value, band: band.value.id, width: band.value.drawnAt },
  )
  /** where the block stands on its page, px at the lead band */
  const frame = computed(() => {
    let found: { x: number; y: number; width: number; height: number } | undefined
    if (layout.value && behind.value)
      eachBox(layout.value, ({ node, w, h }, x, y) => {
        if (node.origin.record === behind.value?.block) found ??= { x, y, width: w, height: h }
      })
    return found
  })
  return { pages, blocks, blocksOf, frame, groups }
}
