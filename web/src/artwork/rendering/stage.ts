import { BoxHelper, Plane, Raycaster, Vector2, Vector3, WebGLRenderer, type Texture } from 'three'
import type { Triple } from '@nolvex/core/artwork/solids'
import type { View } from '@nolvex/core/artwork/view'
import type { ArtworkScene } from '@nolvex/core/resolve/artworkScene'
import { BuiltScene } from './builtScene'
import { mirrored } from './mirrored'

/** px shadows are cast by while one composes */
const SHADOWS = 1024
/** A picture is this much smaller each way while something moves. */
const COARSE = 0.5

/** The canvas one composes on: quick pictures of a scene, and what of it a pointer is at. */
export class Stage {
  private renderer: WebGLRenderer
  private built: BuiltScene | undefined
  private mirror: { texture: Texture; of: string } | undefined
  private raycaster = new Raycaster()
  private frame = 0
  private size = { width: 1, height: 1 }
  private isCoarse = false
  private outline: BoxHelper | undefined

  /** @throws Error where the browser has no WebGL */
  constructor(canvas: HTMLCanvasElement) {
    this.renderer = new WebGLRenderer({ canvas, antialias: true, preserveDrawingBuffer: true })
    this.renderer.shadowMap.enabled = true
  }

  show(scene: ArtworkScene, chosen: string | undefined) {
    this.built?.dispose()
    this.built = new BuiltScene(scene, this.mirrorOf(scene), SHADOWS)
    this.choose(chosen)
    this.draw()
  }

  /** Made anew only where what it shows is another. */
  private mirrorOf(scene: ArtworkScene): Texture | undefined {
    if (scene.solids.every(({ surface }) => surface === 'chalk' || surface === 'satin')) return undefined
    const of = [scene.sky, scene.ground, scene.lamp.turn, scene.lamp.strength, scene.ambience].join(' ')
    if (this.mirror?.of !== of) {
      this.mirror?.texture.dispose()
      this.mirror = { texture: mirrored(this.renderer, scene), of }
    }
    return this.mirror.texture
  }

  choose(id: string | undefined) {
    const mesh = id === undefined ? undefined : this.built?.solids.get(id)
    this.outline?.removeFromParent()
    this.outline?.dispose()
    this.outline = mesh && new BoxHelper(mesh, '#e8a33d')
    if (this.outline) this.built?.scene.add(this.outline)
    this.draw()
  }

  look(view: View, isMoving: boolean) {
    this.built?.look(view)
    this.draw(isMoving)
  }

  /** Moves a solid before that is kept. */
  move(id: string, at: Triple) {
    this.built?.move(id, at)
    this.outline?.update()
    this.draw(true)
  }

  resize(width: number, height: number) {
    this.size = { width: Math.max(1, width), height: Math.max(1, height) }
    this.draw()
  }

  /** The solid at a point, shares of the picture across and down, with where on it the point is. */
  at(x: number, y: number): { id: string; point: Triple } | undefined {
    if (!this.built) return undefined
    this.aim(x, y)
    const [hit] = this.raycaster.intersectObjects([...this.built.solids.values()], false)
    return hit && { id: String(hit.object.userData.id), point: hit.point.toArray() }
  }

  /** The point of a level plane that a point of the picture is at; nothing where that is above the horizon. */
  onLevel(x: number, y: number, height: number): Triple | undefined {
    this.aim(x, y)
    return this.raycaster.ray
      .intersectPlane(new Plane(new Vector3(0, 1, 0), -height), new Vector3())
      ?.toArray()
  }

  private aim(x: number, y: number) {
    if (this.built) this.raycaster.setFromCamera(new Vector2(2 * x - 1, 1 - 2 * y), this.built.camera)
  }

  private draw(isMoving = false) {
    this.isCoarse = isMoving
    if (this.frame) return
    this.frame = requestAnimationFrame(() => {
      this.frame = 0
      if (!this.built) return
      this.fit(this.isCoarse ? COARSE : 1)
      this.built.camera.aspect = this.size.width / this.size.height
      this.built.camera.updateProjectionMatrix()
      this.renderer.render(this.built.scene, this.built.camera)
    })
  }

  private fit(ratio: number) {
    const { width, height } = this.size
    const now = this.renderer.getSize(new Vector2())
    if (this.renderer.getPixelRatio() !== ratio) this.renderer.setPixelRatio(ratio)
    if (now.x !== width || now.y !== height) this.renderer.setSize(width, height, false)
  }

  dispose() {
    cancelAnimationFrame(this.frame)
    this.built?.dispose()
    this.mirror?.texture.dispose()
    this.renderer.dispose()
    this.renderer.forceContextLoss()
  }
}
