import type { Frame } from './mark'

type Corners = [number, number, number, number]

/**
 * Radii as they fit a rectangle: all made smaller alike where two meet on a side.
 * @see CSS Backgrounds and Borders 3, section 5.5
 */
export function fittedRadii({ width, height }: Frame, radii: Corners): Corners {
  const [topLeft, topRight, bottomRight, bottomLeft] = radii
  const fits = [
    width / (topLeft + topRight),
    width / (bottomLeft + bottomRight),
    height / (topLeft + bottomLeft),
    height / (topRight + bottomRight),
  ]
  const scale = Math.min(1, ...fits.filter(Number.isFinite))
  return radii.map((radius) => radius * scale) as Corners
}

/** A rectangle with round corners as SVG path data, clockwise from the top left; radii are fitted. */
export function roundedRectPath(frame: Frame, radii: Corners): string {
  const { x, y, width, height } = frame
  const [topLeft, topRight, bottomRight, bottomLeft] = fittedRadii(frame, radii)
  const arc = (radius: number, toX: number, toY: number) =>
    radius > 0 ? `A${radius} ${radius} 0 0 1 ${toX} ${toY}` : ''
  return [
    `M${x + topLeft} ${y}H${x + width - topRight}`,
    arc(topRight, x + width, y + topRight),
    `V${y + height - bottomRight}`,
    arc(bottomRight, x + width - bottomRight, y + height),
    `H${x + bottomLeft}`,
    arc(bottomLeft, x, y + height - bottomLeft),
    `V${y + topLeft}`,
    arc(topLeft, x + topLeft, y),
    'Z',
  ].join('')
}

/** The radii of the inner edge of a border. @param widths of its sides: top, right, bottom, left */
export function innerRadii(radii: Corners, [top, right, bottom, left]: Corners): Corners {
  const [topLeft, topRight, bottomRight, bottomLeft] = radii
  return [
    Math.max(0, topLeft - Math.max(top, left)),
    Math.max(0, topRight - Math.max(top, right)),
    Math.max(0, bottomRight - Math.max(bottom, right)),
    Math.max(0, bottomLeft - Math.max(bottom, left)),
  ]
}

/**
 * The radii of a rectangle grown by so much on all sides, or made smaller where that is negative; square corners stay so.
 * @see CSS Backgrounds 4, shadow shape
 */
export function spreadRadii({ width, height }: Frame, radii: Corners, by: number): Corners {
  return radii.map((radius) => {
    if (by <= 0) return Math.max(0, radius + by)
    const coverage = 2 * Math.min(radius / width, radius / height)
    if (radius === 0 || radius > by || coverage > 1) return radius === 0 ? 0 : radius + by
    return radius + by * (1 - (1 - radius / by) ** 3 * (1 - coverage ** 3))
  }) as Corners
}
