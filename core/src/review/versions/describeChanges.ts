import { compareDocuments, type RecordDifference } from '../../document/compare'
import type { Documents, StoredRecord } from '../../document/types'

/** A difference between two states of a project, in words. */
export interface DescribedChange {
  /** the stage it belongs to */
  stage: 'map' | 'grid' | 'wireframe' | 'style' | 'ledger'
  /** what it is about: pages, sections, menus... */
  about: string
  says: string
}

type Names = (id: unknown) => string

/**
 * What differs between two states of a project, as a designer would say it: pages added, removed, renamed and moved,
 * sections, menus, links, journeys, content, bands and drawings.
 */
export function describeChanges(before: Documents, after: Documents): DescribedChange[] {
  const differences = compareDocuments(before, after)
  const kindOf = (id: string) => (after[id] ?? before[id])?.kind
  const title = titles(before, after)
  const inSite = differences.filter(({ document }) => kindOf(document) === 'site')
  return [
    ...inSite.flatMap((one) => describeSite(one, before, after, title)),
    ...counted(
      differences.filter(({ document }) => kindOf(document) === 'content'),
      'map',
      'content',
      'content item',
    ),
    ...perDocument(differences, kindOf, 'collection', 'map', (id, count) => {
      const name = (after[id] ?? before[id]).records.settings?.collection?.name
      return `${plural(count, 'change')} in the collection ${String(name ?? '')}`.trim()
    }),
    ...counted(
      differences.filter(({ document }) => kindOf(document) === 'style'),
      'style',
      'style',
      'value of the style',
    ),
    ...perDocument(
      differences,
      kindOf,
      'drawing',
      'wireframe',
      (id, count) => `${plural(count, 'block')} of ${title(id)} changed`,
    ),
  ]
}

function titles(before: Documents, after: Documents): Names {
  return (id) => {
    const page = after.site?.records.pages?.[String(id)] ?? before.site?.records.pages?.[String(id)]
    return `“${String(page?.title || 'Untitled')}”`
  }
}

const plural = (count: number, word: string) => `${count} ${word}${count === 1 ? '' : 's'}`

function counted(
  differences: RecordDifference[],
  stage: DescribedChange['stage'],
  about: string,
  word: string,
): DescribedChange[] {
  const changes = { added: 0, removed: 0, altered: 0 }
  for (const { change, collection } of differences) if (collection !== 'counter') changes[change]++
  const words = { added: 'added', removed: 'removed', altered: 'changed' } as const
  return (Object.keys(changes) as (keyof typeof changes)[])
    .filter((change) => changes[change] > 0)
    .map((change) => ({ stage, about, says: `${plural(changes[change], word)} ${words[change]}` }))
}

function perDocument(
  differences: RecordDifference[],
  kindOf: (id: string) => string | undefined,
  kind: string,
  stage: DescribedChange['stage'],
  words: (id: string, count: number) => string,
): DescribedChange[] {
  const counts = new Map<string, number>()
  for (const { document } of differences)
    if (kindOf(document) === kind) counts.set(document, (counts.get(document) ?? 0) + 1)
  return [...counts].map(([id, count]) => ({ stage, about: `${kind}s`, says: words(id, count) }))
}

function describeSite(
  difference: RecordDifference,
  before: Documents,
  after: Documents,
  title: Names,
): DescribedChange[] {
  const { collection, id } = difference
  const records = (documents: Documents) => documents.site?.records[collection] ?? {}
  const now = records(after)[id] ?? records(before)[id]
  if (collection === 'pages') return describePage(difference, before, after, title)
  if (collection === 'bands' || collection === 'settings')
    return [
      {
        stage: collection === 'bands' ? 'grid' : 'map',
        about: 'settings',
        says: `${String(now.name ?? 'Settings')} changed`,
      },
    ]
  return [{ stage: 'map', ...wordsFor(difference, now, after, title) }]
}

function describePage(
  { id, change, leaves }: RecordDifference,
  before: Documents,
  after: Documents,
  title: Names,
): DescribedChange[] {
  const page = (says: string): DescribedChange => ({ stage: 'map', about: 'pages', says })
  if (change !== 'altered') return [page(`${title(id)} ${change}`)]
  const was = before.site.records.pages[id]
  const is = after.site.records.pages[id]
  const changed = new Set(leaves.map(({ path }) => path[0]))
  const said: DescribedChange[] = []
  if (changed.has('title')) said.push(page(`“${String(was.title)}” is called “${String(is.title)}” now`))
  if (changed.has('parent'))
    said.push(page(`${title(id)} moved ${is.parent ? `below ${title(is.parent)}` : 'to the top'}`))
  else if (changed.has('order')) said.push(page(`${title(id)} changed its place among its neighbours`))
  if (changed.has('checked'))
    said.push({ stage: 'ledger', about: 'progress', says: `${title(id)}: what is checked off changed` })
  const others = [...changed].filter(
    (field) => !['title', 'parent', 'order', 'checked'].includes(String(field)),
  )
  if (others.length) said.push(page(`${title(id)}: ${others.join(', ')} changed`))
  return said
}

const WORDS: Record<string, [about: string, noun: string]> = {
  sections: ['sections', 'section'],
  menus: ['menus', 'menu'],
  menuEntries: ['menus', 'line'],
  links: ['links', 'link'],
  journeys: ['journeys', 'journey'],
  stops: ['journeys', 'stop'],
  requirements: ['brief', 'requirement'],
  scenarios: ['brief', 'scenario'],
  scenarioSteps: ['brief', 'step of a scenario'],
  decisions: ['brief', 'decision'],
  ideas: ['brief', 'idea'],
  references: ['brief', 'reference'],
  comparedSites: ['brief', 'compared site'],
  comparedParts: ['brief', 'compared part'],
  verdicts: ['brief', 'verdict'],
  audienceGroups: ['brief', 'audience'],
  goals: ['brief', 'goal'],
}

function wordsFor(
  { collection, change }: RecordDifference,
  record: StoredRecord,
  after: Documents,
  title: Names,
) {
  const [about, noun] = WORDS[collection] ?? ['settings', collection]
  const menu = after.site?.records.menus?.[String(record.menu)]?.name
  const name = record.name ?? record.label ?? record.text ?? record.title ?? record.question
  const what = name
    ? `${noun} “${String(name).slice(0, 80)}”`
    : record.to
      ? `${noun} to ${title(record.to)}`
      : record.page
        ? `${noun} ${title(record.page)}`
        : noun
  const where = menu
    ? ` in ${String(menu)}`
    : collection === 'sections' && record.page
      ? ` of ${title(record.page)}`
      : record.from
        ? ` from ${title(record.from)}`
        : ''
  const says = `${what}${where} ${change === 'altered' ? 'changed' : change}`
  return { about, says: says[0].toUpperCase() + says.slice(1) }
}
