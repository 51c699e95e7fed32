import { createSharedComposable } from '@vueuse/core'
import { computed, ref } from 'vue'
import { pageDrawings } from '@nolvex/core/resolve/pageSources'
import { bandsOf, PageResolver } from '@nolvex/core/resolve/resolvePage'
import { usualEnvironment } from '@nolvex/core/units/environment'
import { keptLayouter, useFontLibrary } from '../fonts/useFontLibrary'
import { useProject } from '../session/projectStore'

/** Most pages that are looked through for what the guide is used for. */
const MOST_PAGES = 24

/** The drawn pages, and each of them at the lead band with its colours told by the tokens they come from. */
export const useGuidePages = createSharedComposable(() => {
  const project = useProject()
  const library = useFontLibrary()

  const pages = computed(() =>
    pageDrawings(project.view.documents)
      .filter(({ id, records }) => project.site.records.pages[id] && Object.keys(records.blocks ?? {}).length)
      .map(({ id }) => ({ id, title: project.site.records.pages[id].title || 'Untitled' })),
  )
  const lead = computed(() => {
    const { inOrder, lead: id } = bandsOf(project.site)
    return inOrder.find((band) => band.id === id) ?? inOrder[0]
  })

  const resolvers = new Map<string, PageResolver>()
  /** resolved with the names of their colours */
  const resolved = computed(() =>
    pages.value.slice(0, MOST_PAGES).map(({ id }) => {
      let resolver = resolvers.get(id)
      if (!resolver) {
        resolver = new PageResolver({ withHidden: false, namesColours: true })
        resolvers.set(id, resolver)
      }
      return { id, page: resolver.resolve(project.sources(id), lead.value.id), width: lead.value.drawnAt }
    }),
  )
  const layouters = new Map<string, ReturnType<typeof keptLayouter>>()
  const layouts = computed(() => {
    const { value: fonts } = library
    if (!fonts) return []
    return resolved.value.map(({ id, page, width }) => {
      let layouter = layouters.get(id)
      if (!layouter) layouters.set(id, (layouter = keptLayouter()))
      return layouter(fonts).layout(page, { ...usualEnvironment, viewportWidth: width })
    })
  })

  /** the page that shows the guide at work */
  const asked = ref<string>()
  const shown = computed(() => pages.value.find(({ id }) => id === asked.value) ?? pages.value.at(0))
  return { library, pages, lead, resolved, layouts, asked, shown }
})
