import { valueAt } from '../../document/path'
import type { StoredRecord } from '../../document/types'
import { atEachBand, blockAt, named } from '../drawing/atEachBand'
import type { DrawingFacts } from '../drawing/drawingFacts'
import type { DrawingRule } from '../drawing/drawingRule'
import type { Seen } from '../drawing/seenBlocks'

/** Blocks that are told to take more columns than there are at a band. One that takes what there is of the lead's is none. */
export const spanTooWide: DrawingRule = {
  id: 'spanTooWide',
  label: 'More columns than the band has',
  why: 'It is cut to what there is: where it stands then is nobody’s decision.',
  severity: 'slight',
  from: 'plain',
  find: (facts) =>
    atEachBand(facts, ({ seen, band }) =>
      seen.flatMap((one) => {
        const { node, parent } = one
        if (node.isPart || parent?.node.arrange.type !== 'grid') return []
        const tracks = parent.node.arrange.tracks.length
        const { start, span } = node.place.column
        const isCut = span > tracks && isOwnAt(facts, one, band.id, 'span')
        const isMoved =
          start !== undefined &&
          start + Math.min(span, tracks) - 1 > tracks &&
          isOwnAt(facts, one, band.id, 'start')
        if (!isCut && !isMoved) return []
        const columns = tracks === 1 ? '1 column' : `${tracks} columns`
        const says = isCut
          ? `${named(one)} spans ${span} columns where there are ${tracks}`
          : `${named(one)} starts at column ${start} and would run past the last of ${columns}`
        const changes = isCut
          ? [{ of: node, path: ['place', 'column', 'span'], value: tracks }]
          : [{ of: node, path: ['place', 'column', 'start'], value: Math.max(1, tracks - span + 1) }]
        const label = isCut ? `Let it span ${columns}` : 'Let it end with the last column'
        return [{ of: one, says, mend: { label, changes } }]
      }),
    ),
}

/** Whether a band says itself where a block starts or how many columns it takes; one that takes all says no number. */
function isOwnAt(facts: DrawingFacts, { node }: Seen, band: string, leaf: 'start' | 'span'): boolean {
  const block = blockAt(facts, node.origin.document, node.origin.record)
  const isLead = band === facts.sources.site.records.settings.site.lead
  const path = [...(isLead ? [] : ['at', band]), 'place', 'column', leaf]
  return block !== undefined && typeof valueAt(block as unknown as StoredRecord, path) === 'number'
}
