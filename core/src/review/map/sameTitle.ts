import { named, ownPages } from './mapFacts'
import type { MapRule } from './mapRule'

export const sameTitle: MapRule = {
  id: 'sameTitle',
  label: 'Pages of the same title',
  why: 'Two pages of one title cannot be told apart in menus and search results.',
  severity: 'fair',
  find(facts) {
    const first = new Map<string, string>()
    return ownPages(facts).flatMap((page) => {
      const key = page.title.trim().toLowerCase()
      const other = first.get(key)
      if (other === undefined) first.set(key, page.id)
      if (other === undefined || key === '') return []
      const places = [other, page.id].map((id) => facts.addresses.get(id) ?? '').join(' and ')
      return [
        {
          place: { collection: 'pages', id: page.id },
          says: `Two pages are called ${named(page)}: ${places}.`,
        },
      ]
    })
  },
}
