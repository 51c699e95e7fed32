import { atEachBand, named } from '../drawing/atEachBand'
import type { DrawingRule } from '../drawing/drawingRule'
import { isHeading, linesOf, sizeOf } from '../drawing/seenBlocks'
import { levelOf } from './levels'

/** Common practice: of the font's size, what lines of text and of headings take. */
const TEXT = { least: 1.25, most: 1.9, usual: 1.5 }
const HEADING = { least: 0.95, most: 1.5, usual: 1.2 }

export const lineHeight: DrawingRule = {
  id: 'lineHeight',
  label: 'Lines too close or too far apart',
  why: 'Lines too close run into one another, lines too far apart fall to pieces.',
  severity: 'fair',
  from: 'plain',
  find: (facts) =>
    atEachBand(facts, ({ seen }) =>
      seen.flatMap((one) => {
        const { count } = linesOf(one)
        const limits = isHeading(one) ? HEADING : TEXT
        if (!one.words || !one.box.font || count < (isHeading(one) ? 2 : 3)) return []
        const ratio = one.box.font.lineHeight / sizeOf(one)
        if (ratio >= limits.least && ratio <= limits.most) return []
        const size = ratio < limits.least ? 'close together' : 'far apart'
        const says = `${named(one)} has its lines ${size}: ${Math.round(ratio * 100)} % of the font’s size`
        const level = levelOf(facts.sources.style, one.node)
        if (!level) return [{ of: one, says }]
        const value = { value: limits.usual, unit: 'em' }
        const operations = [
          { type: 'set' as const, collection: 'levels', id: level.id, path: ['lineHeight'], value },
        ]
        const label = `${limits.usual * 100} % in ${level.name}`
        return [{ of: one, says, fix: { label, parts: [{ document: 'style', kind: 'style', operations }] } }]
      }),
    ),
}
