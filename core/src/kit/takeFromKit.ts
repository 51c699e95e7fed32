import { blockSchema, type Block } from '../block/block'
import { operationsBetween } from '../document/compare'
import { withoutEmptyBranches } from '../document/leafTable'
import { orderAt } from '../document/order'
import { inOrder } from '../document/tree'
import type { ChangePart, Documents, Json, StoredDocument, StoredRecord } from '../document/types'
import type { DrawingDocument } from '../drawing/drawing'
import { drawingKind } from '../drawing/drawing'
import { drawingIn } from '../resolve/pageSources'
import { valuesOf } from '../resolve/scope'
import type { SiteDocument } from '../site/site'
import { idOfWords } from '../style/guideIds'
import type { StylePart } from '../style/part'
import type { SharedValue } from '../style/shared'
import { styleKind, type StyleDocument } from '../style/style'
import { variantKey, type Becoming } from './becoming'
import { fitBands } from './fitBands'
import { takenId, type Kit, type KitChoice } from './kit'
import { needsOf, type Needs } from './needs'

/** What is to be taken of a kit, and how. */
export interface TakeWish {
  choice: KitChoice
  /** whether shared blocks go on following the kit: a newer one offers its changes */
  isLinked: boolean
  /** what is needed of the kit's guide, with what each becomes */
  becoming: readonly Becoming[]
  /** files of the project by those of the kit they are; a picture without one is shown as missing */
  files: Readonly<Record<string, string>>
}

/** The change that takes something of a kit, the documents after it, and ids in the project by those in the kit. */
export interface Taken {
  parts: ChangePart[]
  documents: Documents
  shared: Map<string, string>
  patterns: Map<string, string>
}

/**
 * Takes shared blocks, patterns, parts, tokens and levels of a kit into a project, drawn for its bands, with what they
 * need. What is linked has the same ids each time: taken again, it is brought up to the kit, and copies of it follow.
 */
export function takeFromKit(documents: Documents, kit: Kit, wish: TakeWish, newId: () => string): Taken {
  return new Taking(documents, kit, wish, newId).take()
}

/** Tells one state of a shared block from another. */
export function printOf(blocks: Readonly<Record<string, Block>>, values: readonly SharedValue[]): string {
  const kept = Object.values(blocks).map((block) =>
    withoutEmptyBranches(blockSchema, block as unknown as StoredRecord),
  )
  const named = values.map(({ id, label, block, leaf }) => ({ id, label, block, leaf }))
  return idOfWords(inOneOrder([...kept, ...named] as unknown as Json))
}

/** JSON in which keys, and lists of records, stand in one order. */
function inOneOrder(value: Json): string {
  if (Array.isArray(value)) return `[${value.map(inOneOrder).sort().join()}]`
  if (typeof value !== 'object' || value === null) return JSON.stringify(value)
  const entries = Object.entries(value).sort(([a], [b]) => (a < b ? -1 : 1))
  return `{${entries.map(([key, one]) => `${key}:${inOneOrder(one)}`).join()}}`
}

class Taking {
  private kit: Kit
  private needs: Needs
  private style: StyleDocument
  /** ids here by those of the kit */
  private ids: Map<string, string>
  private variants: Map<string, string>
  private drawings: Documents = {}
  private shared = new Map<string, string>()
  private patterns = new Map<string, string>()
  /** files and menus of the kit that the project has nothing for */
  private missing: Set<string>

  constructor(
    private documents: Documents,
    kit: Kit,
    private wish: TakeWish,
    private newId: () => string,
  ) {
    const { site, style } = documents as unknown as { site: SiteDocument; style: StyleDocument }
    const fitted = fitBands(kit, site)
    this.kit = fitted.kit
    this.style = { ...style, records: { ...style.records } }
    this.needs = needsOf(this.kit, wish.choice)
    this.ids = new Map([...fitted.bands, ...menusByKind(this.kit.site, site), ...Object.entries(wish.files)])
    const brought = [...kit.files.map(({ id }) => id), ...Object.keys(kit.site.records.menus)]
    this.missing = new Set(brought.filter((id) => !this.ids.has(id)))
    this.variants = new Map()
    for (const { of, id, into } of wish.becoming)
      if (of === 'variants') this.variants.set(id, into ?? id.split(' ')[1])
      else this.ids.set(id, into ?? takenId(kit.about.id, id))
  }

