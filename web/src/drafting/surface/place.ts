import type { Rect } from '@nolvex/core/snap/rect'

/** Where a rectangle of the page stands on the surface, as CSS. */
export const placeAt = ({ x, y, w, h }: Rect, zoom: number) => ({
  left: `${x * zoom}px`,
  top: `${y * zoom}px`,
  width: `${w * zoom}px`,
  height: `${h * zoom}px`,
})
