import { useRouter } from 'vue-router'
import type { Finding } from '@nolvex/core/review/finding'
import { isDressed } from '@nolvex/core/review/drawing/drawingFacts'
import { reviewedPage } from '@nolvex/core/review/drawing/reviewedPages'
import { useMap } from '../map/mapStore'
import { useProject } from '../session/projectStore'
import { stageShowing } from '@nolvex/core/review/allRules'

const VIEWS = { pages: 'tree', menus: 'menus', journeys: 'journeys', items: 'content' } as const

/** Leads to what a finding is about: its place on the map, or its block on the page. */
export function useFindingPlace() {
  const project = useProject()
  const map = useMap()
  const router = useRouter()

  return ({ rule, place }: Finding) => {
    const { collection, id, page, band, width } = place
    if (collection === 'blocks') {
      const query = { block: id, ...(band ? { band } : {}), ...(width ? { width } : {}) }
      const of = reviewedPage(project.site, page ?? '')
      const name = stageShowing(rule, of !== undefined && isDressed(of, { style: project.style }))
      return void router.push({ name, params: { project: project.id, page }, query })
    }
    if (collection === 'pages') map.selected = id
    if (collection === 'journeys') map.journey = id
    void router.push({
      name: 'map',
      params: { project: project.id, view: VIEWS[collection] },
      query: collection === 'items' ? { item: id } : {},
    })
  }
}
