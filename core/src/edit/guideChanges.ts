import type { Json, Operation } from '../document/types'
import type { Guide, SetGuide } from '../grid/guide'

/** Where guides stand: on a page, at a band, on both, or everywhere. */
export type GuideScope = Pick<Guide, 'page' | 'band'>

/** Operations that put guides somewhere. */
export function putGuides(guides: SetGuide[], { page, band }: GuideScope, newId: () => string): Operation[] {
  return guides.map(({ axis, at }) => {
    const id = newId()
    const record = { id, axis, at: at as Json, ...(page && { page }), ...(band && { band }) }
    return { type: 'put', collection: 'guides', id, record }
  })
}

/** Operations that clear guides; those that are locked stay. */
export function clearGuides(guides: Guide[]): Operation[] {
  const open = guides.filter(({ locked }) => !locked)
  return open.map(({ id }) => ({ type: 'remove', collection: 'guides', id }))
}
