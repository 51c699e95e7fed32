import { blockSchema, type Block } from '../block/block'
import { leafPaths, leafTable } from '../document/leafTable'
import { valueAt, withValue } from '../document/path'
import type { Documents, StoredRecord } from '../document/types'
import type { DrawingDocument } from '../drawing/drawing'
import { drawingIn } from '../resolve/pageSources'
import type { SiteDocument } from '../site/site'
import { usualSite } from '../site/usualSite'
import { plainStyle } from '../style/plainStyle'
import type { StyleDocument } from '../style/style'
import type { Kit, KitAbout, KitChoice, KitFile } from './kit'
import { eachString, needsOf, partsOfVariant } from './needs'

/** A kit that was made, and what of the project its blocks name and it does not have: that was left out. */
export interface MadeKit {
  kit: Omit<Kit, 'files'> & { files: Pick<KitFile, 'id'>[] }
  /** how often something of each kind was left out */
  leftOut: Record<LeftOut, number>
}

/** What blocks may name that stays behind. */
export type LeftOut = 'pages' | 'rows and content' | 'sections' | 'other'

/**
 * A kit of some of a project: its shared blocks and patterns with all they need, what dresses them, the bands they are
 * drawn for and the menus they show. Links to pages, rows of collections and places on the map stay behind.
 */
export function makeKit(documents: Documents, choice: KitChoice, about: KitAbout): MadeKit {
  const { site, style } = documents as unknown as { site: SiteDocument; style: StyleDocument }
  const { shared, patterns } = needsOf({ style, drawings: drawingsOf(documents, choice, style) }, choice)
  const drawings = Object.fromEntries(
    [...shared, ...patterns].flatMap((id) => {
      const drawing = drawingIn(documents, id)
      return drawing ? [[id, drawing] as const] : []
    }),
  )
  const needs = needsOf({ style, drawings }, dressed(style, drawings, { ...choice, shared, patterns }))
  const { records } = style
  const kitStyle: StyleDocument = {
    ...style,
    records: {
      ...plainStyle.records,
      tokens: pick(records.tokens, needs.tokens),
      levels: pick(records.levels, needs.levels),
      parts: pick(records.parts, needs.parts),
      shared: pick(records.shared, shared, ({ section: _section, from: _from, ...own }) => own),
      patterns: pick(records.patterns, patterns),
      sharedValues: pick(
        records.sharedValues,
        Object.values(records.sharedValues)
          .filter((value) => shared.includes(value.shared))
          .map(({ id }) => id),
      ),
      families: pick(
        records.families,
        Object.values(records.families)
          .filter(({ name }) => needs.families.includes(name))
          .map(({ id }) => id),
      ),
      icons: records.icons,
    },
  }
  const menus = menusShown(drawings)
  const kit = {
    about,
    site: kitSite(site, menus),
    style: kitStyle,
    drawings,
    files: needs.files.map((id) => ({ id })),
  }
  return stripped(kit, documents)
}

function drawingsOf(documents: Documents, choice: KitChoice, { records }: StyleDocument) {
  const ids = [...Object.keys(records.shared), ...choice.patterns]
  return Object.fromEntries(ids.map((id) => [id, drawingIn(documents, id)]))
}

function pick<T extends object>(
  from: Record<string, T>,
  ids: readonly string[],
  change: (one: T) => T = (one) => one,
): Record<string, T> {
  return Object.fromEntries(ids.flatMap((id) => (id in from ? [[id, change(from[id])]] : [])))
}

/** A choice with all that shows its blocks as they look here: colours with a role, levels of tags, parts of their kinds. */
function dressed(
  style: StyleDocument,
  drawings: Record<string, DrawingDocument>,
  choice: KitChoice,
): KitChoice {
  const { tokens, levels } = style.records
  const roles = Object.values(tokens).filter((token) => token.type === 'colour' && token.role)
  const ranks = Object.values(levels).filter(({ role }) => role)
  const worn = new Map<string, Set<string | undefined>>()
  for (const { records } of Object.values(drawings))
    for (const { kind, variant } of Object.values(records.blocks))
      worn.set(kind, (worn.get(kind) ?? new Set([undefined])).add(variant))
  const parts = [...worn].flatMap(([kind, variants]) =>
    [...variants].flatMap((variant) => partsOfVariant(style, kind, variant)),
  )
  const ids = (more: { id: string }[]) => more.map(({ id }) => id)
  return {
    ...choice,
    tokens: [...choice.tokens, ...ids(roles)],
    levels: [...choice.levels, ...ids(ranks)],
    parts: [...choice.parts, ...ids(parts)],
  }
}

