import { atLead, named } from '../drawing/atEachBand'
import type { DrawingRule } from '../drawing/drawingRule'

const WRITTEN_IN = new Set(['input', 'select', 'textarea'])
const WITHOUT = new Set(['submit', 'button', 'hidden', 'image'])

/** Fields that do not say what is wanted. @see WCAG 2.2, 3.3.2 and 4.1.2 */
export const fieldLabel: DrawingRule = {
  id: 'fieldLabel',
  label: 'Fields without a label',
  why: 'A hint is gone once one writes; a label stays, and is what is read out.',
  severity: 'serious',
  from: 'plain',
  find: (facts) =>
    atLead(facts, ({ seen }) => {
      const labelled = new Set(seen.flatMap((one) => (one.words ? [one.node.attributes.for ?? ''] : [])))
      return seen.flatMap((one) => {
        const { tag, attributes } = one.node
        if (!WRITTEN_IN.has(tag) || WITHOUT.has(String(attributes.type))) return []
        const isNamed = attributes['aria-label'] || attributes['aria-labelledby']
        if (isNamed || labelled.has(attributes.id ?? '-') || one.parent?.node.tag === 'label') return []
        return [{ of: one, says: `${named(one)} is a field without a label` }]
      })
    }),
}
