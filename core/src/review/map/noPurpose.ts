import { named, ownPages } from './mapFacts'
import type { MapRule } from './mapRule'

export const noPurpose: MapRule = {
  id: 'noPurpose',
  label: 'Pages without purpose or goal',
  why: 'What a page is for decides what stands on it, and in which order.',
  severity: 'slight',
  find(facts) {
    return ownPages(facts).flatMap((page) => {
      const missing = [page.purpose ? '' : 'purpose', page.goal ? '' : 'goal'].filter(Boolean)
      if (missing.length === 0) return []
      return [
        {
          place: { collection: 'pages', id: page.id },
          says: `${named(page)} has no ${missing.join(' and no ')}.`,
        },
      ]
    })
  },
}
