import { BASE_FAMILIES, isShippedFamily, PAGE_FAMILY } from '../text/fontCatalogue'
import type { StyleDocument } from './style'

/** The family that shows a named one: itself where there are files of it, else the one that stands in for it. */
export function shownFamily({ records }: Pick<StyleDocument, 'records'>, name: string): string {
  if (isShippedFamily(name)) return name
  const own = Object.values(records.families ?? {}).find((family) => family.name === name)
  if (own?.files?.length) return name
  return own?.standIn && isShippedFamily(own.standIn) ? own.standIn : PAGE_FAMILY
}

/** The families pages of a guide are shown in, with those that are always needed. */
export function familiesInUse(style: Pick<StyleDocument, 'records'>): string[] {
  const named = Object.values(style.records.levels).map(({ family }) => shownFamily(style, family))
  return [...new Set([...BASE_FAMILIES, ...named])].sort()
}

/** A font of a project's own: where its file is, and what it sets. */
export interface OwnFont {
  asset: string
  family: string
  weight: number
  italic: boolean
}

/** The fonts of a project's own families. */
export function ownFonts({ records }: Pick<StyleDocument, 'records'>): OwnFont[] {
  return Object.values(records.families ?? {}).flatMap(({ name: family, files = [] }) =>
    files.map(({ asset, weight, italic = false }) => ({ asset, family, weight, italic })),
  )
}