  take(): Taken {
    for (const id of this.needs.shared) this.giveShared(id)
    for (const id of this.needs.patterns) this.patterns.set(id, this.newId())
    for (const [from, to] of [...this.shared, ...this.patterns]) this.nameAll(from, to)
    this.takeGuide()
    for (const id of this.shared.keys()) this.takeShared(id)
    for (const id of this.patterns.keys()) this.takePattern(id)
    this.noteKit()
    return { parts: this.changes(), documents: this.after(), shared: this.shared, patterns: this.patterns }
  }

  /** Decides what a shared block is here; one that is only needed and was taken before stays as it is. */
  private giveShared(id: string) {
    const here = this.wish.isLinked ? takenId(this.kit.about.id, id) : this.newId()
    const isChosen = this.wish.choice.shared.includes(id)
    if (here in this.style.records.shared && !isChosen) this.nameAll(id, here)
    else this.shared.set(id, here)
  }

  /** Names what a drawing of the kit has as it is called here: itself, its blocks, its named values. */
  private nameAll(id: string, to: string) {
    this.ids.set(id, to)
    const { blocks = {} } = (this.kit.drawings[id]?.records ?? {}) as Partial<DrawingDocument['records']>
    const values = valuesOf(this.kit.style, id).map((value) => value.id)
    const isLinked = this.wish.isLinked && id in this.kit.style.records.shared
    for (const one of [...Object.keys(blocks), ...values])
      this.ids.set(one, isLinked ? takenId(this.kit.about.id, one) : this.newId())
  }

  private takeShared(id: string) {
    const { shared } = this.kit.style.records
    const values = valuesOf(this.kit.style, id)
    this.takeDrawing(id)
    const own = values.map((value) => this.here(value as unknown as StoredRecord) as unknown as SharedValue)
    const to = this.shared.get(id) ?? id
    const before = this.style.records.sharedValues
    const others = Object.entries(before).filter(([, value]) => value.shared !== to)
    this.style.records.sharedValues = Object.fromEntries([
      ...others,
      ...own.map((value) => [value.id, value] as const),
    ])
    const { name, root } = shared[id]
    const known = this.style.records.shared[to] as (typeof shared)[string] | undefined
    const { blocks } = (this.drawings[to] as unknown as DrawingDocument).records
    const { id: kit, version } = this.kit.about
    const from = { kit, block: id, version, print: printOf(blocks, own) }
    const record = {
      ...{ id: to, order: known?.order ?? this.lastOrder('shared'), name: known?.name ?? name },
      ...{ root: this.ids.get(root) ?? root, ...(known?.section && { section: known.section }) },
      ...(this.wish.isLinked && { from }),
    }
    this.style.records.shared = { ...this.style.records.shared, [to]: record }
  }

  private takePattern(id: string) {
    const to = this.patterns.get(id) ?? id
    this.takeDrawing(id)
    const { name, root } = this.kit.style.records.patterns[id]
    const record = { id: to, order: this.lastOrder('patterns'), name, root: this.ids.get(root) ?? root }
    this.style.records.patterns = { ...this.style.records.patterns, [to]: record }
  }

  /** Writes a drawing of the kit as one of the project. */
  private takeDrawing(id: string) {
    const { blocks = {} } = (this.kit.drawings[id]?.records ?? {}) as Partial<DrawingDocument['records']>
    const own = Object.values(blocks).map((block) => {
      const record = this.here(block as unknown as StoredRecord)
      const { kind, variant } = block
      const renamed = variant === undefined ? undefined : this.variants.get(variantKey(kind, variant))
      return withoutEmptyBranches(
        blockSchema,
        renamed === undefined ? record : { ...record, variant: renamed },
      )
    })
    const to = this.ids.get(id) ?? id
    const records = { blocks: Object.fromEntries(own.map((block) => [block.id, block])) }
    this.drawings[to] = { kind: 'drawing', id: to, schema: drawingKind.schema, records }
  }

  /** A record of the kit with every id in it as it is here. */
  private here(record: StoredRecord): StoredRecord {
    return this.renamed(record as Json) as StoredRecord
  }

  private renamed(value: Json): Json | undefined {
    if (typeof value === 'string') return this.missing.has(value) ? undefined : (this.ids.get(value) ?? value)
    if (typeof value !== 'object' || value === null) return value
    if (Array.isArray(value)) return value.flatMap((one) => this.renamed(one) ?? [])
    const entries = Object.entries(value).flatMap(([key, one]) => {
      const renamed = this.renamed(one)
      return renamed === undefined ? [] : [[this.ids.get(key) ?? key, renamed] as const]
    })
    return Object.fromEntries(entries)
  }

