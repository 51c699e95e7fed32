import { contentNumber } from '../../content/content'
import type { MapRule } from './mapRule'

export const contentMissing: MapRule = {
  id: 'contentMissing',
  label: 'Content that is missing',
  why: 'A page cannot be finished before its words and pictures are there.',
  severity: 'fair',
  find({ content }) {
    return Object.values(content.records.items)
      .filter(({ state }) => state === 'missing')
      .sort((a, b) => a.number - b.number)
      .map((item) => ({
        place: { collection: 'items', id: item.id },
        says: `${contentNumber(item.number)} ${item.title || 'Untitled'} is missing${item.owner ? `; ${item.owner} delivers it` : ''}.`,
      }))
  },
}
