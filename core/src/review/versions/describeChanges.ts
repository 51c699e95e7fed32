import { describeStyle } from './describeStyle'
import { drawingTitle } from '../../resolve/pageSources'
import equal from 'fast-deep-equal'
import { z } from 'zod'
import { compareDocuments, type RecordDifference } from '../../document/compare'
import { leafPaths, leafTable } from '../../document/leafTable'
import { valueAt } from '../../document/path'
import type { Documents, Json, StoredRecord } from '../../document/types'
import { bandGridSchema } from '../../grid/bandGrid'
import { documentKinds } from '../../resolve/documentKinds'
import { cutText } from '../../text/cutText'

/** A difference between two states of a project, in words. */
export interface DescribedChange {
  /** the stage it belongs to */
  stage: 'map' | 'grid' | 'wireframe' | 'style' | 'mockup' | 'ledger'
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
  const differences = compareDocuments(documentKinds, before, after)
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
    ...describeStyle(
      differences.filter(({ document }) => document === 'style'),
      before,
      after,
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
    const title = drawingTitle(after, String(id)) ?? drawingTitle(before, String(id))
    return `“${title || 'Untitled'}”`
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
  if (collection === 'bands') return describeBand(difference, before, after)
  if (collection === 'settings') return describeSettings(difference, after)
  const stage = STAGES.find(([, collections]) => collections.has(collection))?.[0] ?? 'map'
  return [{ stage, ...wordsFor(difference, now, after, title) }]
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
  const bandName = (id: string) => String(after.site.records.bands[id]?.name ?? 'a band')
  for (const band of new Set(leaves.filter(({ path }) => path[0] === 'grids').map(({ path }) => path[1])))
    said.push({
      stage: 'grid',
      about: 'grids',
      says: `${title(id)}: its own grid at ${bandName(band)} changed`,
    })
  if (changed.has('underlay'))
    said.push({ stage: 'wireframe', about: 'drawings', says: `${title(id)}: the picture under it changed` })
  const told = ['title', 'parent', 'order', 'checked', 'grids', 'underlay']
  const others = [...changed].filter((field) => !told.includes(String(field)))
  if (others.length) said.push(page(`${title(id)}: ${others.join(', ')} changed`))
  return said
}

/** Collections of the site that are decided in other stages than the map. */
const STAGES: [stage: DescribedChange['stage'], collections: Set<string>][] = [
  [
    'grid',
    new Set([
      ...['savedGrids', 'guides', 'guideSets', 'screens', 'frames', 'browserTabs', 'audience'],
      'gridQuestions',
    ]),
  ],
  ['mockup', new Set(['pageStates', 'overlays', 'boards', 'alternatives', 'artworks', 'solids', 'credits'])],
  ['ledger', new Set(['ignoredFindings'])],
]

/** A band with every figure that changed, before and after. */
function describeBand(
  { id, change, leaves }: RecordDifference,
  before: Documents,
  after: Documents,
): DescribedChange[] {
  const band = (says: string): DescribedChange => ({ stage: 'grid', about: 'bands', says })
  const was = before.site?.records.bands[id]
  const is = after.site?.records.bands[id]
  if (change !== 'altered') return [band(`Band ${String((is ?? was).name)} ${change}`)]
  return leaves.flatMap(figuresOf).map((leaf) => {
    const figure = FIGURES[leaf.path.join('.')] ?? leaf.path.slice(1).join(' ')
    const value = (of: Json | undefined) => (of === undefined ? 'none' : String(of))
    return band(`${String(is.name)}: ${figure} was ${value(leaf.before)}, is ${value(leaf.after)}`)
  })
}

type LeafDifference = RecordDifference['leaves'][number]

/** A grid is written whole, and read figure by figure. */
const gridFigures = leafTable(z.strictObject(bandGridSchema.shape))

function figuresOf(leaf: LeafDifference): LeafDifference[] {
  if (leaf.path[0] !== 'grid') return [leaf]
  const grids = [leaf.before, leaf.after].map((grid) => (grid ?? {}) as unknown as StoredRecord)
  const paths = grids.flatMap((grid) => leafPaths(gridFigures, grid))
  return [...new Map(paths.map((path) => [path.join('.'), path])).values()]
    .map((path) => ({
      path: ['grid', ...path],
      before: valueAt(grids[0], path),
      after: valueAt(grids[1], path),
    }))
    .filter(({ before, after }) => !equal(before, after))
}

const FIGURES: Record<string, string> = {
  name: 'its name',
  from: 'its breakpoint',
  drawnAt: 'the width it is drawn at',
  'grid.columns': 'columns',
  'grid.gutter': 'gutter',
  'grid.margin': 'margin',
  'grid.marginRight': 'right margin',
  'grid.contentWidth': 'content width',
  'grid.columnWidth': 'fixed column width',
  'grid.gutters': 'where gutters stand',
  'grid.baseline.step': 'baseline',
}

const GRID_SETTINGS: Record<string, string> = {
  lead: 'Another band is the lead',
  sizing: 'How pages are sized changed',
  overlays: 'How lines over pages are drawn changed',
  pageGround: 'The ground behind pages changed',
  rootSize: 'The root’s font size changed',
}

function describeSettings({ leaves }: RecordDifference, after: Documents): DescribedChange[] {
  const fields = [...new Set(leaves.map(({ path }) => path[0]))]
  return fields.map((field): DescribedChange => {
    const says = GRID_SETTINGS[field]
    if (!says) return { stage: 'map', about: 'settings', says: 'Settings changed' }
    const lead = after.site?.records.bands[String(after.site.records.settings.site.lead)]
    return {
      stage: 'grid',
      about: 'settings',
      says: field === 'lead' ? `${String(lead?.name)} is the lead now` : says,
    }
  })
}

const WORDS: Record<string, [about: string, noun: string]> = {
  savedGrids: ['grids', 'kept grid'],
  guides: ['guides', 'guide'],
  guideSets: ['guides', 'set of guides'],
  screens: ['screens', 'screen'],
  frames: ['screens', 'browser frame'],
  browserTabs: ['screens', 'browser tab'],
  audience: ['audience', 'audience'],
  gridQuestions: ['agreement', 'question'],
  pageStates: ['states', 'state'],
  overlays: ['overlays', 'overlay'],
  boards: ['boards', 'board'],
  alternatives: ['alternatives', 'alternative'],
  artworks: ['artworks', 'artwork'],
  solids: ['artworks', 'solid'],
  credits: ['pictures', 'source of a picture'],
  ignoredFindings: ['findings', 'finding that was left'],
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
    ? `${noun} “${cutText(String(name), 80)}”`
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
