import { leafPaths, leafTable } from '../../document/leafTable'
import { valueAt } from '../../document/path'
import type { Operation, StoredRecord } from '../../document/types'
import { documentKinds } from '../../resolve/documentKinds'
import { nameOf, type Block } from '../../block/block'
import { roundTo } from '../../units/length'
import { titleOf } from '../drawing/drawingFacts'
import type { DrawingRule } from '../drawing/drawingRule'
import { nearestStep, scaleSteps, stepValue } from './scaleSteps'

/** px of a step that are the step */
const SLACK = 0.5

/** Gaps and padding that are none of the permitted ones. */
export const offScale: DrawingRule = {
  id: 'offScale',
  label: 'Gaps off the scale',
  why: 'A few gaps used everywhere hold pages together; each one beside them looks like an oversight.',
  severity: 'slight',
  from: 'plain',
  find: (facts) => {
    const { style } = facts.sources
    const steps = scaleSteps(style)
    const table = leafTable(documentKinds.drawing.collections.blocks.schema)
    return Object.values(facts.blocks).flatMap((block) => {
      const record = block as unknown as StoredRecord
      const off = leafPaths(table, record).flatMap((path) => {
        const gap = gapAt(record, path)
        if (gap === undefined || gap === 0) return []
        const step = nearestStep(steps, gap)
        return Math.abs(step.px - gap) <= SLACK ? [] : [{ path, gap, step }]
      })
      if (off.length === 0) return []
      const list = [...new Set(off.map(({ gap, step }) => `${roundTo(gap, 2)} px (${step.px} is near)`))]
      const operations = off.map(({ path, step }): Operation => {
        return { type: 'set', collection: 'blocks', id: block.id, path, value: stepValue(step) }
      })
      return [
        {
          place: { collection: 'blocks' as const, id: block.id, page: facts.page.id },
          says: `${nameOf(block as Block)} on ${titleOf(facts)} has gaps off the scale: ${list.join(', ')}.`,
          fix: {
            label: off.length === 1 ? `Make it ${off[0].step.px} px` : 'Put them on the scale',
            parts: [{ document: facts.page.id, kind: 'drawing', operations }],
          },
        },
      ]
    })
  },
}

/** px of a gap or padding that is written without a token at a path; nothing where there is none. */
function gapAt(record: StoredRecord, path: string[]): number | undefined {
  const at = path[0] === 'at' ? path.slice(2) : path
  const isGap =
    (at[0] === 'arrange' && ['gap', 'rowGap', 'padding'].includes(at[1])) ||
    (at[0] === 'place' && at[1] === 'space')
  const value = isGap ? valueAt(record, path) : undefined
  if (typeof value !== 'object' || value === null || !('unit' in value) || value.unit !== 'px')
    return undefined
  return Number(value.value)
}
