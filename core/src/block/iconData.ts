import { z } from 'zod'
import { leaf } from '../document/leafTable'
import type { ShownIcon } from './primitive'

const path = z
  .string()
  .max(2000)
  .regex(/^[MmLlHhVvCcSsQqTtAaZz\d\s.,+-]*$/, 'is no path')

/** An icon as a block keeps it: its name in the icon package, and its lines, so that a drawing needs no package. */
export const iconSchema = leaf(z.strictObject({ name: z.string().max(60), paths: z.array(path).max(40) }))

export type IconData = z.infer<typeof iconSchema>

/** A shape of an icon as icon packages give them: an element with its attributes. */
export type IconShape = readonly [tag: string, attributes: Record<string, string | number | undefined>]

/** An icon from the shapes of a package, drawn in a square of 24: each as a path. */
export function iconFrom(name: string, shapes: readonly IconShape[]): IconData {
  return { name, paths: shapes.map(([tag, attributes]) => pathOf(tag, attributes)).filter(Boolean) }
}

/** The lines of an icon as a part shows them. */
export const shownIcon = ({ paths }: IconData, alt?: string): ShownIcon => ({ paths, alt })

/** @see SVG 2, chapter 10: the path each basic shape is equivalent to */
function pathOf(tag: string, attributes: IconShape[1]): string {
  const number = (name: string) => Number(attributes[name] ?? 0)
  switch (tag) {
    case 'path':
      return String(attributes.d ?? '')
    case 'line':
      return `M${number('x1')} ${number('y1')}L${number('x2')} ${number('y2')}`
    case 'circle':
      return ellipse(number('cx'), number('cy'), number('r'), number('r'))
    case 'ellipse':
      return ellipse(number('cx'), number('cy'), number('rx'), number('ry'))
    case 'rect':
      return rectangle(number('x'), number('y'), number('width'), number('height'), number('rx'))
    case 'polyline':
    case 'polygon': {
      const points = String(attributes.points ?? '')
        .trim()
        .replace(/\s+/g, 'L')
      return points && `M${points}${tag === 'polygon' ? 'Z' : ''}`
    }
    default:
      return ''
  }
}

const ellipse = (x: number, y: number, rx: number, ry: number) =>
  `M${x - rx} ${y}A${rx} ${ry} 0 1 0 ${x + rx} ${y}A${rx} ${ry} 0 1 0 ${x - rx} ${y}Z`

function rectangle(x: number, y: number, w: number, h: number, r: number): string {
  if (r === 0) return `M${x} ${y}H${x + w}V${y + h}H${x}Z`
  const corner = (dx: number, dy: number) => `a${r} ${r} 0 0 1 ${dx} ${dy}`
  const [across, down] = [w - 2 * r, h - 2 * r]
  const top = `M${x + r} ${y}h${across}${corner(r, r)}v${down}`
  return `${top}${corner(-r, r)}h${-across}${corner(-r, -r)}v${-down}${corner(r, -r)}Z`
}
