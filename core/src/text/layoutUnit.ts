/** Browsers lay out in whole 64ths of a pixel; these round px to them. */
export const floor64 = (px: number) => Math.floor(px * 64) / 64
export const ceil64 = (px: number) => Math.ceil(px * 64) / 64
export const round64 = (px: number) => Math.round(px * 64) / 64
export const trunc64 = (px: number) => Math.trunc(px * 64) / 64
