import type { StoredDocument, Documents } from '../document/types'
import type { DrawingDocument } from '../drawing/drawing'
import type { SiteDocument } from '../site/site'
import { idOfWords } from '../style/guideIds'
import type { StyleDocument } from '../style/style'

/** What a kit is called, and which of its versions it is. */
export interface KitAbout {
  id: string
  name: string
  version: number
  note?: string
  licence?: string
}

/** A file a kit brings along: a picture, or a font of its own. */
export interface KitFile {
  id: string
  name: string
  type: string
}

/**
 * Shared blocks, section patterns, and the tokens, levels and parts that dress them, carried between projects. Its site has
 * the bands they are drawn for and the menus they show, and no pages.
 */
export interface Kit {
  about: KitAbout
  site: SiteDocument
  style: StyleDocument
  /** of shared blocks and patterns, by their ids */
  drawings: Record<string, DrawingDocument>
  files: KitFile[]
}

/** What of a kit, or of a project that a kit is made of, is meant: ids of its records by what they are. */
export interface KitChoice {
  shared: readonly string[]
  patterns: readonly string[]
  tokens: readonly string[]
  levels: readonly string[]
  parts: readonly string[]
}

export const NOTHING_CHOSEN: KitChoice = { shared: [], patterns: [], tokens: [], levels: [], parts: [] }

/** Everything of a kit. */
export const allOf = ({ style: { records } }: Pick<Kit, 'style'>): KitChoice => ({
  shared: Object.keys(records.shared),
  patterns: Object.keys(records.patterns),
  tokens: Object.keys(records.tokens),
  levels: Object.keys(records.levels),
  parts: Object.keys(records.parts),
})

/** The documents of a kit, as those of a project. */
export const kitDocuments = ({ site, style, drawings }: Pick<Kit, 'site' | 'style' | 'drawings'>) =>
  ({ site, style, ...drawings }) as unknown as Documents

/** A kit with its documents changed. */
export function withDocuments(kit: Kit, { site, style, ...drawings }: Documents): Kit {
  const own = Object.entries(drawings).filter(([, { kind }]: [string, StoredDocument]) => kind === 'drawing')
  return {
    ...kit,
    site: site as unknown as SiteDocument,
    style: style as unknown as StyleDocument,
    drawings: Object.fromEntries(own) as unknown as Kit['drawings'],
  }
}

/** The id that a record of a kit has in every project that takes it, so that a later version of the kit finds it. */
export const takenId = (kit: string, id: string): string => idOfWords('kit', kit, id)
