/** A solid the shelf of the composer offers. Each fits a cube of 1 by 1 by 1 that stands on the ground. */
export const SOLIDS = {
  cube: 'Block',
  slab: 'Rounded block',
  ball: 'Ball',
  dome: 'Dome',
  drum: 'Drum',
  pipe: 'Pipe',
  cone: 'Cone',
  ring: 'Ring',
  arch: 'Arch',
  stairs: 'Stairs',
  wedge: 'Wedge',
  waves: 'Waves',
} as const
export type SolidName = keyof typeof SOLIDS
export const SOLID_NAMES = Object.keys(SOLIDS) as [SolidName, ...SolidName[]]

/** How a solid throws back light. */
export const SURFACES = {
  chalk: { label: 'chalk', roughness: 1, metalness: 0, opacity: 1 },
  satin: { label: 'satin', roughness: 0.5, metalness: 0, opacity: 1 },
  lacquer: { label: 'lacquer', roughness: 0.12, metalness: 0, opacity: 1 },
  metal: { label: 'metal', roughness: 0.28, metalness: 1, opacity: 1 },
  glass: { label: 'glass', roughness: 0.05, metalness: 0, opacity: 0.35 },
} as const
export type SurfaceName = keyof typeof SURFACES
export const SURFACE_NAMES = Object.keys(SURFACES) as [SurfaceName, ...SurfaceName[]]

/** Along, up and towards the eye, units of the scene. */
export type Triple = [x: number, y: number, z: number]
/** Corners of triangles, three numbers each, one triangle after another, their fronts outside. */
export type Triangles = Triple[]

/**
 * Stairs in the cube the solids fit, rising away from the eye.
 * @param count of steps
 */
export function stairTriangles(count: number): Triangles {
  const outline: [z: number, y: number][] = [[0.5, 0]]
  for (let step = 0; step < count; step++) {
    const z = 0.5 - step / count
    outline.push([z, (step + 1) / count], [z - 1 / count, (step + 1) / count])
  }
  outline.push([-0.5, 0])
  return extruded(outline, stepSides(count))
}

/** A wedge in the cube the solids fit, rising away from the eye. */
export const wedgeTriangles = (): Triangles =>
  extruded(
    [
      [0.5, 0],
      [-0.5, 1],
      [-0.5, 0],
    ],
    [
      [
        [0.5, 0],
        [-0.5, 1],
        [-0.5, 0],
      ],
    ],
  )

type Point = [z: number, y: number]

/** The triangles a stair's side is made of: two for each step, down to the ground. */
function stepSides(count: number): [Point, Point, Point][] {
  return Array.from({ length: count }, (_, step): [Point, Point, Point][] => {
    const [front, back, top] = [0.5 - step / count, 0.5 - (step + 1) / count, (step + 1) / count]
    return [
      [
        [front, 0],
        [front, top],
        [back, top],
      ],
      [
        [front, 0],
        [back, top],
        [back, 0],
      ],
    ]
  }).flat()
}

/** An outline drawn across from left to right, closed with its sides. @param outline from the front, over the top */
function extruded(outline: Point[], sides: [Point, Point, Point][]): Triangles {
  const at = (x: number, [z, y]: Point): Triple => [x, y, z]
  const around = outline.flatMap((from, index): Triangles => {
    const to = outline[(index + 1) % outline.length]
    const [a, b, c, d] = [at(-0.5, from), at(0.5, from), at(0.5, to), at(-0.5, to)]
    return [a, b, c, a, c, d]
  })
  const right = sides.flatMap(([a, b, c]): Triangles => [at(0.5, a), at(0.5, c), at(0.5, b)])
  const left = sides.flatMap(([a, b, c]): Triangles => [at(-0.5, a), at(-0.5, b), at(-0.5, c)])
  return [...around, ...right, ...left]
}
