import type { Operation } from '@nolvex/core/document/types'
import type { Placed } from '@nolvex/core/snap/drawnPage'
import type { Hint } from '@nolvex/core/snap/hint'
import type { Handle } from '@nolvex/core/snap/resizeBlock'
import type { Rect } from '@nolvex/core/snap/rect'
import type { DraftingPage } from '../usePage'

export interface Point {
  x: number
  y: number
}

/** A pointer pressed on the page: where, px of the page, and on what. */
export interface Press {
  page: DraftingPage
  point: Point
  /** the innermost block there that is not locked */
  hit: Placed | undefined
  /** all of them there, innermost first */
  stack: Placed[]
  /** the handle of the selection there */
  handle: Handle | undefined
  addsToSelection: boolean
  /** whether a rectangle is meant, whatever is there */
  wantsArea: boolean
}

/** What a gesture would do, as it is shown while it goes on, px of the page. */
export interface Preview {
  /** the dragged thing itself */
  ghost?: Rect
  /** its place */
  mark: Rect
  /** why it stands just there */
  hints: Hint[]
  /** where that is, in words */
  says?: string
  /** the change it would come to: the page is shown as it would then stand */
  operations?: Operation[]
  /** the block whose place that is */
  moves?: string
}

/** How something is moved or pulled, by the keys that are held. */
export interface Held {
  /** px within which hints move it; nought while they are held off */
  reach: number
  keepsShape: boolean
  fromCentre: boolean
  /** whether a rectangle takes only what it encloses */
  onlyEnclosed: boolean
}

/** A gesture that has begun. */
export interface Following {
  /** @param by px moved since the press, @param at where the pointer is, @param held what keys ask for */
  move?: (by: Point, at: Point, held: Held) => Preview | undefined
  /** The change it comes to when it is let go. */
  commit?: () => { label: string; operations: Operation[]; selects?: string[] } | undefined
  /** Let go without having moved. */
  click?: () => void
}

/** One way to do something with the pointer: registered in `gestures.ts`. */
export interface Gesture {
  name: string
  /** Begins where it is pressed on what it is for; else another gesture may. */
  begin: (press: Press) => Following | undefined
}
