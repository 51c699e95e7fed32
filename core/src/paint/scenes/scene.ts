import { hexOf, oklabOf, srgbOfOklab } from '../../colour/spaces'
import type { SceneColours } from '../../resolve/sceneColours'
import { pathMark, type Frame, type Group, type Mark, type Paint, type Stop } from '../../vector/mark'

/** What a scene is drawn with: its room, its colours, and numbers that follow from its seed. */
export interface Easel {
  width: number
  height: number
  colours: SceneColours
  random: () => number
}

/** A kind of picture: what it is called and how it is drawn. */
export interface Scene {
  label: string
  draw: (easel: Easel) => Mark[]
}

/** A colour between two others, mixed as eyes see them. @param share 0 the first, 1 the second */
export function mixed(from: string, to: string, share: number): string {
  const [a, b] = [oklabOf(from), oklabOf(to)]
  const at = (low: number, high: number) => low + (high - low) * share
  const within = (channel: number) => Math.min(1, Math.max(0, channel))
  const { r, g, b: blue } = srgbOfOklab({ l: at(a.l, b.l), a: at(a.a, b.a), b: at(a.b, b.b) })
  return hexOf({ r: within(r), g: within(g), b: within(blue) })
}

/** A number between two. */
export const between = (random: () => number, least: number, most: number): number =>
  least + (most - least) * random()

export const shape = (d: string, fill: Paint): Mark => ({ type: 'shape', outline: { type: 'path', d }, fill })

export const faded = (opacity: number, marks: Mark[]): Group => ({ type: 'group', opacity, marks })

/** Marks out of focus. @param around px, all they may reach */
export const blurred = (deviation: number, around: Frame, marks: Mark[]): Group => ({
  type: 'group',
  filter: { steps: [{ type: 'blur', deviation }], region: around },
  marks,
})

/** Colours from the top of a frame to its foot. */
export const downwards = ({ x, y, height }: Frame, stops: Stop[]): Paint => ({
  type: 'linear',
  from: { x, y },
  to: { x, y: y + height },
  stops,
})

/** A light that fades away on all sides. */
export function glow(x: number, y: number, radius: number, colour: string, strength: number): Mark {
  const stops: Stop[] = [
    { at: 0, colour, opacity: strength },
    { at: 0.35, colour, opacity: strength * 0.45 },
    { at: 1, colour, opacity: 0 },
  ]
  const fill: Paint = { type: 'radial', centre: { x, y }, radius: { x: radius, y: radius }, stops }
  return shape(ellipsePath(x, y, radius, radius), fill)
}

export const ellipsePath = (x: number, y: number, rx: number, ry: number): string =>
  `M${tenth(x - rx)} ${tenth(y)}a${tenth(rx)} ${tenth(ry)} 0 1 1 ${tenth(2 * rx)} 0a${tenth(rx)} ${tenth(ry)} 0 1 1 ${tenth(-2 * rx)} 0Z`

export const line = (d: string, colour: string, width: number, opacity = 1): Mark =>
  pathMark(d, { colour, width, opacity, isRound: true })

export const tenth = (value: number): number => Math.round(value * 10) / 10

/**
 * Heights of a ridge from one side to the other, -1 to 1: each middle moved up or down, less at every halving.
 * @param rough how much of the movement each halving keeps, 0 to 1
 */
export function ridge(random: () => number, halvings: number, rough: number): number[] {
  let heights = [between(random, -0.4, 0.4), between(random, -0.4, 0.4)]
  let reach = 1
  for (let step = 0; step < halvings; step++) {
    heights = heights.flatMap((height, index) => {
      const next = heights[index + 1] as number | undefined
      return next === undefined
        ? [height]
        : [height, (height + next) / 2 + between(random, -reach, reach) / 2]
    })
    reach *= rough
  }
  return heights
}

/**
 * A smooth line through heights that stand evenly across a width, as path data without its beginning.
 * @param from px of its left end
 */
export function smoothThrough(
  heights: number[],
  width: number,
  yOf: (height: number) => number,
  from = 0,
): string {
  const step = width / (heights.length - 1)
  return heights
    .slice(1)
    .map((height, index) => {
      const [x0, x1] = [from + index * step, from + (index + 1) * step]
      const middle = tenth((x0 + x1) / 2)
      const [y0, y1] = [tenth(yOf(heights[index])), tenth(yOf(height))]
      return `C${middle} ${y0} ${middle} ${y1} ${tenth(x1)} ${y1}`
    })
    .join('')
}
