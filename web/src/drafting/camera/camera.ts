import type { InjectionKey, Ref } from 'vue'
import type { Rect } from '@nolvex/core/snap/rect'

/** How large the page is shown: as wide as the desk, as a whole, or so many screen px for each px of it. */
export type Shown = 'width' | 'page' | number

export const LEAST_ZOOM = 0.02
export const MOST_ZOOM = 8
/** Steps of a zoom by key or button. */
const STEPS = [0.02, 0.03, 0.05, 0.08, 0.125, 0.25, 0.33, 0.5, 0.67, 0.75, 1, 1.25, 1.5, 2, 3, 4, 6, 8]

/** The next step of zooming in (1) or out (-1). */
export function nextZoom(zoom: number, way: 1 | -1): number {
  const found =
    way === 1 ? STEPS.find((step) => step > zoom * 1.001) : STEPS.findLast((step) => step < zoom * 0.999)
  return found ?? (way === 1 ? MOST_ZOOM : LEAST_ZOOM)
}

/** The page as it is looked at: how large, and what of it is in view. */
export interface Camera {
  zoom: Ref<number>
  shown: Ref<Shown>
  /** what is in view, px of the page */
  view: Ref<Rect>
  /** @param at a point of the screen that keeps its place; the pointer or the middle without one */
  zoomTo: (shown: Shown, at?: { clientX: number; clientY: number }) => Promise<void>
  /** Brings a part of the page into view, as large as fits. */
  show: (part: Rect) => Promise<void>
  /** Brings a point of the page into the middle of the view. */
  centre: (point: { x: number; y: number }) => void
}

export const draftingCamera: InjectionKey<Camera> = Symbol('drafting camera')
