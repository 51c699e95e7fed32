import type { Json, Operation } from '../document/types'
import { setLeaf } from '../edit/blockChanges'
import { roundTo } from '../units/length'
import type { DrawnPage, Placed } from './drawnPage'
import type { Rect } from './rect'

/** What places a block freely where it stands, in a room of the page; a text stays as tall as its lines. */
export function freePlace(page: DrawnPage, one: Placed, room: Rect): Operation[] {
  const px = (value: number) => page.write(roundTo(value, 2)) as unknown as Json
  const set = (path: string[], value: Json) => setLeaf([one.record], path, value, page.at)
  const isText = one.box.node.content.type === 'text'
  return [
    ...set(['place', 'anchor', 'x'], 'start'),
    ...set(['place', 'anchor', 'y'], 'start'),
    ...set(['place', 'offset', 'left'], px(one.x - room.x)),
    ...set(['place', 'offset', 'top'], px(one.y - room.y)),
    ...set(['place', 'width'], px(one.w)),
    ...(isText ? [] : set(['place', 'height'], px(one.h))),
  ]
}
