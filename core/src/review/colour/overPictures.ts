import { contrastOver } from '../../colour/contrastOver'
import type { Role } from '../../colour/roles'
import { alphaOf } from '../../colour/spaces'
import type { StyleDocument } from '../../style/style'
import { tokenColour, type ColourSet } from '../../style/token'
import { atBands, named, type Sight } from '../drawing/atEachBand'
import type { DrawingFacts, SeenBand } from '../drawing/drawingFacts'
import { colourSetOf, type Seen } from '../drawing/seenBlocks'
import type { Finding } from '../finding'
import { tightAround } from '../hierarchy/judgedBlocks'
import type { PaintWindow } from '../hierarchy/orderFindings'
import type { Pixels } from '../hierarchy/pixels'
import { contrastNeeded, ratioWords } from './wordContrast'

/** pixels what stands behind words is painted wide: enough to see what they stand on */
const WIDE = 640
/** px of a page that are painted at once at most */
const MOST_HIGH = 3000

export const overPictureRule = {
  id: 'overPictures',
  label: 'Words hard to read on a picture',
  why: 'A picture is light here and dark there: words have to stand out from all of it that is behind them.',
  severity: 'serious',
} as const

/** Words of a block that are hard to read at a band: those of its parts that are hardest. */
interface Faint {
  of: Seen
  ratio: number
  wanted: number
  mending?: { id: string; name: string }
}

/** Words over a picture or a gradient that do not stand out from the pixels behind them. @see WCAG 2.2, 1.4.3 */
export async function overPictureFindings(page: DrawingFacts, paint: PaintWindow): Promise<Finding[]> {
  if (page.finish !== 'finished') return []
  const faint = new Map<SeenBand, Faint[]>()
  for (const at of page.seen()) faint.set(at, await faintAt(at, page.sources.style, paint))
  // One sentence for all bands: that of the worst.
  const worst = new Map<string, number>()
  for (const { of, ratio } of [...faint.values()].flat())
    worst.set(of.block.node.key, Math.min(ratio, worst.get(of.block.node.key) ?? 21))
  const sights = (at: SeenBand) =>
    (faint.get(at) ?? []).map((one) => sightOf(one, worst.get(one.of.block.node.key) ?? one.ratio))
  return atBands(page, [...faint.keys()], sights).map((found) => ({
    ...{ rule: overPictureRule.id, severity: overPictureRule.severity },
    ...found,
  }))
}

function sightOf({ of, wanted, mending }: Faint, worst: number): Sight {
  const says = `${named(of)} stands out from the picture behind it by ${ratioWords(worst)} to 1 at worst; ${wanted} are needed`
  if (!mending) return { of, says }
  const changes = [{ of: of.node, path: ['look', 'colour'], value: { token: mending.id } }]
  return { of, says, mend: { label: `Set it in ${mending.name}`, changes } }
}

async function faintAt(
  { seen, layout }: SeenBand,
  style: StyleDocument,
  paint: PaintWindow,
): Promise<Faint[]> {
  const bySection = new Map<Seen, Seen[]>()
  for (const one of seen) {
    const isOver = one.words !== '' && one.ground === undefined && one.w > 0 && one.h > 0
    if (!isOver || one.node.attributes['aria-hidden'] || one.node.content.type !== 'text') continue
    const section = sectionOf(one)
    bySection.set(section, [...(bySection.get(section) ?? []), one])
  }
  const found = new Map<Seen, Faint>()
  for (const [section, texts] of bySection) {
    const window = { top: Math.max(0, section.y), height: Math.min(MOST_HIGH, Math.max(1, section.h)) }
    const pixels = await paint(layout, window, { wide: WIDE, withoutWords: true })
    for (const one of texts) {
      const own = faintOf(one, pixels, pixels.width / layout.width, window.top, style)
      const before = found.get(one.block)
      if (own && own.ratio < (before?.ratio ?? Infinity)) found.set(one.block, own)
    }
  }
  return [...found.values()]
}

const sectionOf = (one: Seen): Seen => (one.parent ? sectionOf(one.parent) : one)

function faintOf(
  one: Seen,
  pixels: Pixels,
  scale: number,
  top: number,
  style: StyleDocument,
): Faint | undefined {
  const behind = pixelsBehind(one, pixels, scale, top)
  if (behind.length === 0 || alphaOf(one.node.look.colour) < 1) return undefined
  const wanted = contrastNeeded(one)
  const { least } = contrastOver(behind, one.node.look.colour, wanted)
  if (least >= wanted) return undefined
  return {
    of: one,
    ratio: least,
    wanted,
    mending: one.node.isPart ? undefined : passing(style, behind, wanted, colourSetOf(one)),
  }
}

/**
 * The pixels its words stand on, red, green, blue and alpha in turns: of each line down to its baseline, below which the
 * line under a link is.
 */
function pixelsBehind(
  one: Seen,
  { width, height, data }: Pixels,
  scale: number,
  top: number,
): Uint8ClampedArray {
  const { x, y, w, h } = tightAround(one)
  // A pixel at the edge is mixed with what is beside it.
  const inside = (start: number, length: number, most: number): [number, number] => {
    const from = Math.max(0, Math.ceil(start * scale))
    return [from, Math.min(most, Math.max(from + 1, Math.floor((start + length) * scale)))]
  }
  const [left, right] = inside(x, w, width)
  const { lineHeight = h, baseline = h } = one.box.font ?? {}
  const behind: number[] = []
  for (let line = 0; line < Math.max(1, Math.round(h / lineHeight)); line++) {
    const [from, until] = inside(y + line * lineHeight - top, Math.min(baseline, lineHeight), height)
    for (let row = from; row < until; row++)
      for (let index = (row * width + left) * 4; index < (row * width + right) * 4; index++)
        behind.push(data[index])
  }
  return Uint8ClampedArray.from(behind)
}

/** Roles of colours words are set in. */
const OF_WORDS = new Set<Role>(['text', 'ground', 'raised', 'onAction'])

/** The colour of the guide that stands out most, where it does so enough. */
function passing(
  { records: { tokens } }: StyleDocument,
  behind: Uint8ClampedArray,
  wanted: number,
  set: ColourSet,
) {
  const able = Object.values(tokens).flatMap((token) => {
    if (token.type !== 'colour' || !token.role || !OF_WORDS.has(token.role)) return []
    const hex = tokenColour(tokens, token.id, set)
    if (!hex || alphaOf(hex) < 1) return []
    const { least } = contrastOver(behind, hex, wanted)
    return least >= wanted ? [{ id: token.id, name: token.name, least }] : []
  })
  return able.sort((a, b) => b.least - a.least)[0]
}
