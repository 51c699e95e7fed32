import { atEachBand, named } from '../drawing/atEachBand'
import type { DrawingRule } from '../drawing/drawingRule'
import { tooFewPixels } from '../mockup/sharpness'

/** Pictures shown larger than they are. */
export const softPictures: DrawingRule = {
  id: 'softPictures',
  label: 'Pictures past their pixels',
  why: 'Enlarged they are soft on every screen, and beside sharp type it shows.',
  severity: 'fair',
  from: 'finished',
  find: (facts) =>
    atEachBand(facts, ({ layout, seen }) => {
      const soft = new Map(tooFewPixels(layout).map((one) => [one.key, one]))
      return seen.flatMap((one) => {
        const few = soft.get(one.node.key)
        if (!few?.isEnlarged) return []
        return [{ of: one, says: `${named(one)} is shown ${few.shown} px wide and has ${few.has}` }]
      })
    }),
}
