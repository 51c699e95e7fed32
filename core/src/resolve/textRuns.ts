import type { RichText } from '../document/richText'
import { collapseSpaces } from '../text/collapse'
import type { NodeRun } from './node'

/** A rich text as it is set: white space as a browser shows it, neighbours that look alike joined. */
export function textRuns(text: RichText, keepsLinks: boolean): NodeRun[] {
  const runs = text.map(({ insert, attributes }): NodeRun => {
    return {
      text: insert,
      link: keepsLinks ? attributes?.link : undefined,
      bold: attributes?.bold ?? false,
      italic: attributes?.italic ?? false,
      small: attributes?.small ?? false,
    }
  })
  return collapseSpaces(runs).reduce<NodeRun[]>(joinAlike, [])
}

/** Neighbours that look alike are one stretch, as they are in HTML. */
function joinAlike(runs: NodeRun[], run: NodeRun): NodeRun[] {
  const last = runs.at(-1)
  const isAlike = last && last.bold === run.bold && last.italic === run.italic && last.small === run.small
  if (!isAlike || last.link !== run.link) return [...runs, run]
  return [...runs.slice(0, -1), { ...last, text: last.text + run.text }]
}
