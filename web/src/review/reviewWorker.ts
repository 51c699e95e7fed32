import { expose } from 'comlink'
import { drawingFacts } from '@nolvex/core/review/drawing/drawingFacts'
import { drawingFindings } from '@nolvex/core/review/drawing/drawingRules'
import type { Finding } from '@nolvex/core/review/finding'
import type { PageSources } from '@nolvex/core/resolve/pageSources'
import { familiesInUse } from '@nolvex/core/style/families'
import { loadFontLibrary } from '../fonts/loadFontLibrary'
import { newId } from '../session/newId'

/** Looks a page's drawing over, away from the page's own thread. */
const reviewer = {
  async page(id: string, sources: PageSources, name: string): Promise<Finding[]> {
    const page = sources.site.records.pages[id]
    return page
      ? drawingFindings(
          drawingFacts(page, sources, name, await loadFontLibrary(familiesInUse(sources.style)), newId),
        )
      : []
  },
}

export type Reviewer = typeof reviewer

expose(reviewer)
