import { eachBox, type PageLayout } from '../layout/pageLayout'
import type { BlockLink } from '../block/block'

/** A note on a page: numbered in reading order, with where its block stands, px of the page. */
export interface PageNote {
  number: number
  key: string
  /** of its block */
  name: string
  note: string
  requirement?: string
  links: BlockLink[]
  x: number
  y: number
  w: number
  h: number
}

/** The notes of a page, and what else its blocks tell, in reading order. A block repeated by a series is told of once. */
export function pageNotes(layout: PageLayout): PageNote[] {
  const notes: PageNote[] = []
  const known = new Set<string>()
  eachBox(layout, ({ node, w, h }, x, y) => {
    const { told, origin, isPart, key, name } = node
    const isTelling = !isPart && (told?.note || told?.requirement || told?.links)
    const of = `${origin.document} ${origin.record}`
    if (!told || !isTelling || known.has(of)) return
    known.add(of)
    const { note = '', requirement, links = [] } = told
    notes.push({ number: notes.length + 1, key, name, note, requirement, links, x, y, w, h })
  })
  return notes
}
