import { addToSelection } from './addToSelection'
import { drawFromShelf } from './drawFromShelf'
import type { Following, Gesture, Press } from './gesture'
import { measureBetween } from './measureBetween'
import { moveBlocks } from './moveBlocks'
import { resizeSelection } from './resizeSelection'
import { selectArea } from './selectArea'

/** What the pointer can do on the page. A new one is one file and one line here. */
const gestures: Gesture[] = [
  measureBetween,
  drawFromShelf,
  resizeSelection,
  selectArea,
  addToSelection,
  moveBlocks,
]

/** Begins the first gesture that takes a press. */
export function beginGesture(press: Press): Following | undefined {
  for (const gesture of gestures) {
    const following = gesture.begin(press)
    if (following) return following
  }
  return undefined
}
