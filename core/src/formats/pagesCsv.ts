import { pageAddresses } from '../site/address'
import { sectionsOf } from '../site/pageChanges'
import type { SiteRecords } from '../site/site'
import { pagesInOrder } from '../site/treeOrder'
import { writeCsv, type CsvTable } from './csv'
import {
  cleanPath,
  cutTitle,
  ImportError,
  sectionNames,
  type ImportedPage,
  type ImportedPages,
  type ImportRemark,
} from './importedPages'
import { cutText } from '../text/cutText'

/** What a column of a table may mean. Parents are named by id where there is an id column, else by title. */
export const PAGE_COLUMNS = ['title', 'path', 'parent', 'id', 'depth', 'purpose', 'goal', 'sections'] as const
export type PageColumn = (typeof PAGE_COLUMNS)[number]
/** For each meaning the column it stands in, from 0. */
export type PageMapping = Partial<Record<PageColumn, number>>

const GUESSES: Record<PageColumn, RegExp> = {
  title: /^(title|name|page|label)$/i,
  path: /^(path|slug|url|address)$/i,
  parent: /^(parent|below|parent id|parent page)$/i,
  id: /^(id|key|number|no\.?)$/i,
  depth: /^(depth|level)$/i,
  purpose: /^(purpose|description)$/i,
  goal: /^goal$/i,
  sections: /^sections?$/i,
}

/** What the columns probably mean, by their names. */
export function guessMapping(heading: string[]): PageMapping {
  const mapping: PageMapping = {}
  for (const column of PAGE_COLUMNS) {
    const found = heading.findIndex((name) => GUESSES[column].test(name))
    if (found >= 0) mapping[column] = found
  }
  return mapping.title === undefined ? { title: 0, ...mapping } : mapping
}

interface Row {
  id: string
  parent: string
  page: Omit<ImportedPage, 'depth'>
  depth: number
}

/**
 * Pages from a table. Their tree comes from a parent column, else from a depth column, else all stand at the top.
 * @throws ImportError for parents that go in a circle, naming the lines
 */
export function pagesOfTable(table: CsvTable, mapping: PageMapping): ImportedPages {
  const remarks: ImportRemark[] = table.ragged.slice(0, 50).map(({ line, has }) => {
    const more = has > table.heading.length
    return {
      line,
      remark: `The row has ${has} values for ${table.heading.length} columns; ${more ? 'the rest was left out' : 'what is missing is empty'}.`,
    }
  })
  const rows = table.rows.map((row) => readRow(row, mapping, remarks)).filter((row) => row.page.title !== '')
  if (mapping.parent !== undefined) return { pages: byParent(rows, remarks), remarks }
  let before = -1
  const pages = rows.map(({ page, depth }) => {
    before = Math.min(depth, before + 1)
    return { ...page, depth: before }
  })
  return { pages, remarks }
}

function readRow(
  { values, line }: CsvTable['rows'][number],
  mapping: PageMapping,
  remarks: ImportRemark[],
): Row {
  const at = (column: PageColumn) =>
    mapping[column] === undefined ? '' : (values[mapping[column]] ?? '').trim()
  const title = cutTitle(at('title'), line, remarks)
  if (title === '') remarks.push({ line, remark: 'The row has no title; it was left out.' })
  const depth = Number(at('depth') || 0)
  if (!Number.isInteger(depth) || depth < 0)
    remarks.push({ line, remark: `The depth “${at('depth')}” is no whole number; it was taken for 0.` })
  return {
    id: at('id') || title,
    parent: at('parent'),
    depth: Number.isInteger(depth) && depth > 0 ? depth : 0,
    page: {
      title,
      path: at('path') ? cleanPath(at('path'), line, remarks) : undefined,
      purpose: cutText(at('purpose'), 2000) || undefined,
      goal: cutText(at('goal'), 2000) || undefined,
      sections: sectionNames(at('sections')),
      line,
    },
  }
}

function byParent(rows: Row[], remarks: ImportRemark[]): ImportedPage[] {
  const known = new Map<string, Row>()
  for (const row of rows) {
    if (known.has(row.id))
      remarks.push({
        line: row.page.line,
        remark: `“${row.id}” stands in the file twice; what names it means the first.`,
      })
    else known.set(row.id, row)
  }
  const below = new Map<Row | null, Row[]>()
  for (const row of rows) {
    const parent = row.parent === '' ? null : (known.get(row.parent) ?? null)
    if (row.parent !== '' && !parent)
      remarks.push({
        line: row.page.line,
        remark: `There is no page “${row.parent}” to stand below; it was put at the top.`,
      })
    below.set(parent, [...(below.get(parent) ?? []), row])
  }
  const pages: ImportedPage[] = []
  const walk = (parent: Row | null, depth: number) => {
    for (const row of below.get(parent) ?? []) {
      pages.push({ ...row.page, depth })
      walk(row, depth + 1)
    }
  }
  walk(null, 0)
  if (pages.length < rows.length) throw circle(rows, new Set(pages.map(({ line }) => line)))
  return pages
}

/** What no walk from the top reaches stands in a circle, or below one. */
function circle(rows: Row[], reached: Set<number>): ImportError {
  const lines = rows.filter(({ page }) => !reached.has(page.line)).map(({ page }) => page.line)
  const named = lines.slice(0, 6).join(', ') + (lines.length > 6 ? ` and ${lines.length - 6} more` : '')
  return new ImportError(
    `The parents go in a circle at lines ${named}. Give one of these pages another parent.`,
  )
}

/** The pages as CSV, in the order of the tree; id and parent columns let it be read back. */
export function writePagesCsv(site: SiteRecords): string {
  const addresses = pageAddresses(site.pages)
  const rows = pagesInOrder(site.pages).map(({ page, depth }) => [
    page.id,
    page.parent,
    page.title,
    page.path,
    depth,
    addresses.get(page.id),
    page.state,
    page.purpose,
    page.goal,
    sectionsOf(site.sections, page.id)
      .map(({ name }) => name)
      .join(', '),
  ])
  const heading = [
    'id',
    'parent',
    'title',
    'path',
    'depth',
    'full address',
    'state',
    'purpose',
    'goal',
    'sections',
  ]
  return writeCsv(heading, rows)
}
