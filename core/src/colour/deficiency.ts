import { converter } from 'culori'
import { alphaOf, hexOf, opaque, withAlpha } from './spaces'

/** Kinds of colour vision, by the cones that do not see; the last sees no colours at all. */
export const DEFICIENCIES = ['protan', 'deutan', 'tritan', 'achromat'] as const
export type Deficiency = (typeof DEFICIENCIES)[number]

type Row = [number, number, number]
type Matrix = [Row, Row, Row]

/** What linear red, green and blue come to, of those who lack the cones of a kind. */
export const DEFICIENCY_MATRICES: Record<Deficiency, Matrix> = {
  protan: [
    [0.152286, 1.052583, -0.204868],
    [0.114503, 0.786281, 0.099216],
    [-0.003882, -0.048116, 1.051998],
  ],
  deutan: [
    [0.367322, 0.860646, -0.227968],
    [0.280085, 0.672501, 0.047413],
    [-0.01182, 0.04294, 0.968881],
  ],
  tritan: [
    [1.255528, -0.076749, -0.178779],
    [-0.078411, 0.930809, 0.147602],
    [0.004733, 0.691367, 0.3039],
  ],
  // Luminance alone.
  achromat: [
    [0.2126, 0.7152, 0.0722],
    [0.2126, 0.7152, 0.0722],
    [0.2126, 0.7152, 0.0722],
  ],
}

const toLinear = converter('lrgb')
const toSrgb = converter('rgb')

/**
 * A colour as people with a colour-vision deficiency see it.
 * @see Machado, Oliveira and Fernandes, A Physiologically-based Model for Simulation of Color Vision Deficiency, 2009,
 * matrices of severity 1 for linear RGB
 */
export function simulateDeficiency(hex: string, kind: Deficiency): string {
  const { r, g, b } = toLinear(opaque(hex)) as { r: number; g: number; b: number }
  const [red, green, blue] = DEFICIENCY_MATRICES[kind].map(([x, y, z]) => cut(x * r + y * g + z * b))
  const seen = toSrgb({ mode: 'lrgb', r: red, g: green, b: blue })
  return withAlpha(hexOf(seen), alphaOf(hex))
}

const cut = (channel: number) => Math.min(1, Math.max(0, channel))
