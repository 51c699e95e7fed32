import { computed, ref, shallowRef, toRaw, type Ref } from 'vue'
import { applyChange } from '@nolvex/core/document/apply'
import type { Documents, Operation } from '@nolvex/core/document/types'
import { emptyDrawing, type DrawingDocument } from '@nolvex/core/drawing/drawing'
import { columnSpan } from '@nolvex/core/grid/columnGrid'
import { bandAt } from '@nolvex/core/grid/band'
import { gridAt } from '@nolvex/core/grid/bandGrid'
import { environmentOf, pageFontMeasures } from '@nolvex/core/layout/pageFont'
import type { PageLayout } from '@nolvex/core/layout/pageLayout'
import { asScrolled, type Scrolled } from '@nolvex/core/layout/sticking'
import type { AtBand } from '@nolvex/core/resolve/cascade'
import { documentKinds } from '@nolvex/core/resolve/documentKinds'
import { StyleTokens } from '@nolvex/core/resolve/styleTokens'
import { atBand, bandsOf, PageResolver, type Moment, type ShownAs } from '@nolvex/core/resolve/resolvePage'
import { overlayAt, overlayCorner, type OverlayPlace, type OverlayRecord } from '@nolvex/core/site/overlay'
import { gridOfPage } from '@nolvex/core/site/pageGrid'
import { placeBlocks, type DrawnPage } from '@nolvex/core/snap/drawnPage'
import { HitIndex } from '@nolvex/core/snap/hitTest'
import { overflowsOf } from '@nolvex/core/snap/overflows'
import type { HintKind } from '@nolvex/core/snap/hint'
import { pageLines } from '@nolvex/core/snap/hintGround'
import { spacingScale } from '@nolvex/core/style/spacingScale'
import { toPx, usualEnvironment, type Environment } from '@nolvex/core/units/environment'
import { roundTo, type WrittenLength } from '@nolvex/core/units/length'
import { spellLength } from '@nolvex/core/units/namedLengths'
import { newLength } from '@nolvex/core/units/newLength'
import { readLength } from '@nolvex/core/units/typedLength'
import { keptLayouter, useFontLibrary } from '../fonts/useFontLibrary'
import { useOverlays } from '../grid/useOverlays'
import { useViewport } from '../screens/useViewport'
import { useProject } from '../session/projectStore'
import { useGuides } from './guides/useGuides'
import { useEditedDrawing } from './useEditedDrawing'

/** px of height a page has at least, and an overlay */
const [LEAST_PAGE, LEAST_OVERLAY] = [480, 80]
/** px of height of a usual viewport, in which overlays stand */
const SCREEN = 900

/** An overlay that is drawn, and where it stands over its page. */
export interface DrawnOverlay {
  record: OverlayRecord
  place: OverlayPlace
  /** px */
  width: number
  /** px of its corner from the viewport's, and the viewport's height */
  corner: { x: number; y: number }
  tall: number
}

/** Until the fonts are there. */
const NO_FONT = { size: 16, xHeight: 8, zeroAdvance: 8 }

/**
 * A page laid out at a width, with all that stands on it and what lies over it.
 * @param firstWidth px; the lead band's without one
 * @param path keys of the copies one has gone into, shared with a page beside this one
 * @param as whether it is drawn as a wireframe or as a mockup
 * @param moment the state of the page, and states blocks are shown in
 */
