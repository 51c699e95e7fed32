/**
 * Whether text is so large that less contrast is enough.
 * @param size px @param weight 100 to 900
 * @see WCAG 2.2, large scale: 18 pt, or 14 pt bold
 */
export const isLargeText = (size: number, weight: number): boolean =>
  size >= 24 || (weight >= 700 && size >= 56 / 3)
