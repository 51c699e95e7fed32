import { contrastOver } from '../../colour/contrastOver'
import { NEEDED, type Role } from '../../colour/roles'
import { alphaOf } from '../../colour/spaces'
import type { StyleDocument } from '../../style/style'
import { tokenColour } from '../../style/token'
import { atBands, named, type Sight } from '../drawing/atEachBand'
import type { DrawingFacts, SeenBand } from '../drawing/drawingFacts'
import { isLarge, type Seen } from '../drawing/seenBlocks'
import type { Finding } from '../finding'
import { tightAround } from '../hierarchy/judgedBlocks'
import type { PaintWindow } from '../hierarchy/orderFindings'
import type { Pixels } from '../hierarchy/pixels'

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

/** Words over a picture or a gradient that do not stand out from the pixels behind them. @see WCAG 2.2, 1.4.3 */
export async function overPictureFindings(page: DrawingFacts, paint: PaintWindow): Promise<Finding[]> {
  if (page.finish !== 'finished') return []
  const sights = new Map<SeenBand, Sight[]>()
  for (const at of page.seen()) sights.set(at, await faintAt(at, page.sources.style, paint))
  const bands = [...sights.keys()]
  return atBands(page, bands, (at) => sights.get(at) ?? []).map((found) => ({
    ...{ rule: overPictureRule.id, severity: overPictureRule.severity },
    ...found,
  }))
}

async function faintAt(
  { seen, layout }: SeenBand,
  style: StyleDocument,
  paint: PaintWindow,
): Promise<Sight[]> {
  const found: Sight[] = []
  const bySection = new Map<Seen, Seen[]>()
  for (const one of seen) {
    const isOver = one.words !== '' && one.ground === undefined && one.w > 0 && one.h > 0
    if (!isOver || one.node.attributes['aria-hidden'] || one.node.content.type !== 'text') continue
    const section = sectionOf(one)
    bySection.set(section, [...(bySection.get(section) ?? []), one])
  }
  for (const [section, texts] of bySection) {
    const window = { top: Math.max(0, section.y), height: Math.min(MOST_HIGH, Math.max(1, section.h)) }
    const pixels = await paint(layout, window, { wide: WIDE, withoutWords: true })
    for (const one of texts) found.push(...faint(one, pixels, pixels.width / layout.width, window.top, style))
  }
  return found
}

const sectionOf = (one: Seen): Seen => (one.parent ? sectionOf(one.parent) : one)

function faint(one: Seen, pixels: Pixels, scale: number, top: number, style: StyleDocument): Sight[] {
  const behind = pixelsBehind(one, pixels, scale, top)
  if (behind.length === 0 || alphaOf(one.node.look.colour) < 1) return []
  const wanted = isLarge(one) ? NEEDED.large : NEEDED.words
  const { least } = contrastOver(behind, one.node.look.colour, wanted)
  if (least >= wanted) return []
  const shown = Math.floor(least * 10) / 10
  const says = `${named(one)} stands out from the picture behind it by ${shown} to 1; ${wanted} are needed`
  const mending = one.node.isPart ? undefined : passing(style, behind, wanted)
  if (!mending) return [{ of: one, says }]
  const changes = [{ of: one.node, path: ['look', 'colour'], value: { token: mending.id } }]
  return [{ of: one, says, mend: { label: `Set it in ${mending.name}`, changes } }]
}

/** The pixels its words stand on, red, green, blue and alpha in turns. */
function pixelsBehind(
  one: Seen,
  { width, height, data }: Pixels,
  scale: number,
  top: number,
): Uint8ClampedArray {
  const { x, y, w, h } = tightAround(one)
  const [left, right] = [Math.max(0, Math.floor(x * scale)), Math.min(width, Math.ceil((x + w) * scale))]
  const [from, until] = [
    Math.max(0, Math.floor((y - top) * scale)),
    Math.min(height, Math.ceil((y + h - top) * scale)),
  ]
  const behind = new Uint8ClampedArray(Math.max(0, right - left) * Math.max(0, until - from) * 4)
  let at = 0
  for (let row = from; row < until; row++)
    for (let index = (row * width + left) * 4; index < (row * width + right) * 4; index++)
      behind[at++] = data[index]
  return behind
}

/** Roles of colours words are set in. */
const OF_WORDS = new Set<Role>(['text', 'ground', 'raised', 'onAction'])

/** The colour of the guide that stands out most, where it does so enough. */
function passing({ records: { tokens } }: StyleDocument, behind: Uint8ClampedArray, wanted: number) {
  const able = Object.values(tokens).flatMap((token) => {
    if (token.type !== 'colour' || !token.role || !OF_WORDS.has(token.role)) return []
    const hex = tokenColour(tokens, token.id)
    if (!hex || alphaOf(hex) < 1) return []
    const { least } = contrastOver(behind, hex, wanted)
    return least >= wanted ? [{ id: token.id, name: token.name, least }] : []
  })
  return able.sort((a, b) => b.least - a.least)[0]
}
