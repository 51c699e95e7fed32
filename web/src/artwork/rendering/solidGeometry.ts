import {
  BoxGeometry,
  BufferGeometry,
  CircleGeometry,
  ConeGeometry,
  CylinderGeometry,
  ExtrudeGeometry,
  Float32BufferAttribute,
  LatheGeometry,
  PlaneGeometry,
  Shape,
  SphereGeometry,
  TorusGeometry,
  Vector2,
} from 'three'
import { RoundedBoxGeometry } from 'three/addons/geometries/RoundedBoxGeometry.js'
import { mergeGeometries } from 'three/addons/utils/BufferGeometryUtils.js'
import {
  stairTriangles,
  wedgeTriangles,
  type SolidName,
  type Triangles,
  type Triple,
} from '@nolvex/core/artwork/solids'

/** Parts round things are made of. */
const ROUND = 72
const STEPS = 6
/** Of the radius of a pipe and an arch, so much is open. */
const BORE = 0.68
const HALF = 0.5

/** The surface of a solid that measures 1 along each axis and stands on the ground. @param size it is stretched to */
const makers: Record<SolidName, (size: Triple) => BufferGeometry> = {
  cube: () => new BoxGeometry(1, 1, 1).translate(0, HALF, 0),
  slab: rounded,
  ball: () => new SphereGeometry(HALF, ROUND, ROUND / 2).translate(0, HALF, 0),
  dome: () => {
    const shell = new SphereGeometry(HALF, ROUND, ROUND / 4, 0, 2 * Math.PI, 0, Math.PI / 2)
    const foot = new CircleGeometry(HALF, ROUND).rotateX(Math.PI / 2)
    return mergeGeometries([shell.scale(1, 2, 1), foot])
  },
  drum: () => new CylinderGeometry(HALF, HALF, 1, ROUND).translate(0, HALF, 0),
  pipe: () => {
    const [inner, outer] = [HALF * BORE, HALF]
    const outline = [
      [inner, 0],
      [outer, 0],
      [outer, 1],
      [inner, 1],
      [inner, 0],
    ]
    return new LatheGeometry(
      outline.map(([x, y]) => new Vector2(x, y)),
      ROUND,
    )
  },
  cone: () => new ConeGeometry(HALF, 1, ROUND).translate(0, HALF, 0),
  ring: () => new TorusGeometry(0.38, 0.12, ROUND / 3, ROUND).scale(1, 1, 2).translate(0, HALF, 0),
  arch: () => {
    const outline = new Shape()
    outline.moveTo(-HALF, 0)
    outline.lineTo(-HALF, HALF)
    outline.absarc(0, HALF, HALF, Math.PI, 0, true)
    outline.lineTo(HALF, 0)
    outline.lineTo(HALF * BORE, 0)
    outline.lineTo(HALF * BORE, HALF)
    outline.absarc(0, HALF, HALF * BORE, 0, Math.PI, false)
    outline.lineTo(-HALF * BORE, 0)
    outline.closePath()
    return new ExtrudeGeometry(outline, {
      depth: 1,
      bevelEnabled: false,
      curveSegments: ROUND / 2,
    }).translate(0, 0, -HALF)
  },
  stairs: () => ofTriangles(stairTriangles(STEPS)),
  wedge: () => ofTriangles(wedgeTriangles()),
  waves,
}

/** The surface of a solid at its size, the middle of its foot at nothing. */
export function solidGeometry(solid: SolidName, size: Triple): BufferGeometry {
  const made = makers[solid](size)
  return solid === 'slab' ? made : made.scale(...size)
}

/** Edges keep their roundness however it is stretched. */
function rounded([x, y, z]: Triple): BufferGeometry {
  const radius = 0.16 * Math.min(x, y, z)
  return new RoundedBoxGeometry(x, y, z, 8, radius).translate(0, y / 2, 0)
}

/** A sheet of water: swells of several lengths over one another. */
function waves(): BufferGeometry {
  const sheet = new PlaneGeometry(1, 1, 160, 160).rotateX(-Math.PI / 2)
  const points = sheet.getAttribute('position')
  const swells: [across: number, along: number, share: number][] = [
    [3, 1.2, 0.5],
    [1.4, 4.1, 0.3],
    [-5.3, 6.7, 0.2],
  ]
  for (let index = 0; index < points.count; index++) {
    const [x, z] = [points.getX(index), points.getZ(index)]
    const heights = swells.map(
      ([across, along, share]) => share * (HALF + HALF * Math.sin(2 * Math.PI * (across * x + along * z))),
    )
    points.setY(
      index,
      heights.reduce((sum, height) => sum + height, 0),
    )
  }
  sheet.computeVertexNormals()
  return sheet
}

function ofTriangles(triangles: Triangles): BufferGeometry {
  const geometry = new BufferGeometry()
  geometry.setAttribute('position', new Float32BufferAttribute(triangles.flat(), 3))
  geometry.computeVertexNormals()
  return geometry
}
