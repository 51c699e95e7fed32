import { expose } from 'comlink'
import { drawingFacts } from '@nolvex/core/review/drawing/drawingFacts'
import { drawingFindings } from '@nolvex/core/review/drawing/drawingRules'
import type { Finding } from '@nolvex/core/review/finding'
import type { PageSources } from '@nolvex/core/resolve/pageSources'
import { fontsWanted, loadFontLibrary } from '../fonts/loadFontLibrary'
import { newId } from '../session/newId'

/** Looks a page's drawing over, away from the page's own thread. */
const reviewer = {
  async page(id: string, sources: PageSources, name: string, project: string): Promise<Finding[]> {
    const page = sources.site.records.pages[id]
    if (!page) return []
    const library = await loadFontLibrary(fontsWanted(sources.style, project))
    return drawingFindings(drawingFacts(page, sources, name, library, newId))
  },
}

export type Reviewer = typeof reviewer

expose(reviewer)