function menusShown(drawings: Record<string, DrawingDocument>): Set<string> {
  const blocks = Object.values(drawings).flatMap(({ records }) => Object.values(records.blocks))
  const menus = blocks.filter(({ kind }) => kind === 'nav').map(({ data }) => String(data?.menu))
  return new Set(menus)
}

/** The bands, and some menus with what their lines say: pages are no part of a kit. */
function kitSite({ records }: SiteDocument, menus: Set<string>): SiteDocument {
  const entries = Object.values(records.menuEntries).filter(({ menu }) => menus.has(menu))
  const said = entries.map(({ page, label, ...entry }) => {
    const title = page === undefined ? undefined : records.pages[page]?.title
    return { ...entry, label: label ?? title ?? 'Untitled' }
  })
  const { lead, rootSize } = records.settings.site
  return {
    ...usualSite,
    records: {
      ...usualSite.records,
      bands: records.bands,
      settings: { site: { id: 'site', lead, ...(rootSize !== undefined && { rootSize }) } },
      menus: pick(records.menus, [...menus]),
      menuEntries: Object.fromEntries(said.map((entry) => [entry.id, entry])),
    },
  }
}

const WHAT: Record<string, LeftOut> = {
  pages: 'pages',
  sections: 'sections',
  requirements: 'sections',
  items: 'rows and content',
  rows: 'rows and content',
  fields: 'rows and content',
}

/** A kit whose blocks name nothing that it does not have itself. */
function stripped(kit: MadeKit['kit'], documents: Documents): MadeKit {
  const outside = namesOutside(kit, documents)
  const leftOut: MadeKit['leftOut'] = { pages: 0, 'rows and content': 0, sections: 0, other: 0 }
  const table = leafTable(blockSchema)
  const strip = (block: Block): Block => {
    let record = block as unknown as StoredRecord
    for (const path of leafPaths(table, record)) {
      const met = path.map((key) => outside.get(key)).find(Boolean)
      const value = valueAt(record, path)
      let what = met
      eachString(value, (text) => (what ??= outside.get(text)))
      const isOfTelling = path[0] === 'note' || path[0] === 'reference' || path[0] === 'showsReference'
      if (!what && !isOfTelling) continue
      if (what) leftOut[what]++
      record = withValue(record, path, undefined)
    }
    return record as unknown as Block
  }
  const drawings = Object.fromEntries(
    Object.entries(kit.drawings).map(([id, drawing]) => {
      const blocks = Object.entries(drawing.records.blocks).map(([key, block]) => [key, strip(block)])
      return [id, { ...drawing, records: { blocks: Object.fromEntries(blocks) } } as DrawingDocument]
    }),
  )
  return { kit: { ...kit, drawings }, leftOut }
}

/** Ids of all that a project has and a kit made of it has not, with what it is. */
function namesOutside(kit: MadeKit['kit'], documents: Documents): Map<string, LeftOut> {
  const outside = new Map<string, LeftOut>()
  const isOurs = (document: string) => document in kit.drawings
  for (const { id: document, kind, records } of Object.values(documents)) {
    if (isOurs(document)) continue
    if (kind === 'collection') outside.set(document, 'rows and content')
    for (const [collection, held] of Object.entries(records)) {
      if (kind === 'drawing') continue
      for (const id of Object.keys(held))
        if (!hasRecord(kit, kind, collection, id)) outside.set(id, WHAT[collection] ?? 'other')
    }
  }
  // Singletons are called as keys of records are.
  for (const id of ['site', 'content', 'style', 'counter', 'collection', 'audience']) outside.delete(id)
  return outside
}

function hasRecord(
  { site, style }: Pick<Kit, 'site' | 'style'>,
  kind: string,
  collection: string,
  id: string,
) {
  const document = kind === 'site' ? site : kind === 'style' ? style : undefined
  const records = document?.records as unknown as Record<string, Record<string, unknown>> | undefined
  return records?.[collection]?.[id] !== undefined
}
