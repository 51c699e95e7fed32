import type { Group, Mark } from '../../vector/mark'
import { faded, glow, line, mixed, shape } from './scene'
import type { SceneColours } from '../../resolve/sceneColours'

interface VesselOptions {
  /** px of its water line's left end */
  x: number
  y: number
  /** 1: 210 px long */
  size: number
  colours: SceneColours
  light: string
  /** whether its windows are lit */
  isLit: boolean
}

/** A small passenger ferry seen from the side, with its reflection. */
export function vessel({ x, y, size, colours, light, isLit }: VesselOptions): Mark[] {
  const { main, second, ground, ink } = colours
  const hull = mixed(main, ink, 0.55)
  const white = mixed(ground, '#ffffff', 0.6)
  const glass = isLit ? mixed(light, second, 0.1) : mixed(main, ink, 0.3)
  const windows = [66, 80, 94, 108, 122, 136].map((at) => `M${at} -23h9v8h-9Z`).join('')
  const body: Mark[] = [
    shape('M0 -14L8 0H190C200 -4 206 -12 210 -22L30 -18Z', hull),
    shape('M2 -11L4 -8H202L205 -12Z', second),
    shape('M44 -18L48 -34H158L168 -20Z', white),
    shape('M78 -34L82 -50H126L132 -34Z', white),
    shape('M84 -47h10v9h-10ZM98 -47h10v9h-10ZM112 -47h9v9h-9Z', glass),
    shape(windows, glass),
    shape('M140 -34L144 -56H156L158 -34Z', second),
    shape('M144 -56h12v5h-12Z', ink),
    line('M104 -50V-74M104 -70L44 -30M104 -70L164 -32', mixed(ink, ground, 0.35), 0.9),
    shape('M104 -74h9v6h-9Z', second),
  ]
  const group = (marks: Mark[], transform: Group['transform']): Group => ({ type: 'group', transform, marks })
  const wake = line('M-34 3Q40 8 214 3M-18 7Q70 11 196 7', mixed(light, '#ffffff', 0.6), 1.4, 0.55)
  return [
    faded(0.26, [group(body, [size, 0, 0, -size * 0.7, x, y])]),
    group(body, [size, 0, 0, size, x, y]),
    group([wake], [size, 0, 0, size, x, y]),
    ...(isLit ? [glow(x + 104 * size, y - 72 * size, 26 * size, light, 0.8)] : []),
  ]
}