  private takeGuide() {
    const { records } = this.kit.style
    for (const { of, id, into } of this.wish.becoming)
      if (of !== 'variants' && into === undefined)
        this.put(of, records[of][id] as unknown as StoredRecord, takenId(this.kit.about.id, id))
    for (const id of this.needs.parts) this.takePart(records.parts[id])
    for (const family of Object.values(records.families)) this.takeFamily(family as unknown as StoredRecord)
  }

  private put(collection: 'tokens' | 'levels' | 'parts' | 'families', record: StoredRecord, to: string) {
    const made = { ...this.here(record), id: to, order: this.lastOrder(collection) }
    const before = this.style.records[collection]
    this.style.records = { ...this.style.records, [collection]: { ...before, [to]: made } }
  }

  /** A part that was chosen takes the place of the one there is; one that is only needed gives way to it. */
  private takePart(part: StylePart) {
    const { kind, variant, piece, state } = part
    const isChosen = this.wish.choice.parts.includes(part.id)
    const wish = this.wish.becoming.find(({ id }) => id === variantKey(kind, variant ?? ''))
    if (!isChosen && wish?.into !== undefined) return
    const isSame = (one: StylePart) =>
      one.kind === kind && one.variant === variant && one.piece === piece && one.state === state
    const { parts } = this.style.records
    const others = Object.entries(parts).filter(([, one]) => !isSame(one))
    this.style.records.parts = Object.fromEntries(others)
    this.put('parts', part as unknown as StoredRecord, takenId(this.kit.about.id, part.id))
  }

  private takeFamily(family: StoredRecord) {
    const comesAlong = this.wish.becoming.some(
      ({ of, id, into }) =>
        of === 'levels' && into === undefined && this.kit.style.records.levels[id].family === family.name,
    )
    const isHere = Object.values(this.style.records.families).some(({ name }) => name === family.name)
    if (comesAlong && !isHere) this.put('families', family, takenId(this.kit.about.id, family.id))
  }

  /** Remembers the kit, and what its tokens, levels and files became, for the next time. */
  private noteKit() {
    const { id, name, version } = this.kit.about
    const known = this.style.records.kits[id] as StyleDocument['records']['kits'][string] | undefined
    const chosen = this.wish.becoming.flatMap(({ of, id: from, into }) =>
      of !== 'variants' && into !== undefined && into !== takenId(id, from) ? [[from, into] as const] : [],
    )
    const became = { ...known?.became, ...Object.fromEntries(chosen), ...this.wish.files }
    const { order = this.lastOrder('kits') } = known ?? {}
    const record = known?.isOwn ? { ...known, became } : { ...known, id, order, name, version, became }
    this.style.records = { ...this.style.records, kits: { ...this.style.records.kits, [id]: record } }
  }

  private lastOrder(collection: 'shared' | 'patterns' | 'kits' | Parameters<Taking['put']>[0]): string {
    const known = inOrder(
      Object.values(this.style.records[collection] as Record<string, { id: string; order: string }>),
    )
    return orderAt(known, known.length).keys[0]
  }

  private after(): Documents {
    return { ...this.documents, style: this.style as unknown as StoredDocument, ...this.drawings }
  }

  private changes(): ChangePart[] {
    const style = this.documents.style
    const guide = operationsBetween(styleKind, style, this.style as unknown as StoredDocument)
    const drawn = Object.entries(this.drawings).map(([document, after]): ChangePart => {
      const before = drawingIn(this.documents, document) ?? { ...after, records: { blocks: {} } }
      const operations = operationsBetween(drawingKind, before as unknown as StoredDocument, after)
      return { document, kind: 'drawing', operations }
    })
    const all: ChangePart[] = [{ document: style.id, kind: 'style', operations: guide }, ...drawn]
    return all.filter(({ operations }) => operations.length > 0)
  }
}

/** Menus of a kit and the project's of the same kind. */
function menusByKind(kit: SiteDocument, own: SiteDocument): [string, string][] {
  const ours = inOrder(Object.values(own.records.menus))
  return Object.values(kit.records.menus).flatMap(({ id, kind }) => {
    const same = ours.find((menu) => menu.kind === kind)
    return same ? [[id, same.id]] : []
  })
}
