import type { Json, Operation, StoredRecord } from '../../document/types'
import { setLeaf } from '../../edit/blockChanges'
import { valueAt } from '../../document/path'
import type { BlockNode } from '../../resolve/node'
import { drawingIn } from '../../resolve/pageSources'
import type { Band } from '../../site/site'
import type { FindingMark, Fix, Severity } from '../finding'
import { placeOf, seenAtLead, titleOf, type DrawingFacts, type SeenBand } from './drawingFacts'
import type { Found } from './drawingRule'
import type { Seen } from './seenBlocks'

/** A leaf of a block that is written for a band, or given back where there is no value. */
export interface LeafChange {
  of: BlockNode
  path: string[]
  value: Json | undefined
}

/** What a rule sees at one band: the block, the sentence up to where, and what would mend it there. */
export interface Sight {
  of: Seen
  /** names the block and says what is wrong with it, without page and band and without a full stop */
  says: string
  severity?: Severity
  marks?: FindingMark[]
  /** leaves that mend it, and what doing so is called */
  mend?: { label: string; changes: LeafChange[] }
  /** a change that mends it at all bands at once */
  fix?: Fix
  /** a word that may be called one */
  word?: string
}

/**
 * Looks at the finished page at each band. What is seen of the same block in the same words at several is one finding,
 * with all of them mended at once.
 */
export const atEachBand = (facts: DrawingFacts, see: (band: SeenBand) => Sight[]): Found[] =>
  atBands(facts, facts.seen(), see)

/** Looks at the page where it is drawn first, for what is the same at all bands: elements, words, values of the lead. */
export function atLead(facts: DrawingFacts, see: (band: SeenBand) => Sight[]): Found[] {
  const lead = seenAtLead(facts)
  return atBands(facts, lead ? [lead] : [], see)
}

/** Looks at the finished page at each band, and at it in the dark set, which is mended in the guide. */
export function inBothSets(facts: DrawingFacts, see: (band: SeenBand) => Sight[]): Found[] {
  const dark = facts.inDark()
  const inDark = atBands(facts, dark ? [dark] : [], (band) =>
    see(band).map(({ of, says, severity }) => ({ of, severity, says: `${says}, in the dark set,` })),
  )
  return [...atEachBand(facts, see), ...inDark]
}

/** Looks at some bands alone, which count as all there are. */
export function atBands(facts: DrawingFacts, bands: SeenBand[], see: (band: SeenBand) => Sight[]): Found[] {
  const found = new Map<string, { sights: [band: Band, sight: Sight][] }>()
  for (const one of bands)
    for (const sight of see(one)) {
      const key = `${sight.of.block.node.key} ${sight.says}`
      const known = found.get(key)
      if (known) known.sights.push([one.band, sight])
      else found.set(key, { sights: [[one.band, sight]] })
    }
  return [...found.values()].map(({ sights }) => merged(facts, bands, sights))
}

function merged(facts: DrawingFacts, bands: SeenBand[], sights: [Band, Sight][]): Found {
  const lead = facts.sources.site.records.settings.site.lead
  const [first, sight] = sights.find(([{ id }]) => id === lead) ?? sights[0]
  const { node } = sight.of.block
  // Several parts of a block may be wrong alike at one band.
  const at = [...new Set(sights.map(([band]) => band))]
  const names = at.map(({ name }) => name)
  const isEverywhere = names.length === bands.length
  const where = isEverywhere ? '' : ` at ${names.join(' and ')}`
  const isShared = node.origin.document !== facts.page.id
  const fix = sight.fix ?? mendingOf(facts, sights)
  return {
    place: placeOf(facts, node, first.id),
    ...(isEverywhere ? {} : { bands: at.map(({ id }) => id) }),
    says: `${sight.says} ${isShared ? `in ${originalName(facts, node)}` : `on ${titleOf(facts)}`}${where}.`,
    ...(sight.severity ? { severity: sight.severity } : {}),
    ...(sight.word ? { word: sight.word } : {}),
    marks: sight.marks ?? [{ rect: rectOf(sight.of) }],
    ...(fix ? { fix } : {}),
  }
}

const rectOf = ({ x, y, w, h }: Seen) => ({ x, y, w, h })

/** What an original is called: what is wrong in it is said once, however many pages show it. */
function originalName({ sources }: DrawingFacts, { origin }: BlockNode): string {
  return sources.style.records.shared[origin.document]?.name ?? 'a shared block'
}

/** The leaves of all bands it is seen at; a band whose value comes from the lead is mended there. */
function mendingOf(facts: DrawingFacts, sights: [Band, Sight][]): Fix | undefined {
  const mend = sights[0][1].mend
  if (!mend || sights.some(([, one]) => !one.mend)) return undefined
  const lead = facts.sources.site.records.settings.site.lead
  const atLead = sights.find(([{ id }]) => id === lead)?.[1].mend?.changes
  const parts = new Map<string, Operation[]>()
  for (const [band, one] of sights)
    for (const [index, { of, path, value }] of (one.mend?.changes ?? []).entries()) {
      const { document, record } = of.origin
      const block = blockAt(facts, document, record)
      if (!block) return undefined
      const own = valueAt(block as unknown as StoredRecord, ['at', band.id, ...path])
      const isLeads = JSON.stringify(atLead?.[index]?.value) === JSON.stringify(value)
      if (band.id !== lead && isLeads && own === undefined) continue
      const at = facts.bands.find((drawn) => drawn.band.id === band.id)?.drawn.at
      if (!at) return undefined
      const operations = parts.get(document) ?? []
      operations.push(...setLeaf([record], path, value, at))
      parts.set(document, operations)
    }
  return {
    label: mend.label,
    parts: [...parts].map(([document, operations]) => ({ document, kind: 'drawing', operations })),
  }
}

/** A block of the page's own drawing, or of a shared block's. */
export function blockAt({ page, blocks, sources }: DrawingFacts, document: string, record: string) {
  return document === page.id ? blocks[record] : drawingIn(sources.around, document)?.records.blocks[record]
}

/** A block of a page by its name, as sentences begin. */
export const named = ({ block }: Seen): string => block.node.name
