import { assetsOf, kindOf, type Block } from '../block/block'
import { backdropAssets } from '../block/looks/backdrop'
import type { Json, StoredRecord } from '../document/types'
import type { DrawingDocument } from '../drawing/drawing'
import type { StylePart } from '../style/part'
import type { StyleDocument } from '../style/style'
import type { KitChoice } from './kit'

/** Where blocks, and the guide that dresses them, are found: a kit or a project. */
export interface NeedsSource {
  style: StyleDocument
  drawings: Readonly<Record<string, DrawingDocument | undefined>>
}

/** What is needed for what was chosen, that included; ids, each once. */
export interface Needs {
  shared: string[]
  patterns: string[]
  tokens: string[]
  levels: string[]
  parts: string[]
  /** families of type the source has files of its own for, by name */
  families: string[]
  files: string[]
}

/**
 * All that comes along with blocks, patterns, parts, tokens and levels: shared blocks shown in others, what they name of
 * the guide, the variants only this guide knows, families, pictures. What blocks do not name is not needed.
 */
export function needsOf(source: NeedsSource, choice: KitChoice): Needs {
  return new Gathering(source).gather(choice)
}

/** The parts that dress a kind of block in a variant: the block itself, its pieces, its states. */
export const partsOfVariant = ({ records }: StyleDocument, kind: string, variant: string | undefined) =>
  Object.values(records.parts).filter((part) => part.kind === kind && part.variant === variant)

class Gathering {
  private found = {
    shared: new Set<string>(),
    patterns: new Set<string>(),
    tokens: new Set<string>(),
    levels: new Set<string>(),
    parts: new Set<string>(),
    families: new Set<string>(),
    files: new Set<string>(),
  }

  constructor(private source: NeedsSource) {}

  gather(choice: KitChoice): Needs {
    for (const id of choice.shared) this.shared(id)
    for (const id of choice.patterns) this.pattern(id)
    for (const id of choice.parts) this.part(id)
    for (const id of [...choice.tokens, ...choice.levels]) this.named(id)
    const listed = Object.entries(this.found).map(([name, ids]) => [name, [...ids]])
    return Object.fromEntries(listed) as Needs
  }

  private get records() {
    return this.source.style.records
  }

  private shared(id: string) {
    if (!(id in this.records.shared) || this.found.shared.has(id)) return
    this.found.shared.add(id)
    this.drawing(id)
  }

  private pattern(id: string) {
    if (!(id in this.records.patterns) || this.found.patterns.has(id)) return
    this.found.patterns.add(id)
    this.drawing(id)
  }

  private drawing(id: string) {
    for (const block of Object.values(this.source.drawings[id]?.records.blocks ?? {})) this.block(block)
  }

  private block(block: Block) {
    if (kindOf(block).expands === 'shared') this.shared(String(block.data?.shared))
    for (const asset of assetsOf(block)) this.found.files.add(asset)
    this.namedIn(block as unknown as StoredRecord)
    const { kind, variant } = block
    // Variants every project has are dressed by its own guide.
    if (variant === undefined || kindOf(block).variants?.[variant]) return
    for (const { id } of partsOfVariant(this.source.style, kind, variant)) this.part(id)
  }

  private part(id: string) {
    const part = this.records.parts[id] as StylePart | undefined
    if (!part || this.found.parts.has(id)) return
    this.found.parts.add(id)
    for (const asset of backdropAssets(part)) this.found.files.add(asset)
    this.namedIn(part as unknown as StoredRecord)
  }

  private namedIn({ id: _id, ...record }: StoredRecord) {
    eachString(record as Json, (value) => this.named(value))
  }

  private named(id: string) {
    const { tokens, levels, families } = this.records
    if (id in tokens && !this.found.tokens.has(id)) {
      this.found.tokens.add(id)
      this.namedIn(tokens[id] as unknown as StoredRecord)
    } else if (id in levels && !this.found.levels.has(id)) {
      this.found.levels.add(id)
      const own = Object.values(families).find(({ name }) => name === levels[id].family)
      if (!own) return
      this.found.families.add(own.name)
      for (const { asset } of own.files ?? []) this.found.files.add(asset)
    }
  }
}

/** Calls back for each text in a value, however deep. */
export function eachString(value: Json | undefined, visit: (text: string) => void) {
  if (typeof value === 'string') visit(value)
  else if (typeof value === 'object' && value !== null)
    for (const below of Object.values(value)) eachString(below, visit)
}
