import { contentNumber, nextContentNumber } from '../../content/content'
import type { MapRule } from './mapRule'

export const sameNumber: MapRule = {
  id: 'sameNumber',
  label: 'Content items of the same number',
  why: 'A number stands for one thing.',
  severity: 'fair',
  find({ content }) {
    const taken = new Set<number>()
    return Object.values(content.records.items).flatMap((item) => {
      const isFirst = !taken.has(item.number)
      taken.add(item.number)
      if (isFirst) return []
      const number = nextContentNumber(content)
      return [
        {
          place: { collection: 'items' as const, id: item.id },
          says: `${contentNumber(item.number)} is used twice; once for “${item.title || 'Untitled'}”.`,
          fix: {
            label: `Make it ${contentNumber(number)}`,
            parts: [
              {
                document: 'content',
                kind: 'content',
                operations: [
                  { type: 'set' as const, collection: 'items', id: item.id, path: ['number'], value: number },
                ],
              },
            ],
          },
        },
      ]
    })
  },
}
