import type { PageLayout } from '../../layout/pageLayout'
import { wordsMark } from '../../paint/sheet'
import type { FontLibrary } from '../../text/fontLibrary'
import { rectMark, type Mark, type Picture } from '../../vector/mark'
import { seenBlocks } from '../drawing/seenBlocks'
import type { Finding, FindingMark } from '../finding'

const [OCHRE, OCHRE_TEXT] = ['#b9770e', '#8a5a0b']
/** px of the page that are shown around what is marked, and that a picture is wide and high at least and high at most */
const [AROUND, LEAST_WIDE, LEAST_HIGH, MOST_HIGH] = [48, 480, 160, 900]

/** A part of a page, px. */
interface PagePlace {
  x: number
  y: number
  width: number
  height: number
}

/** The place a finding speaks of, and what is measured there. */
export interface FindingPlaceShown {
  seen: PagePlace
  marks: FindingMark[]
}

/** The part of a page to be shown for a finding; nothing where it is about no block. */
export function findingPlace(finding: Finding, layout: PageLayout): FindingPlaceShown | undefined {
  const marks = finding.marks ?? blockMarks(finding, layout)
  return marks.length ? { marks, seen: partSeen(marks, layout) } : undefined
}

/** A place as a picture: the page as it is there, with what is measured drawn on it. @param page address of that part, painted */
export function placePicture(
  { seen, marks }: FindingPlaceShown,
  page: string,
  library: FontLibrary,
  title: string,
): Picture {
  const { x, y, width, height } = seen
  return {
    ...{ width, height, unit: 'px', title, ground: '#ffffff' },
    marks: [
      { type: 'image', x: 0, y: 0, width, height, href: page, fit: 'stretch' },
      {
        type: 'group',
        transform: [1, 0, 0, 1, -x, -y],
        marks: marks.flatMap((mark) => measureMarks(mark, seen, library)),
      },
    ],
  }
}

/** Where nothing is measured, the block itself is what to look at. */
function blockMarks({ place }: Finding, layout: PageLayout): FindingMark[] {
  if (place.collection !== 'blocks') return []
  const block = seenBlocks(layout).find(({ node, w, h }) => node.origin.record === place.id && w * h > 0)
  return block ? [{ rect: { x: block.x, y: block.y, w: block.w, h: block.h } }] : []
}

/** The part of a page around what is marked on it, px. */
function partSeen(marks: FindingMark[], { width: pageWide, height: pageHigh }: PageLayout): PagePlace {
  const left = Math.min(...marks.map(({ rect }) => rect.x)) - AROUND
  const right = Math.max(...marks.map(({ rect }) => rect.x + rect.w)) + AROUND
  const top = Math.min(...marks.map(({ rect }) => rect.y)) - AROUND
  const bottom = Math.max(...marks.map(({ rect }) => rect.y + rect.h)) + AROUND
  const [x, width] = within(left, right, Math.min(pageWide, LEAST_WIDE), pageWide)
  const [y, height] = within(top, Math.min(bottom, top + MOST_HIGH), Math.min(pageHigh, LEAST_HIGH), pageHigh)
  return { x, y, width, height }
}

/** A stretch at least so long, moved into what there is of the page. */
function within(from: number, until: number, least: number, all: number): [from: number, length: number] {
  const length = Math.max(1, Math.min(all, Math.max(least, Math.round(until - from))))
  const middle = (from + until) / 2
  const start = Math.round(Math.max(0, Math.min(all - length, middle - length / 2)))
  return [start, length]
}

function measureMarks({ rect, says }: FindingMark, seen: PagePlace, library: FontLibrary): Mark[] {
  const frame = { x: rect.x, y: rect.y, width: rect.w, height: rect.h }
  const outline = rectMark(frame, { stroke: { colour: OCHRE, width: 2, dashes: [6, 4] } })
  if (!says) return [outline]
  const words = { x: rect.x + 4, y: Math.max(seen.y + 14, rect.y - 5), text: says }
  const said = wordsMark(library, { ...words, size: 12, weight: 700, colour: '#ffffff' }, seen.width - 16)
  const ground = { x: rect.x, y: said.y - 13, width: 8 + 7 * said.text.length, height: 18 }
  return [outline, rectMark(ground, { fill: OCHRE_TEXT }), said]
}
