import { tokenColour } from '../../style/token'
import { atLead, named } from '../drawing/atEachBand'
import type { DrawingRule } from '../drawing/drawingRule'

/** Buttons in the colour that says that something is wrong. */
export const wrongAsAction: DrawingRule = {
  id: 'wrongAsAction',
  label: 'Actions in the colour of errors',
  why: 'Who has learnt that this colour means trouble does not press it.',
  severity: 'serious',
  from: 'finished',
  find: (facts) => {
    const { tokens } = facts.sources.style.records
    const wrong = Object.values(tokens).find((token) => token.type === 'colour' && token.role === 'wrong')
    const hex = wrong && tokenColour(tokens, wrong.id)?.toLowerCase()
    if (!hex) return []
    return atLead(facts, ({ seen }) =>
      seen.flatMap((one) => {
        const { node } = one
        const isButton = node.tag === 'button' || node.tag === 'a'
        if (!isButton || node.isPart || !one.label || node.look.fill?.toLowerCase() !== hex) return []
        const changes = [{ of: node, path: ['look', 'fill'], value: { role: 'action', hex: '#2b3532' } }]
        const says = `${named(one)} has the colour of errors`
        return [{ of: one, says, mend: { label: 'Give it the colour of actions', changes } }]
      }),
    )
  },
}
