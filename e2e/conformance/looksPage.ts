import type { Block } from '@nolvex/core/block/block'
import type { WrittenLook } from '@nolvex/core/block/looks'
import { CUT_FORMS } from '@nolvex/core/block/looks/cut'
import { tintModeSchema } from '@nolvex/core/block/tinted'
import type { PageSources } from '@nolvex/core/resolve/resolvePage'
import { usualSite } from '@nolvex/core/site/usualSite'
import { plainStyle } from '@nolvex/core/style/plainStyle'
import { px } from '@nolvex/core/units/length'
import type { Random } from './random'

/** px; the page is as wide as its blocks need, and no higher than a window */
export const LOOKS_SIZE = { width: 1200, height: 800 }

const COLOURS = ['#17211e', '#1f5b4c', '#b9770e', '#a63d2a', '#3e5c76', '#d9d5c8', '#fbfaf6', '#8b938f80']

/** Looks that are seen by themselves, without words or pictures. */
export const ALONE = [
  'fill',
  'border',
  'shadow',
  'opacity',
  'stroke',
  'backdrop',
  'gradient',
  'cut',
  'adjust',
  'tint',
  'pictureZoom',
  'outline',
] as const
export type LookAlone = (typeof ALONE)[number]
const ON_PICTURES: LookAlone[] = ['adjust', 'tint', 'pictureZoom']

/**
 * A page of blocks without words, at whole px, each in looks of its own, some in others that cut them off.
 * @param only one look, on plain blocks with round corners; all of them where it is not said
 */
export function looksPage(random: Random, only?: LookAlone): PageSources {
  const blocks: Record<string, Block> = {}
  const add = (block: Omit<Block, 'id' | 'order'>): string => {
    const id = `b${String(Object.keys(blocks).length).padStart(15, '0')}`
    blocks[id] = JSON.parse(JSON.stringify({ ...block, id, order: `a${id}` })) as Block
    return id
  }
  const section = add({
    kind: 'section',
    arrange: {
      type: 'placed',
      padding: { left: px(random.pick([0, 40])), right: px(random.pick([0, 25])), top: px(12) },
    },
    place: { height: px(LOOKS_SIZE.height), ground: random.pick(['full', 'content'] as const) },
    look: { fill: { hex: random.pick(COLOURS) } },
  })
  for (let index = 0; index < 12; index++) {
    const at = { left: px(20 + (index % 4) * 290), top: px(20 + Math.floor(index / 4) * 260) }
    const place = { width: px(random.int(120, 260)), height: px(random.int(60, 230)), offset: at }
    if ((only && ON_PICTURES.includes(only)) || (!only && random.chance(0.15)))
      add(pictureOf(random, section, place, only))
    else if (only === 'outline' || (!only && random.chance(0.15))) add(shapeOf(random, section, place))
    else if (only === 'stroke' || (!only && random.chance(0.2)))
      add({ kind: 'line', parent: section, place, look: { stroke: strokeOf(random) } })
    else {
      const overflow = random.pick(['hidden', 'visible', 'visible', 'scroll'] as const)
      const arrange = { type: 'placed' as const }
      const box = add({
        kind: 'box',
        parent: section,
        arrange,
        place: { ...place, overflow },
        look: lookOf(random, only),
      })
      const inner = {
        width: px(120),
        height: px(90),
        offset: { left: px(random.int(-40, 90)), top: px(random.int(-30, 60)) },
      }
      add({ kind: 'box', parent: box, place: inner, look: lookOf(random, only) })
    }
  }
  const drawing = { kind: 'drawing', id: 'lookspage0000000', schema: 3, records: { blocks } }
  return { drawing, site: usualSite, style: plainStyle }
}

const colourOf = (random: Random) => ({ hex: random.pick(COLOURS) })

function strokeOf(random: Random): WrittenLook['stroke'] {
  const dashes = random.maybe(0.6, () => ({ dash: random.int(2, 20), gap: random.int(2, 12) }))
  return { width: px(random.int(1, 12)), colour: colourOf(random), dashes }
}

/**
 * px of pictures, which come as SVG here: resvg leaves out one that is enlarged about fifteenfold, so none is so narrow.
 * Exports bring pixels.
 */
const SIDES = [150, 400] as const

/** Borders of one colour all round, or of some sides, in lines that browsers draw alike. */
function lookOf(random: Random, only?: LookAlone): WrittenLook {
  const edge = { width: px(random.int(1, 14)), line: 'solid' as const, colour: { hex: '#17211e' } }
  const isRound = random.chance(0.5)
  const all = { top: edge, right: edge, bottom: edge, left: edge }
  const some = {
    top: random.maybe(0.5, () => ({ ...edge, line: random.pick(['solid', 'dashed'] as const) })),
    bottom: random.maybe(0.5, () => ({ ...edge, line: random.pick(['solid', 'dashed'] as const) })),
  }
  const corner = () => px(random.int(0, 40))
  const look: WrittenLook = {
    fill: random.maybe(0.8, () => colourOf(random)),
    border: random.maybe(0.6, () => (isRound ? all : some)),
    radius: isRound
      ? { topLeft: corner(), topRight: corner(), bottomRight: corner(), bottomLeft: corner() }
      : undefined,
    opacity: random.maybe(0.3, () => random.int(2, 9) / 10),
    shadow: random.maybe(0.4, () => shadowsOf(random)),
    backdrop: random.maybe(0.3, () => backdropOf(random)),
    gradient: random.maybe(0.35, () => gradientOf(random)),
    cut: random.maybe(0.2, () => random.pick(FORMS)),
  }
  if (!only) return look
  const { fill = colourOf(random), radius } = look
  return { fill, radius, [only]: look[only] }
}

