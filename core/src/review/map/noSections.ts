import { named, ownPages } from './mapFacts'
import type { MapRule } from './mapRule'

export const noSections: MapRule = {
  id: 'noSections',
  label: 'Pages without sections',
  why: 'A page nobody has planned the parts of cannot be drawn.',
  severity: 'slight',
  find(facts) {
    const planned = new Set(Object.values(facts.site.sections).map(({ page }) => page))
    return ownPages(facts)
      .filter(({ id }) => !planned.has(id))
      .map((page) => ({
        place: { collection: 'pages', id: page.id },
        says: `${named(page)} has no section of its own.`,
      }))
  },
}
