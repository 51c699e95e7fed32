import { gridAt } from '../../grid/bandGrid'
import { columnPositions } from '../../grid/columnGrid'
import { px } from '../../units/length'
import { atEachBand, named } from '../drawing/atEachBand'
import type { DrawingRule } from '../drawing/drawingRule'

/** px beside a column that are an oversight: less is on it, more is meant */
const [LEAST, MOST] = [1, 8]

/** Freely placed blocks that start just beside a column. */
export const offColumns: DrawingRule = {
  id: 'offColumns',
  label: 'Just beside a column',
  why: 'The columns are there so that edges meet down the whole page.',
  severity: 'slight',
  from: 'plain',
  ofPages: true,
  find: (facts) =>
    atEachBand(facts, ({ band, layout, seen }) => {
      const grid = gridAt(band.grid, layout.width)
      const columns = grid ? columnPositions(grid) : []
      return seen.flatMap((one) => {
        const { node, parent } = one
        if (node.isPart || parent?.node.arrange.type !== 'placed' || node.place.x !== 'start') return []
        const near = columns.find(({ left }) => Math.abs(left - one.x) < MOST)
        if (!near || Math.abs(near.left - one.x) < LEAST) return []
        const off = Math.round(Math.abs(near.left - one.x) * 10) / 10
        const value = { ...px(Math.round((near.left - parent.x) * 100) / 100) }
        const changes = [{ of: node, path: ['place', 'offset', 'left'], value }]
        const says = `${named(one)} starts ${off} px beside a column`
        return [{ of: one, says, mend: { label: 'Put it on the column', changes } }]
      })
    }),
}
