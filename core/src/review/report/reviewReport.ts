import type { SiteDocument } from '../../site/site'
import { pagesForReview } from '../drawing/reviewedPages'
import { reviewRules } from '../allRules'
import { SEVERITIES, type Finding, type Severity } from '../finding'
import type { SortedFindings } from '../leftFindings'
import { GRAVITY, severityCounts } from '../severityCounts'

/** A picture of a place on a page, ready to be shown. */
export interface ShownPlace {
  address: string
  /** px of the page it shows */
  width: number
  height: number
}

/** A finding as a report tells it. */
export interface ReportEntry {
  severity: Severity
  /** what the rule looks for, and why anybody should care */
  rule: string
  why: string
  says: string
  /** what mending it is called, where a change is known */
  fix?: string
  place?: ShownPlace
}

/** What was found, for those who ordered the site. */
export interface ReviewReport {
  title: string
  /** ISO 8601 */
  date: string
  count: Record<Severity, number>
  /** pages that were looked at */
  pages: number
  groups: { title: string; entries: ReportEntry[] }[]
  /** what was found and is left as it is, with the reason that was given */
  left: { says: string; reason: string }[]
}

/**
 * Findings as a report tells them: page by page in the map's order, the gravest first, what concerns no page at the end.
 * @param placeOf the picture of a finding's place, where there is one
 */
export function reviewReport(
  { open, left }: SortedFindings,
  { records }: Pick<SiteDocument, 'records'>,
  { title, date, pages }: Pick<ReviewReport, 'title' | 'date' | 'pages'>,
  placeOf: (finding: Finding) => ShownPlace | undefined,
): ReviewReport {
  const inOrder = pagesForReview({ records })
  const byPage = new Map<string, Finding[]>()
  for (const finding of open) {
    const id = pageOfPlace(finding) ?? ''
    byPage.set(id, [...(byPage.get(id) ?? []), finding])
  }
  const group = (name: string, findings: Finding[] = []) => {
    const sorted = [...findings].sort((a, b) => GRAVITY.indexOf(a.severity) - GRAVITY.indexOf(b.severity))
    return { title: name, entries: sorted.map((one) => entryOf(one, placeOf)) }
  }
  const known = new Set(inOrder.map(({ id }) => id))
  const others = [...byPage].flatMap(([id, findings]) => (known.has(id) ? [] : findings))
  return {
    ...{ title, date, pages },
    count: severityCounts(open),
    groups: [
      ...inOrder.map((page) => group(page.title || 'Untitled', byPage.get(page.id))),
      group('The site as a whole', others),
    ].filter(({ entries }) => entries.length > 0),
    left: left.map(({ finding, record }) => ({ says: finding.says, reason: record.reason })),
  }
}

/** The page a finding stands on. */
export const pageOfPlace = ({ place }: Finding): string | undefined =>
  place.collection === 'pages' ? place.id : place.page

function entryOf(finding: Finding, placeOf: (finding: Finding) => ShownPlace | undefined): ReportEntry {
  const { severity, says, fix } = finding
  const rule = reviewRules.find(({ id }) => id === finding.rule)
  const place = placeOf(finding)
  return {
    ...{ severity, says, rule: rule?.label ?? finding.rule, why: rule?.why ?? '' },
    ...(fix ? { fix: fix.label } : {}),
    ...(place ? { place } : {}),
  }
}

/** How many there are of each gravity, in words. */
export function countWords({ count, pages }: Pick<ReviewReport, 'count' | 'pages'>): string {
  const said = GRAVITY.filter((severity) => count[severity] > 0).map(
    (severity) => `${count[severity]} ${SEVERITIES[severity].toLowerCase()}`,
  )
  const looked = pages === 1 ? '1 page was' : `${pages} pages were`
  return `${looked} looked at, at every width: ${said.length ? said.join(', ') : 'nothing was found wrong'}.`
}
