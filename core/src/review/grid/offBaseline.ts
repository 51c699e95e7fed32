import type { Baseline } from '../../grid/rowGrid'
import { atEachBand, named } from '../drawing/atEachBand'
import type { DrawingRule } from '../drawing/drawingRule'
import type { Seen } from '../drawing/seenBlocks'

/** px a line may stand off: browsers round to whole ones */
const SLACK = 1
/** share of a page's texts that stand on the baseline grid where that is what was meant */
const MEANT = 0.7

/** Texts that leave the baseline grid which the others stand on. */
export const offBaseline: DrawingRule = {
  id: 'offBaseline',
  label: 'Off the baseline grid',
  why: 'Lines of neighbouring columns meet only as long as all keep to it.',
  severity: 'slight',
  from: 'plain',
  ofPages: true,
  find: (facts) =>
    atEachBand(facts, ({ band, seen }) => {
      const { baseline } = band.grid
      if (!baseline) return []
      const texts = seen.filter((one) => one.words && one.node.content.type === 'text' && one.box.font)
      const off = texts.filter((one) => offBy(one, baseline) > SLACK)
      if (texts.length - off.length < MEANT * texts.length) return []
      return off.map((one) => ({
        of: one,
        says: `${named(one)} stands ${Math.round(offBy(one, baseline))} px off the baseline grid`,
      }))
    }),
}

/** px from where the first line stands to the nearest line of the grid. */
function offBy({ box, y }: Seen, { step, offset }: Baseline): number {
  const foot = y + box.insetTop + (box.font?.baseline ?? 0) - offset
  const over = ((foot % step) + step) % step
  return Math.min(over, step - over)
}
