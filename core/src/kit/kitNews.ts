import equal from 'fast-deep-equal'
import type { Documents } from '../document/types'
import { drawingIn } from '../resolve/pageSources'
import { valuesOf } from '../resolve/scope'
import type { Shared } from '../style/shared'
import type { StyleDocument } from '../style/style'
import { becoming } from './becoming'
import { NOTHING_CHOSEN, type Kit } from './kit'
import { needsOf } from './needs'
import { printOf, takeFromKit } from './takeFromKit'

/** A shared block that follows a kit which has a newer one. */
export interface KitNews {
  /** the shared block here, and the kit's */
  shared: Shared
  block: string
  /** whether it was changed here since it was taken, which taking the newer one gives up */
  isChangedHere: boolean
  /** the project as it would be with the newer one */
  after: Documents
}

/** What a version of a kit offers to the shared blocks that were taken from an earlier one. */
export function kitNews(documents: Documents, kit: Kit, newId: () => string): KitNews[] {
  const style = documents.style as unknown as StyleDocument
  const { became = {} } = style.records.kits[kit.about.id] ?? {}
  const files = Object.fromEntries(
    kit.files.flatMap(({ id }) => (id in became ? [[id, became[id]]] : [])),
  ) as Record<string, string>
  return Object.values(style.records.shared).flatMap((shared): KitNews[] => {
    const { from } = shared
    if (from?.kit !== kit.about.id || from.version >= kit.about.version) return []
    if (!(from.block in kit.style.records.shared)) return []
    const choice = { ...NOTHING_CHOSEN, shared: [from.block] }
    const wish = {
      ...{ choice, isLinked: true, files },
      becoming: becoming(kit, needsOf(kit, choice), style),
    }
    const { documents: after } = takeFromKit(documents, kit, wish, newId)
    const [now, then] = [documents, after].map((at) => ({
      blocks: drawingIn(at, shared.id)?.records.blocks ?? {},
      values: valuesOf(at.style as unknown as StyleDocument, shared.id),
    }))
    if (equal(now, then)) return []
    const isChangedHere = printOf(now.blocks, now.values) !== from.print
    return [{ shared, block: from.block, isChangedHere, after }]
  })
}
