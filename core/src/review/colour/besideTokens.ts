import type { Documents } from '../../document/types'
import { rawValues, takeOver } from '../../edit/rawValues'
import { titleOf } from '../drawing/drawingFacts'
import type { DrawingRule } from '../drawing/drawingRule'

/** Own values of a page that are, or nearly are, what a token of the guide says. */
export const besideTokens: DrawingRule = {
  id: 'besideTokens',
  label: 'Values beside their token',
  why: 'When the guide changes they stay behind, and two colours nearly alike look like a mistake.',
  severity: 'slight',
  from: 'finished',
  find: (facts) => {
    const { page, sources, newId } = facts
    const { style, drawing } = sources
    const guide = { ...style, records: { ...style.records, parts: {} } }
    const documents = { style: guide, [page.id]: drawing } as unknown as Documents
    return rawValues(documents).flatMap((raw) => {
      if (!raw.token) return []
      const { id, name, isSame } = raw.token
      const times = raw.count === 1 ? 'once' : `${raw.count} times`
      return [
        {
          place: { collection: 'blocks' as const, id: raw.uses[0].records[0].id, page: page.id },
          says: `${raw.key} is used ${times} on ${titleOf(facts)} where ${name} ${isSame ? 'is the same' : 'is nearly so'}.`,
          fix: { label: `Name ${name}`, parts: takeOver(documents, [{ raw, into: { token: id } }], newId) },
        },
      ]
    })
  },
}