/** A picture of some size, cut at some focus, most under a veil. */
function backdropOf(random: Random): WrittenLook['backdrop'] {
  const [width, height] = [random.int(...SIDES), random.int(...SIDES)]
  return {
    picture: { asset: `picture${width}x${height}`.padEnd(16, '0'), width, height },
    focus: { x: random.int(0, 4) / 4, y: random.int(0, 4) / 4 },
    veil: random.maybe(0.7, () => colourOf(random)),
    strength: random.maybe(0.7, () => random.int(1, 9) / 10),
    mode: random.maybe(0.5, () => random.pick(MODES)),
  }
}

const MODES = tintModeSchema.options
const FORMS = CUT_FORMS.filter((form) => form !== 'none')

/** Along a line or round a point, colours that let something through among them, some with hard edges. */
function gradientOf(random: Random): WrittenLook['gradient'] {
  const stops = Array.from({ length: random.int(2, 4) }, () => ({
    at: random.int(0, 10) / 10,
    colour: colourOf(random),
    strength: random.maybe(0.5, () => random.int(0, 4) / 4),
  }))
  const along = { type: 'linear' as const, angle: random.pick([0, 45, 90, 130, 180, -60, 271]), stops }
  const round = {
    type: 'radial' as const,
    centre: { x: random.int(0, 4) / 4, y: random.int(0, 4) / 4 },
    stops,
  }
  return random.pick([along, round])
}

/** A drawn form, filled or not, with a line round it that is as thick at any size. */
const shapeOf = (random: Random, parent: string, place: Block['place']): Omit<Block, 'id' | 'order'> => ({
  ...{ kind: 'shape', parent, place },
  data: {
    form: random.pick(['rectangle', 'ellipse', 'polygon', 'star', 'path']),
    sides: random.int(3, 9),
    path: 'M0 40C20 0 60 80 80 20S140 100 160 60L120 120H20Z',
  },
  look: {
    inside: random.maybe(0.8, () => colourOf(random)),
    outline: random.maybe(0.7, () => strokeOf(random)),
  },
})

/** A picture in other light and colours, as wide and high as it happens, some with round corners and lines. */
function pictureOf(
  random: Random,
  parent: string,
  place: Block['place'],
  only?: LookAlone,
): Omit<Block, 'id' | 'order'> {
  const { border, radius, cut } = lookOf(random)
  const [width, height] = [random.int(...SIDES), random.int(...SIDES)]
  const some = (least: number, most: number) =>
    random.maybe(0.4, () => random.int(least * 10, most * 10) / 10)
  const adjust = {
    ...{ light: some(0.2, 2), contrast: some(0.2, 2), saturation: some(0, 2) },
    ...{ warmth: some(0, 1), grey: some(0, 1), blur: random.maybe(0.3, () => random.int(2, 12)) },
  }
  const file = { asset: `picture${width}x${height}`.padEnd(16, '0'), width, height }
  const pictureFocus = random.maybe(0.5, () => ({ x: random.int(0, 4) / 4, y: random.int(0, 4) / 4 }))
  const pictureFit = random.pick(['cover', 'cover', 'contain'] as const)
  const look = {
    ...{ border, radius, cut, adjust, pictureFocus, pictureFit },
    pictureZoom: random.maybe(0.5, () => random.int(10, 20) / 10),
    tint: random.maybe(0.6, () => ({
      colour: colourOf(random),
      mode: random.maybe(0.8, () => random.pick(MODES)),
      strength: random.maybe(0.7, () => random.int(1, 10) / 10),
    })),
  }
  const own = only ? { radius, pictureFocus, [only]: look[only as keyof typeof look] } : look
  return { kind: 'picture', parent, place, data: { file }, look: own }
}

/** Shadows beside and within, hard and soft, in colours that let something through. */
function shadowsOf(random: Random): WrittenLook['shadow'] {
  return Array.from({ length: random.int(1, 2) }, () => ({
    x: random.int(-12, 12),
    y: random.int(-6, 20),
    blur: random.pick([0, 2, 5, 14, 30]),
    spread: random.int(-4, 6),
    colour: { hex: random.pick(['#17211e', '#17211e55', '#1f5b4c99']) },
    ...(random.chance(0.25) && { inset: true }),
  }))
}
