import { overflowsOf } from '../../snap/overflows'
import { placeOf, titleOf } from './drawingFacts'
import type { DrawingRule } from './drawingRule'

export const runsOut: DrawingRule = {
  id: 'runsOut',
  label: 'Runs out',
  why: 'What runs out of its box or of the page is cut off, covers something else, or makes the page scroll sideways.',
  severity: 'serious',
  from: 'sketch',
  find: (facts) =>
    facts.bands.flatMap(({ band, drawn }) =>
      overflowsOf(drawn).flatMap(({ key, of, by }) => {
        const node = drawn.placed.get(key)?.box.node
        if (!node) return []
        const holder = of === 'page' ? 'the page' : of === 'itself' ? 'its own box' : 'what it stands in'
        const says = `${node.name} runs out of ${holder} by ${Math.round(by)} px on ${titleOf(facts)} at ${band.name}.`
        return [{ place: placeOf(facts, node, band.id), bands: [band.id], says }]
      }),
    ),
}
