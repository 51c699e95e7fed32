/** A painted picture: red, green, blue and alpha in turns, 0 to 255; all opaque. */
export interface Pixels {
  width: number
  height: number
  data: ArrayLike<number>
}

/** The same in CIELAB (D65), a plane for each of its axes. */
export interface LabPlanes {
  width: number
  height: number
  l: Float32Array
  a: Float32Array
  b: Float32Array
}

/** D65 white of sRGB, XYZ. @see IEC 61966-2-1 */
const [XN, ZN] = [0.95047, 1.08883]
/** @see CIE 15:2018, 8.2.1: where the cube root gives way to a line */
const EPSILON = (6 / 29) ** 3
const lab = (share: number) => (share > EPSILON ? Math.cbrt(share) : share / (3 * (6 / 29) ** 2) + 4 / 29)

const LINEAR = Float64Array.from({ length: 256 }, (_, value) => {
  const channel = value / 255
  return channel <= 0.04045 ? channel / 12.92 : ((channel + 0.055) / 1.055) ** 2.4
})

/** Every pixel in CIELAB. */
export function labPlanes({ width, height, data }: Pixels): LabPlanes {
  const count = width * height
  const planes = { l: new Float32Array(count), a: new Float32Array(count), b: new Float32Array(count) }
  const known = new Map<number, [number, number, number]>()
  for (let index = 0; index < count; index++) {
    const [red, green, blue] = [data[index * 4], data[index * 4 + 1], data[index * 4 + 2]]
    const packed = (red << 16) | (green << 8) | blue
    let found = known.get(packed)
    if (!found) known.set(packed, (found = labOf(LINEAR[red], LINEAR[green], LINEAR[blue])))
    planes.l[index] = found[0]
    planes.a[index] = found[1]
    planes.b[index] = found[2]
  }
  return { width, height, ...planes }
}

function labOf(red: number, green: number, blue: number): [number, number, number] {
  const x = lab((0.4124564 * red + 0.3575761 * green + 0.1804375 * blue) / XN)
  const y = lab(0.2126729 * red + 0.7151522 * green + 0.072175 * blue)
  const z = lab((0.0193339 * red + 0.119192 * green + 0.9503041 * blue) / ZN)
  return [116 * y - 16, 500 * (x - y), 200 * (y - z)]
}
