import type { MapFacts } from './mapFacts'
import { ownPages } from './mapFacts'

/** The size of the job, for a proposal. */
export interface JobSize {
  pages: number
  /** drawings that stand for many pages each, and how many those are */
  templates: number
  standFor: number
  /** sections that differ in name or pattern; common ones count once */
  uniqueSections: number
  /** content items not final yet */
  toWrite: number
}

/** Counts what has to be drawn and written. */
export function jobSize(facts: MapFacts): JobSize {
  const pages = ownPages(facts)
  const templates = pages.filter(({ template }) => template)
  const kinds = new Set(
    Object.values(facts.site.sections).map(({ name, pattern }) => (pattern || name).trim().toLowerCase()),
  )
  return {
    pages: pages.length,
    templates: templates.length,
    standFor: templates.reduce((sum, { template }) => sum + (template?.count ?? 0), 0),
    uniqueSections: kinds.size,
    toWrite: Object.values(facts.content.records.items).filter(({ state }) => state !== 'final').length,
  }
}
