import { applyChange } from '../document/apply'
import type { Documents } from '../document/types'
import { documentKinds } from '../resolve/documentKinds'
import type { SiteDocument } from '../site/site'
import { usualSite } from '../site/usualSite'
import { idOf } from '../testing/draft'
import type { Finding } from './finding'
import { leaveFinding, sortFindings } from './leftFindings'

const finding = (rule: string, about: string, more: Partial<Finding> = {}): Finding => ({
  ...{ rule, severity: 'fair', says: `${rule} of ${about}` },
  place: { collection: 'blocks', id: idOf(about), page: idOf('page') },
  ...more,
})
function siteAfter(...operations: ReturnType<typeof leaveFinding>[]): SiteDocument {
  const documents = { site: usualSite } as unknown as Documents
  const { documents: after, outcomes } = applyChange(documentKinds, documents, [
    { document: 'site', kind: 'site', operations },
  ])
  expect(outcomes).toEqual([])
  return after.site as unknown as SiteDocument
}

test('a finding is left with its reason, and stays in a list of its own', () => {
  const [one, two] = [finding('measure', 'lead'), finding('measure', 'other')]
  const site = siteAfter(leaveFinding(one, 'The client wants it wide', idOf('left')))
  const { open, left, past } = sortFindings([one, two], site)
  expect(open).toEqual([two])
  expect(left).toMatchObject([
    { finding: one, record: { reason: 'The client wants it wide', page: idOf('page') } },
  ])
  expect(past).toEqual([])
})

test('what was left and is found no longer is known as past', () => {
  const site = siteAfter(leaveFinding(finding('measure', 'lead'), 'Later', idOf('left')))
  expect(sortFindings([], site).past).toMatchObject([{ rule: 'measure', reason: 'Later' }])
})

test('rules that are silent in a project find nothing, and what several pages show is said once', () => {
  const { records } = usualSite
  const settings = { site: { ...records.settings.site, silent: { capitals: true as const } } }
  const site = { ...usualSite, records: { ...records, settings } }
  const shared = finding('targetSize', 'menu', { says: 'Menu is small in Header.' })
  const again = { ...shared, place: { ...shared.place, page: idOf('second') } }
  expect(sortFindings([finding('capitals', 'lead'), shared, again], site).open).toEqual([shared])
})
