import { expose } from 'comlink'
import type { ContentDocument } from '@nolvex/core/content/content'
import type { Finding } from '@nolvex/core/review/finding'
import { jobSize, type JobSize } from '@nolvex/core/review/map/jobSize'
import { mapFacts } from '@nolvex/core/review/map/mapFacts'
import { mapFindings } from '@nolvex/core/review/map/mapRules'
import type { SiteDocument } from '@nolvex/core/site/site'
import { newId } from '../session/newId'

/** What the map comes to, worked out away from the page's own thread. */
const analyst = {
  analyse(site: SiteDocument, content: ContentDocument): { findings: Finding[]; size: JobSize } {
    const facts = mapFacts(site, content, newId)
    return { findings: mapFindings(facts), size: jobSize(facts) }
  },
}

export type MapAnalyst = typeof analyst

expose(analyst)
