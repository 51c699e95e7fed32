import equal from 'fast-deep-equal'
import { nameOf } from '../block/block'
import { compareDocuments } from '../document/compare'
import { plainText } from '../document/richText'
import type { Documents } from '../document/types'
import { documentKinds } from '../resolve/documentKinds'
import { drawingIn } from '../resolve/pageSources'
import { valuesOf } from '../resolve/scope'
import type { Shared } from '../style/shared'
import type { StyleDocument } from '../style/style'
import { cutText } from '../text/cutText'
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
  /** what differs from what stands here, in words, block by block */
  says: string[]
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
    return [{ shared, block: from.block, isChangedHere, says: differences(documents, after, shared.id) }]
  })
}

/** characters of a text that are told */
const LONGEST = 60

/** What differs in a shared block between two states of a project. */
function differences(before: Documents, after: Documents, shared: string): string[] {
  const [was, is] = [before, after].map((at) => drawingIn(at, shared)?.records.blocks ?? {})
  const drawn = compareDocuments(documentKinds, { [shared]: before[shared] }, { [shared]: after[shared] })
  const blocks = drawn.map(({ id, change, leaves }) => {
    const name = nameOf(is[id] ?? was[id])
    if (change !== 'altered') return `${name} is ${change === 'added' ? 'new' : 'gone'}`
    const [text, said] = [is[id].text, was[id].text].map((one) => cutText(plainText(one), LONGEST))
    if (leaves.some(({ path }) => path[0] === 'text')) return `${name} says “${text}”, said “${said}”`
    return `${name} differs in ${[...new Set(leaves.map(({ path }) => path.at(-1)))].join(', ')}`
  })
  const values = compareDocuments(documentKinds, { style: before.style }, { style: after.style })
  const named = values.filter(({ collection }) => collection === 'sharedValues')
  return [...blocks, ...(named.length ? ['What copies may say otherwise differs'] : [])]
}
