import { contentNumber } from '../../content/content'
import type { MapRule } from './mapRule'

export const contentAstray: MapRule = {
  id: 'contentAstray',
  label: 'Content of a page that is gone',
  why: 'Nobody will find this content on the site.',
  severity: 'fair',
  find({ site, content }) {
    return Object.values(content.records.items)
      .filter(({ page, section }) => (page && !site.pages[page]) || (section && !site.sections[section]))
      .map((item) => {
        const gone = item.page && !site.pages[item.page] ? 'page' : 'section'
        const fields = gone === 'page' ? ['page', 'section'] : ['section']
        return {
          place: { collection: 'items' as const, id: item.id },
          says: `${contentNumber(item.number)} ${item.title || 'Untitled'} belongs to a ${gone} that is gone.`,
          fix: {
            label: `Keep it without a ${gone}`,
            parts: [
              {
                document: 'content',
                kind: 'content',
                operations: fields.map((field) => {
                  return { type: 'set' as const, collection: 'items', id: item.id, path: [field] }
                }),
              },
            ],
          },
        }
      })
  },
}
