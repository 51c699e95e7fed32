import type { Picture } from '../../vector/mark'
import { seededNumbers } from '../handStrokes'
import { aerial } from './aerial'
import { coast, harbour } from './coast'
import { pattern } from './pattern'
import { portrait } from './portrait'
import type { SceneColours } from '../../resolve/sceneColours'
import type { Scene } from './scene'

/** The kinds of picture that can be made up. A new kind is a function that draws it and one line here. */
export const SCENES = {
  coast: { label: 'coast and isles', draw: coast },
  harbour: { label: 'harbour', draw: harbour },
  aerial: { label: 'isle from above', draw: aerial },
  portrait: { label: 'somebody', draw: portrait },
  pattern: { label: 'pattern', draw: pattern },
} satisfies Record<string, Scene>
export type SceneName = keyof typeof SCENES

/** A picture made up in a guide's colours: the same seed gives the same picture. */
export function scenePicture(
  name: SceneName,
  { seed, width, height, colours }: { seed: number; width: number; height: number; colours: SceneColours },
): Picture {
  const marks = SCENES[name].draw({ width, height, colours, random: seededNumbers(seed) })
  const clip = { type: 'rect' as const, x: 0, y: 0, width, height }
  return {
    ...{ width, height, unit: 'px', title: `${SCENES[name].label} ${seed}`, ground: colours.ground },
    marks: [{ type: 'group', clip, marks }],
  }
}
