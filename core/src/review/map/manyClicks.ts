import { named } from './mapFacts'
import type { MapRule } from './mapRule'

export const manyClicks: MapRule = {
  id: 'manyClicks',
  label: 'Pages many clicks from home',
  why: 'Each click loses visitors; the limit is a setting.',
  severity: 'fair',
  find({ site, clicks }) {
    const limit = site.settings.site?.limits?.clicks
    if (limit === undefined) return []
    return [...clicks]
      .filter(([id, count]) => count > limit && site.pages[id])
      .map(([id, count]) => ({
        place: { collection: 'pages', id },
        says: `${named(site.pages[id])} is ${count} clicks from home; the limit is ${limit}.`,
      }))
  },
}
