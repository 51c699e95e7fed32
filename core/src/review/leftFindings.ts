import type { Operation } from '../document/types'
import type { IgnoredFinding } from '../site/ignoredFinding'
import type { SiteDocument } from '../site/site'
import type { Finding } from './finding'

/** Findings as a project takes them: those to look at, those left with a reason, and what was left and is no more. */
export interface SortedFindings {
  open: Finding[]
  left: { finding: Finding; record: IgnoredFinding }[]
  /** left once; nothing of it is found any longer */
  past: IgnoredFinding[]
}

const keyOf = (rule: string, about: string) => `${rule} ${about}`

/** Sorts findings by what the project does with them; rules that are silent in it give none. */
export function sortFindings(
  findings: Finding[],
  { records }: Pick<SiteDocument, 'records'>,
): SortedFindings {
  const { silent = {} } = records.settings.site
  const ignored = new Map(
    Object.values(records.ignoredFindings).map((record) => [keyOf(record.rule, record.about), record]),
  )
  const open: Finding[] = []
  const left: SortedFindings['left'] = []
  for (const finding of onceEach(findings)) {
    if (silent[finding.rule]) continue
    const record = ignored.get(keyOf(finding.rule, finding.place.id))
    if (record) left.push({ finding, record })
    else open.push(finding)
  }
  const met = new Set(left.map(({ record }) => record.id))
  return { open, left, past: [...ignored.values()].filter(({ id }) => !met.has(id)) }
}

/** What a shared block has wrong is found on every page that shows it, and said once. */
function onceEach(findings: Finding[]): Finding[] {
  const said = new Set<string>()
  return findings.filter(({ rule, says }) => {
    const key = keyOf(rule, says)
    if (said.has(key)) return false
    said.add(key)
    return true
  })
}

/** Leaves a finding as it is. @param reason why; kept with it */
export function leaveFinding({ rule, place, says }: Finding, reason: string, id: string): Operation {
  const record = {
    ...{ id, rule, about: place.id, says: says.slice(0, 1000), reason: reason.slice(0, 500) },
    ...(place.page ? { page: place.page } : {}),
  }
  return { type: 'put', collection: 'ignoredFindings', id, record }
}
