import FFT from 'fft.js'
import type { LabPlanes } from './pixels'

/** px a side of the picture whose spectrum is taken; 128 found more of what designers expected than 64 or 256 */
const SIDE = 128
/** px of the standard deviation by which the map is smoothed: 2.5 at 64 px */
const SMOOTH = 5
/** share of the mean amplitude that stands for frequencies a drawing has not */
const FLOOR = 0.01

/** How much each place of a picture stands out, 0 to 1, row by row, `side` a row; stretched over the picture. */
export interface SaliencyMap {
  side: number
  values: Float32Array
}

/**
 * What stands out of a picture by its spectrum alone: what its logarithm has that its neighbourhood does not foretell.
 * It knows nothing of blocks and words.
 * @see X. Hou and L. Zhang, Saliency detection: a spectral residual approach, CVPR 2007, equations 1 to 5; a map for each
 * axis of Lab, added
 */
export function spectralResidual(planes: LabPlanes): SaliencyMap {
  const values = new Float32Array(SIDE * SIDE)
  for (const plane of [planes.l, planes.a, planes.b]) {
    const map = residualOf(shrunk(plane, planes.width, planes.height))
    map.forEach((value, at) => (values[at] += value))
  }
  const smooth = smoothed(values)
  const most = smooth.reduce((highest, value) => Math.max(highest, value), 0)
  return { side: SIDE, values: most > 0 ? smooth.map((value) => value / most) : smooth }
}

/** A plane as a square, each of its pixels the mean of what it covers. */
function shrunk(plane: Float32Array, width: number, height: number): Float64Array {
  const square = new Float64Array(SIDE * SIDE)
  const edges = (index: number, length: number): [number, number] => {
    const from = Math.floor((index * length) / SIDE)
    return [from, Math.max(from + 1, Math.floor(((index + 1) * length) / SIDE))]
  }
  for (let y = 0; y < SIDE; y++) {
    const [top, bottom] = edges(y, height)
    for (let x = 0; x < SIDE; x++) {
      const [left, right] = edges(x, width)
      let sum = 0
      for (let row = top; row < bottom; row++)
        for (let at = left; at < right; at++) sum += plane[row * width + at]
      square[y * SIDE + x] = sum / ((bottom - top) * (right - left))
    }
  }
  return square
}

/**
 * |F⁻¹(exp(R + iP))|², R the residual of the logarithm of the amplitudes, P the phases. Drawings, unlike photographs, have
 * many frequencies not at all: a hundredth of the mean amplitude stands for them, so that their rounding is not enlarged.
 * The mean of the plane is left out: where all is alike nothing stands out.
 */
function residualOf(plane: Float64Array): Float64Array {
  const spectrum = transformed(plane)
  const amplitudes = spectrum.re.map((value, at) => Math.hypot(value, spectrum.im[at]))
  const floor = FLOOR * (amplitudes.reduce((sum, value) => sum + value, 0) / amplitudes.length) || 1
  const logs = amplitudes.map((value) => Math.log(value + floor))
  const foretold = meanOfNine(logs)
  for (let at = 0; at < logs.length; at++) {
    const times = at === 0 ? 0 : Math.exp(logs[at] - foretold[at]) / (amplitudes[at] + floor)
    spectrum.re[at] *= times
    spectrum.im[at] *= times
  }
  const { re, im } = transformed(spectrum.re, spectrum.im, true)
  return re.map((value, at) => value * value + im[at] * im[at])
}

interface Complex {
  re: Float64Array
  im: Float64Array
}

/** The Fourier transform of a square, or its inverse: of each row, then of each column. */
function transformed(re: Float64Array, im?: Float64Array, isInverse = false): Complex {
  const fft = new FFT(SIDE)
  const out = { re: Float64Array.from(re), im: im ? Float64Array.from(im) : new Float64Array(re.length) }
  const line = fft.createComplexArray()
  const result = fft.createComplexArray()
  const along = (at: (step: number) => number) => {
    for (let step = 0; step < SIDE; step++) {
      line[2 * step] = out.re[at(step)]
      line[2 * step + 1] = out.im[at(step)]
    }
    if (isInverse) fft.inverseTransform(result, line)
    else fft.transform(result, line)
    for (let step = 0; step < SIDE; step++) {
      out.re[at(step)] = result[2 * step]
      out.im[at(step)] = result[2 * step + 1]
    }
  }
  for (let row = 0; row < SIDE; row++) along((step) => row * SIDE + step)
  for (let column = 0; column < SIDE; column++) along((step) => step * SIDE + column)
  return out
}

/** The mean of each value and its eight neighbours; a spectrum goes round at its edges. */
function meanOfNine(values: Float64Array): Float64Array {
  const mean = new Float64Array(values.length)
  const round = (index: number) => (index + SIDE) % SIDE
  for (let y = 0; y < SIDE; y++)
    for (let x = 0; x < SIDE; x++) {
      let sum = 0
      for (let dy = -1; dy <= 1; dy++)
        for (let dx = -1; dx <= 1; dx++) sum += values[round(y + dy) * SIDE + round(x + dx)]
      mean[y * SIDE + x] = sum / 9
    }
  return mean
}

/** Smoothed by a Gaussian, along rows and then along columns; what lies outside counts as the edge. */
function smoothed(values: Float32Array): Float32Array {
  const reach = 3 * SMOOTH
  const kernel = Array.from({ length: 2 * reach + 1 }, (_, at) =>
    Math.exp(-((at - reach) ** 2) / (2 * SMOOTH ** 2)),
  )
  const whole = kernel.reduce((sum, value) => sum + value, 0)
  const inside = (index: number) => Math.min(SIDE - 1, Math.max(0, index))
  const along = (from: Float32Array, place: (line: number, step: number) => number) => {
    const to = new Float32Array(from.length)
    for (let line = 0; line < SIDE; line++)
      for (let step = 0; step < SIDE; step++) {
        let sum = 0
        for (let by = -reach; by <= reach; by++)
          sum += kernel[by + reach] * from[place(line, inside(step + by))]
        to[place(line, step)] = sum / whole
      }
    return to
  }
  const rows = along(values, (line, step) => line * SIDE + step)
  return along(rows, (line, step) => step * SIDE + line)
}
