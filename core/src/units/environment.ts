import type { WrittenLength } from './length'

/**
 * What a page is laid out in.
 * Bands and vw count the scroll bar, layout does not. Enlarged text (`textZoom`, 1 to 3) multiplies the initial font.
 */
export interface Environment {
  /** px, with the scroll bar */
  viewportWidth: number
  /** px */
  viewportHeight: number
  /** px of the viewport's width the scroll bar takes */
  scrollBar: number
  /** px; the browser's font size before any style, usually 16 */
  initialFont: number
  textZoom: number
  /** font size of the root element, in % of the initial font */
  rootSize: number
  /** pixels of the screen to each px; 1 where it is not said */
  pixelRatio?: number
}

export const usualEnvironment: Environment = {
  viewportWidth: 1440,
  viewportHeight: 900,
  scrollBar: 0,
  initialFont: 16,
  textZoom: 1,
  rootSize: 100,
}

/** Font size of the root element, px: 62.5 % of 16 px is 10 px. */
export function rootFontSize({ initialFont, textZoom, rootSize }: Environment): number {
  return (initialFont * textZoom * rootSize) / 100
}

/** What font-relative lengths are measured by, px: size, height of the letter x and advance of the digit 0. */
export interface FontMeasures {
  size: number
  xHeight: number
  zeroAdvance: number
}

/** px of the absolute units: CSS Values and Units Level 4, section 6.2 (1in = 2.54cm = 96px). */
export const PX_PER: Record<'px' | 'pt' | 'pc' | 'in' | 'cm' | 'mm', number> = {
  px: 1,
  pt: 96 / 72,
  pc: 16,
  in: 96,
  cm: 96 / 2.54,
  mm: 96 / 25.4,
}

/**
 * A length in px.
 * @param percentOf px that 100 % stands for; a percentage without it is 0
 * @see CSS Values and Units Level 4, sections 6.1 and 6.2
 */
export function toPx(
  { value, unit }: WrittenLength,
  environment: Environment,
  font: FontMeasures,
  percentOf = 0,
): number {
  switch (unit) {
    case 'em':
      return value * font.size
    case 'rem':
      return value * rootFontSize(environment)
    case 'ex':
      return value * font.xHeight
    case 'ch':
      return value * font.zeroAdvance
    case '%':
      return (value * percentOf) / 100
    case 'vw':
      return (value * environment.viewportWidth) / 100
    case 'vh':
      return (value * environment.viewportHeight) / 100
    default:
      return value * PX_PER[unit]
  }
}

/** A px value written in another unit, the inverse of `toPx`. A unit that measures nothing here gives 0. */
export function fromPx(
  pixels: number,
  unit: WrittenLength['unit'],
  environment: Environment,
  font: FontMeasures,
  percentOf = 0,
): WrittenLength {
  const one = toPx({ value: 1, unit }, environment, font, percentOf)
  return { value: one === 0 ? 0 : pixels / one, unit }
}
