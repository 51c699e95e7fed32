import { computed, ref, type ComputedRef, type Ref } from 'vue'
import { setField } from '@nolvex/core/document/placing'
import { clearGuides, putGuides, type GuideScope } from '@nolvex/core/edit/guideChanges'
import type { ColumnGrid } from '@nolvex/core/grid/columnGrid'
import type { BandGrid } from '@nolvex/core/grid/bandGrid'
import {
  guideApplies,
  guidePosition,
  type Guide,
  type GuideGround,
  type SetGuide,
} from '@nolvex/core/grid/guide'
import { newId } from '../../session/newId'
import { useProject } from '../../session/projectStore'

/** Where new guides stand. */
export const GUIDE_SCOPES = {
  here: 'this page, this band',
  page: 'this page',
  band: 'this band, all pages',
  all: 'everywhere',
} as const
export type GuideScopeName = keyof typeof GUIDE_SCOPES

/** A guide that applies to the page in view, and where it lies, px. */
export interface PlacedGuide extends Guide {
  position: number
}

interface Ground {
  page: Ref<string>
  band: ComputedRef<{ id: string; name: string }>
  width: ComputedRef<number>
  height: ComputedRef<number>
  grid: ComputedRef<ColumnGrid | undefined>
  bandGrid: ComputedRef<BandGrid>
}

/** The guides of the page in view, and what can be done with them. */
export function useGuides({ page, band, width, height, grid, bandGrid }: Ground) {
  const project = useProject()
  const scope = ref<GuideScopeName>('here')
  const chosen = ref<string[]>([])
  const records = computed(() => project.site.records.guides)
  const ground = computed((): GuideGround => ({
    width: width.value,
    height: height.value,
    columns: grid.value,
    band: bandGrid.value,
  }))

  const placed = computed((): PlacedGuide[] =>
    Object.values(records.value)
      .filter((guide) => guideApplies(guide, { page: page.value, band: band.value.id }))
      .flatMap((guide) => {
        const position = guidePosition(guide, ground.value)
        return position === undefined ? [] : [{ ...guide, position }]
      }),
  )
  const selected = computed(() => chosen.value.filter((id) => records.value[id]))

  /** Where a scope is, from here. */
  function placeOf(where: GuideScopeName): GuideScope {
    return {
      page: where === 'here' || where === 'page' ? page.value : undefined,
      band: where === 'here' || where === 'band' ? band.value.id : undefined,
    }
  }

  function add(guides: SetGuide[]) {
    const label = guides.length === 1 ? 'Add a guide' : `Add ${guides.length} guides`
    project.changeSite(label, putGuides(guides, placeOf(scope.value), newId))
  }

  function move(ids: string[], by: number) {
    const moved = placed.value.filter(({ id, locked }) => ids.includes(id) && !locked)
    const operations = moved.map(({ id, position }) =>
      setField('guides', id, 'at', { px: Math.round((position + by) * 100) / 100 }),
    )
    project.changeSite(
      moved.length === 1 ? 'Move a guide' : 'Move guides',
      operations,
      `guides ${ids.join()}`,
    )
  }

  /** Copies guides beside themselves and chooses the copies. */
  function copy(ids: string[], by: number) {
    const operations = placed.value
      .filter(({ id }) => ids.includes(id))
      .flatMap(({ axis, position, page: onPage, band: atBand }) => {
        const at = { px: Math.round((position + by) * 100) / 100 }
        return putGuides([{ axis, at }], { page: onPage, band: atBand }, newId)
      })
    project.changeSite(operations.length === 1 ? 'Copy a guide' : 'Copy guides', operations)
    chosen.value = operations.map(({ id }) => id)
  }

  function set(ids: string[], field: 'locked' | 'hidden', value: boolean) {
    const words = { locked: value ? 'Lock' : 'Unlock', hidden: value ? 'Hide' : 'Show' }[field]
    project.changeSite(
      `${words} guides`,
      ids.map((id) => setField('guides', id, field, value || undefined)),
    )
  }

  /** Clears guides that are not locked: those given, those of this band on all pages, or all in view. */
  function clear(which: string[] | 'band' | 'all') {
    const isMeant = (guide: PlacedGuide) =>
      which === 'all' || (which === 'band' ? guide.band === band.value.id : which.includes(guide.id))
    project.changeSite('Clear guides', clearGuides(placed.value.filter(isMeant)))
    chosen.value = []
  }

  return {
    scope,
    placed,
    selected,
    choose: (ids: string[]) => (chosen.value = ids),
    add,
    move,
    copy,
    set,
    clear,
  }
}

export type Guides = ReturnType<typeof useGuides>
