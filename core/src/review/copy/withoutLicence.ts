import { atLead, named } from '../drawing/atEachBand'
import type { DrawingRule } from '../drawing/drawingRule'

/** Pictures of which nobody has written down where they are from. */
export const withoutLicence: DrawingRule = {
  id: 'withoutLicence',
  label: 'Pictures without a licence',
  why: 'Before it goes out, somebody has to know that each picture may be shown.',
  severity: 'slight',
  from: 'finished',
  find: (facts) => {
    const { credits } = facts.sources.site.records
    return atLead(facts, ({ seen }) => {
      const told = new Set<string>()
      return seen.flatMap((one) => {
        const { content, look } = one.node
        const asset = content.type === 'picture' ? content.asset : look.backdrop?.asset
        if (asset === undefined || told.has(asset) || credits[asset]?.licence) return []
        told.add(asset)
        return [{ of: one, says: `Nothing says what the picture of ${named(one)} may be used for` }]
      })
    })
  },
}