export function useLaidOutPage(
  page: Ref<string>,
  firstWidth?: number,
  path?: Ref<string[]>,
  as: Ref<ShownAs> = ref('wireframe'),
  moment: Ref<Moment> = ref({}),
) {
  const project = useProject()
  const library = useFontLibrary()

  const bands = computed(() => bandsOf(project.site))
  const width = ref(
    firstWidth ?? bands.value.inOrder.find(({ id }) => id === bands.value.lead)?.drawnAt ?? 1440,
  )
  const band = computed(() => bandAt(bands.value.inOrder, width.value))
  const at = computed((): AtBand => atBand(project, band.value.id))
  const drawing = computed(() => project.drawing(page.value) ?? emptyDrawing(page.value))

  /** How what is drawn is shown over its page, where it is an overlay and no page. */
  const overlaid = computed(() => {
    const record = project.site.records.overlays[page.value]
    return record && { record, ...overlayAt(record, bands.value, band.value.id, width.value) }
  })

  /** In a browser frame the scroll bar takes its part of the width, and vh goes by the frame's viewport. */
  const { chosen: shownIn, viewport } = useViewport()
  const environment = computed((): Environment => {
    const inFrame = shownIn.value.isFramed ? viewport.value : undefined
    // Bands and vw go by the viewport, what is laid out by the overlay's own width: as with a scroll bar.
    const beside = overlaid.value && width.value - overlaid.value.width
    return {
      ...usualEnvironment,
      viewportWidth: width.value,
      viewportHeight: inFrame?.height ?? usualEnvironment.viewportHeight,
      scrollBar: beside ?? inFrame?.scrollBar ?? 0,
    }
  })
  /** px of the page beside the scroll bar */
  const pageWidth = computed(() => width.value - environment.value.scrollBar)

  /** new ones for another page, and for a mockup in place of a wireframe */
  const resolvers = computed(() => {
    const made = () => new PageResolver({ withHidden: false, as: as.value })
    return { page: page.value, shown: made(), trial: made(), elsewhere: made() }
  })
  const layouter = keptLayouter()
  const layout = computed((): PageLayout | undefined => {
    if (!library.value) return undefined
    const sources = project.sources(page.value)
    const resolved = resolvers.value.shown.resolve(sources, band.value.id, moment.value)
    return layouter(library.value).layout(resolved, environment.value)
  })
  /** what of it is seen in a window that is scrolled, by which some of it sticks; nothing where all of it is seen */
  const scrolled = shallowRef<Scrolled>()
  const asSeen = (whole: PageLayout) => (scrolled.value ? asScrolled(whole, scrolled.value) : whole)
  const edited = useEditedDrawing(page, layout, path)
  const { blocks, document, drawnOn } = edited

  /** The page laid out as it would stand after a change. */
  const trialLayouter = keptLayouter()
  function standAfter(operations: Operation[]) {
    if (!library.value) return undefined
    const id = document.value
    const before = { [id]: project.drawing(id) ?? emptyDrawing(id) } as unknown as Documents
    const changed = applyChange(documentKinds, before, [{ document: id, kind: 'drawing', operations }])
    const after = changed.documents[id] as unknown as DrawingDocument
    const sources = project.sources(page.value)
    const tried =
      id === page.value
        ? { ...sources, drawing: after }
        : { ...sources, around: { ...sources.around, [id]: changed.documents[id] } }
    const whole = trialLayouter(library.value).layout(
      resolvers.value.trial.resolve(tried, band.value.id, moment.value),
      environment.value,
    )
    const shown = asSeen(whole)
    return { layout: shown, placed: placeBlocks(shown, drawnOn.value), blocks: after.records.blocks }
  }
  /** Where everything stands at another band. */
  const elsewhereLayouter = keptLayouter()
  function placedAt(otherBand: string, px: number): DrawnPage['placed'] | undefined {
    if (!library.value) return undefined
    const resolved = resolvers.value.elsewhere.resolve(project.sources(page.value), otherBand, moment.value)
    const laid = elsewhereLayouter(library.value).layout(resolved, {
      ...environment.value,
      viewportWidth: px,
    })
    return placeBlocks(laid, drawnOn.value)
  }
  /** The page after a change that is only shown yet; its own layout stays what pointers go by. */
  const landing = shallowRef<Operation[]>()
  const landed = computed(() => (landing.value?.length ? standAfter(landing.value) : undefined))
  const seen = computed(() => layout.value && asSeen(layout.value))
  /** The page as it is drawn: in its window, and after a change that is only shown yet. */
  const shown = computed(() => landed.value?.layout ?? seen.value)
  const pageHeight = computed(() =>
    Math.max(layout.value?.height ?? 0, overlaid.value ? LEAST_OVERLAY : LEAST_PAGE),
  )
  const overlay = computed((): DrawnOverlay | undefined => {
    if (!overlaid.value) return undefined
    const height = overlaid.value.place === 'whole' ? SCREEN : pageHeight.value
    const tall = Math.max(SCREEN, pageHeight.value)
    const own = { width: overlaid.value.width, height }
    const corner = overlayCorner(overlaid.value.place, own, { width: width.value, height: tall })
    return { ...overlaid.value, corner, tall }
  })

  const placed = computed(
    () => (seen.value ? placeBlocks(seen.value, drawnOn.value) : new Map()) as DrawnPage['placed'],
  )
  const hits = computed(() => new HitIndex(placed.value))

  /** The grid of this page at this band, and solved at this width. */
  const bandGrid = computed(() => gridOfPage(project.site.records, page.value, band.value.id))
  const grid = computed(() => {
    try {
      return gridAt(bandGrid.value, pageWidth.value)
    } catch {
      return undefined
    }
  })
  const guides = useGuides({ page, band, width: pageWidth, height: pageHeight, grid, bandGrid })

  const { hints } = useOverlays()
  const hintKinds = computed(() => {
    const kinds = Object.keys(hints.value) as HintKind[]
    return new Set(kinds.filter((kind) => hints.value[kind]))
  })
  const lines = computed(() =>
    pageLines(hintKinds.value, {
      columns: grid.value,
      rows: bandGrid.value.rows,
      baseline: bandGrid.value.baseline,
      guides: guides.placed.value.filter(({ hidden }) => !hidden),
      height: pageHeight.value,
    }),
  )
  /** The permitted gaps, px at this band. */
  const scale = computed(() => {
    const tokens = new StyleTokens(project.style, at.value)
    return spacingScale(project.style, (length) => pxOf(tokens.length(length)))
  })
  const write: DrawnPage['write'] = (px) => {
    const { sizing, rootSize } = project.site.records.settings.site
    return newLength(px, sizing, environmentOf(rootSize))
  }
  const pxOf = (length: WrittenLength) => {
    const { rootSize } = project.site.records.settings.site
    const environment = { ...environmentOf(rootSize), viewportWidth: width.value }
    const font = library.value ? pageFontMeasures(library.value, environment) : NO_FONT
    return toPx(length, environment, font, 0)
  }
  /** A typed length; a bare number is written as new lengths are. */
  function typedLength(text: string): { length: WrittenLength } | { error: string } {
    const typed = readLength(text)
    return 'length' in typed && typed.isBare ? { length: write(typed.length.value) } : typed
  }
  /** A typed length with columns and steps of the spacing scale written out in px. */
  const spelled = (text: string) =>
    spellLength(text, {
      columns: (count) => {
        const { columns = 0 } = grid.value ?? {}
        const isThere = grid.value && Number.isInteger(count) && count >= 1 && count <= columns
        return isThere ? roundTo(columnSpan(grid.value, 1, count).width, 4) : undefined
      },
      named: Object.fromEntries(scale.value.map(({ name, px }) => [name, px])),
    })
  const drawn = computed((): DrawnPage => ({
    blocks: toRaw(blocks.value),
    placed: placed.value,
    width: pageWidth.value,
    height: layout.value?.height ?? 0,
    at: at.value,
    write,
    lines: lines.value,
    hintKinds: hintKinds.value,
    grid: grid.value,
    scale: scale.value.map(({ px }) => px),
  }))

  return {
    page,
    bands,
    band,
    at,
    isLead: computed(() => band.value.id === bands.value.lead),
    width,
    drawing,
    overlay,
    ...edited,
    layout,
    landing,
    landed,
    scrolled,
    shown,
    standAfter,
    placedAt,
    placed,
    hits,
    drawn,
    overflows: computed(() => overflowsOf(drawn.value)),
    write,
    typedLength,
    spelled,
    bandGrid,
    grid,
    guides,
    scale,
    pageWidth,
    pageHeight,
    isReady: computed(() => library.value !== undefined),
  }
}

export type LaidOutPage = ReturnType<typeof useLaidOutPage>
