import {
  CircleGeometry,
  Color,
  DirectionalLight,
  DoubleSide,
  Euler,
  Fog,
  FrontSide,
  HemisphereLight,
  MathUtils,
  Mesh,
  MeshLambertMaterial,
  MeshStandardMaterial,
  PerspectiveCamera,
  Scene,
  Sphere,
  Box3,
  Vector3,
  type Material,
  type Texture,
} from 'three'
import { SURFACES, type Triple } from '@nolvex/core/artwork/solids'
import { direction, eyeOf, type View } from '@nolvex/core/artwork/view'
import type { ArtworkScene, SceneSolid } from '@nolvex/core/resolve/artworkScene'
import { solidGeometry } from './solidGeometry'

/** How much light an even sky of brightness 1 gives, and how much of it the ground gives back. */
const SKY = 0.55
const GIVEN_BACK = 0.4
/** A lamp of strength 1. */
const LAMP = 1.15
/** Degrees the picture takes in up and down. */
const OPENING = 30
const GROUND_RADIUS = 400
/** From where to where the ground goes over into the sky, by how far away the eye is. */
const HAZE = { from: 1.6, to: 5 }
/** A reflection of this strength is seen in what shines. */
const SHINE = 0.6
/** Less rough than this, a surface mirrors what is around it. */
const SHINY = 0.4

/** Lights as they are set for one picture. */
export interface Lit {
  lamp: Triple
  /** the one place of the sky that gives light; without it, all of it does, and casts no shadows */
  sky?: Triple
}

/** A scene as the renderer has it, and what is moved from picture to picture. */
export class BuiltScene {
  readonly scene = new Scene()
  readonly camera = new PerspectiveCamera(OPENING, 1, 0.05, 2000)
  readonly solids = new Map<string, Mesh>()
  private lamp = new DirectionalLight()
  private spot = new DirectionalLight()
  private sky = new HemisphereLight()
  private all = new Sphere(new Vector3(), 1)
  /** light of the whole sky on a surface that looks up */
  private even: number

  /** @param mirrored what shiny surfaces show @param shadows px of the maps shadows are cast by */
  constructor(source: ArtworkScene, mirrored: Texture | undefined, shadows: number) {
    const { sky, ground, lamp, ambience, width, height } = source
    this.even = SKY * ambience * Math.PI
    this.camera.aspect = width / height
    this.scene.background = new Color(sky)
    if (ground !== undefined) this.layGround(ground, sky)
    for (const solid of source.solids) this.put(solid, mirrored)
    this.measure()
    this.lamp.intensity = lamp.strength * LAMP
    for (const light of [this.lamp, this.spot]) this.castShadows(light, shadows)
    this.sky.intensity = this.even
    this.sky.groundColor.set(ground ?? sky).multiplyScalar(GIVEN_BACK)
    this.scene.add(this.sky)
    this.look(source.view)
    this.light({ lamp: direction(lamp.turn, lamp.tilt) })
  }

  private layGround(ground: string, sky: string) {
    const plane = new Mesh(
      new CircleGeometry(GROUND_RADIUS, 64).rotateX(-Math.PI / 2),
      new MeshLambertMaterial({ color: ground }),
    )
    plane.receiveShadow = true
    this.scene.add(plane)
    // Far away the ground goes over into the sky, as in a studio.
    this.scene.fog = new Fog(sky)
  }

  private put({ id, solid, at, turn, size, hex, surface }: SceneSolid, mirrored: Texture | undefined) {
    const { roughness, metalness, opacity } = SURFACES[surface]
    const isOpen = solid === 'waves' || solid === 'pipe' || opacity < 1
    const side = isOpen ? DoubleSide : FrontSide
    // Chalk gives back light alike to all sides, and mirrors nothing.
    const material =
      roughness === 1
        ? new MeshLambertMaterial({ color: hex, side })
        : new MeshStandardMaterial({
            ...{ color: hex, side, roughness, metalness, opacity, transparent: opacity < 1 },
            ...(roughness < SHINY && mirrored && { envMap: mirrored, envMapIntensity: SHINE }),
          })
    const mesh = new Mesh(solidGeometry(solid, size), material)
    // Water only takes shadows; they are the sharper the less they have to cover.
    mesh.castShadow = solid !== 'waves'
    mesh.receiveShadow = true
    mesh.userData.id = id
    this.place(mesh, at, turn)
    this.solids.set(id, mesh)
    this.scene.add(mesh)
  }

  private place(mesh: Mesh, at: Triple, turn: Triple) {
    mesh.position.set(...at)
    mesh.setRotationFromEuler(new Euler(...(turn.map(MathUtils.degToRad) as Triple), 'YXZ'))
  }

  /** What lights have to cast shadows over. */
  private measure() {
    this.all = sphereOf([...this.solids.values()].filter(({ castShadow }) => castShadow))
  }

  /** Moves a solid before that is kept. */
  move(id: string, at: Triple) {
    this.solids.get(id)?.position.set(...at)
    this.measure()
  }

  look(view: View) {
    this.camera.position.set(...eyeOf(view))
    this.camera.lookAt(...view.at)
    this.camera.updateProjectionMatrix()
    if (this.scene.fog instanceof Fog) {
      this.scene.fog.near = HAZE.from * view.distance
      this.scene.fog.far = HAZE.to * view.distance
    }
  }

  /** Sets the lights for one picture; each casts shadows over all there is. */
  light({ lamp, sky }: Lit) {
    this.aim(this.lamp, lamp)
    this.spot.visible = sky !== undefined
    if (sky) this.aim(this.spot, sky)
    // One place stands for the whole sky: over all of them the light is the same, with the shade of what is in its way.
    this.spot.intensity = 2 * this.even
    this.sky.color.set(sky ? '#000' : '#fff')
  }

  private aim(light: DirectionalLight, from: Triple) {
    const { center, radius } = this.all
    light.position.copy(center).addScaledVector(new Vector3(...from), 3 * radius)
    light.target.position.copy(center)
    light.target.updateMatrixWorld()
    const { camera } = light.shadow
    Object.assign(camera, {
      left: -radius,
      right: radius,
      top: radius,
      bottom: -radius,
      near: radius,
      far: 12 * radius,
    })
    camera.updateProjectionMatrix()
  }

  private castShadows(light: DirectionalLight, px: number) {
    light.castShadow = px > 0
    light.shadow.mapSize.set(px, px)
    light.shadow.bias = -0.0003
    light.shadow.normalBias = 0.004
    light.shadow.radius = 2
    this.scene.add(light, light.target)
  }

  dispose() {
    this.scene.traverse((one) => {
      if (!(one instanceof Mesh)) return
      one.geometry.dispose()
      ;(one.material as Material).dispose()
    })
    for (const light of [this.lamp, this.spot]) light.dispose()
  }
}

/** What all solids fit into; at least as large as one of them. */
function sphereOf(meshes: Mesh[]): Sphere {
  const box = new Box3()
  for (const mesh of meshes) box.expandByObject(mesh)
  if (box.isEmpty()) return new Sphere(new Vector3(), 1)
  const sphere = box.getBoundingSphere(new Sphere())
  sphere.radius = Math.max(1, sphere.radius * 1.05)
  return sphere
}
