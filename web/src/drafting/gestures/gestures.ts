import { addToSelection } from './addToSelection'
import type { Following, Gesture, Press } from './gesture'
import { moveBlocks } from './moveBlocks'
import { resizeSelection } from './resizeSelection'
import { selectNothing } from './selectNothing'

/** What the pointer can do on the page. A new one is one file and one line here. */
const gestures: Gesture[] = [resizeSelection, addToSelection, moveBlocks, selectNothing]

/** Begins the first gesture that takes a press. */
export function beginGesture(press: Press): Following | undefined {
  for (const gesture of gestures) {
    const following = gesture.begin(press)
    if (following) return following
  }
  return undefined
}
