/** Browsers lay out in whole 64ths of a pixel, layout units. */
export const UNITS_PER_PX = 64

/** The most a length may be, layout units: 16.7 million px. Beyond, numbers would no longer be small integers. */
export const MOST_UNITS = 2 ** 30 - 1

/** Layout units in whole numbers: cut off towards zero, and at the most there are. */
export const wholeUnits = (units: number) => Math.max(-MOST_UNITS, Math.min(MOST_UNITS, units)) | 0

/** px in whole layout units, cut off towards zero. */
export const toUnits = (px: number) => wholeUnits(px * UNITS_PER_PX)
export const toPixels = (units: number) => units / UNITS_PER_PX

/** px rounded to whole layout units. */
export const floor64 = (px: number) => Math.floor(px * UNITS_PER_PX) / UNITS_PER_PX
export const ceil64 = (px: number) => Math.ceil(px * UNITS_PER_PX) / UNITS_PER_PX
