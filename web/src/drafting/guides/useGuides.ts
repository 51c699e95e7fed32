import { computed, ref, type ComputedRef, type Ref } from 'vue'
import type { Operation } from '@nolvex/core/document/types'
import type { ColumnGrid } from '@nolvex/core/grid/columnGrid'
import type { BandGrid } from '@nolvex/core/grid/bandGrid'
import {
  guideApplies,
  guidePosition,
  type Guide,
  type GuideGround,
  type GuidePlace,
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
export type GuideScope = keyof typeof GUIDE_SCOPES

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
  const scope = ref<GuideScope>('here')
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

  function scoped(where: GuideScope): Pick<Guide, 'page' | 'band'> {
    return {
      ...(where === 'here' || where === 'page' ? { page: page.value } : {}),
      ...(where === 'here' || where === 'band' ? { band: band.value.id } : {}),
    }
  }

  const put = (guide: SetGuide, where: GuideScope): Operation => {
    const id = newId()
    return { type: 'put', collection: 'guides', id, record: { id, ...guide, ...scoped(where) } }
  }
  const takeAway = (id: string): Operation => ({ type: 'remove', collection: 'guides', id })
  const setAt = (id: string, at: GuidePlace): Operation => ({
    type: 'set',
    collection: 'guides',
    id,
    path: ['at'],
    value: at,
  })

  function add(guides: SetGuide[], where = scope.value, replacing = false) {
    const gone = replacing ? placed.value.filter(({ locked }) => !locked).map(({ id }) => takeAway(id)) : []
    const label = guides.length === 1 ? 'Add a guide' : `Add ${guides.length} guides`
    project.changeSite(label, [...gone, ...guides.map((guide) => put(guide, where))])
  }

  function move(ids: string[], by: number) {
    const moved = placed.value.filter(({ id, locked }) => ids.includes(id) && !locked)
    const operations = moved.map(({ id, position }) =>
      setAt(id, { px: Math.round((position + by) * 100) / 100 }),
    )
    project.changeSite(
      moved.length === 1 ? 'Move a guide' : 'Move guides',
      operations,
      `guides ${ids.join()}`,
    )
  }

  /** Copies guides beside themselves and chooses the copies. */
  function copy(ids: string[], by: number) {
    const copies = placed.value
      .filter(({ id }) => ids.includes(id))
      .map(({ axis, position, page: onPage, band: atBand }) => {
        const id = newId()
        const place = { px: Math.round((position + by) * 100) / 100 }
        return { id, axis, at: place, ...(onPage && { page: onPage }), ...(atBand && { band: atBand }) }
      })
    project.changeSite(
      copies.length === 1 ? 'Copy a guide' : 'Copy guides',
      copies.map((record): Operation => ({ type: 'put', collection: 'guides', id: record.id, record })),
    )
    chosen.value = copies.map(({ id }) => id)
  }

  function set(ids: string[], field: 'locked' | 'hidden', value: boolean) {
    const words = { locked: value ? 'Lock' : 'Unlock', hidden: value ? 'Hide' : 'Show' }[field]
    project.changeSite(
      `${words} guides`,
      ids.map((id): Operation => {
        const operation = { type: 'set' as const, collection: 'guides', id, path: [field] }
        return value ? { ...operation, value } : operation
      }),
    )
  }

  /** Clears guides that are not locked: those given, those of this band on all pages, or all in view. */
  function clear(which: string[] | 'band' | 'all') {
    const isMeant = (guide: PlacedGuide) =>
      which === 'all' || (which === 'band' ? guide.band === band.value.id : which.includes(guide.id))
    const gone = placed.value.filter((guide) => !guide.locked && isMeant(guide))
    project.changeSite(
      'Clear guides',
      gone.map(({ id }) => takeAway(id)),
    )
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
