import { contrastRatio } from '../colour/contrast'
import type { Board, BoardFrame, BoardItem } from '../site/board'
import type { Documents } from '../document/types'
import { bandsOf, resolvePage } from '../resolve/resolvePage'
import { pageSources } from '../resolve/pageSources'
import { pageAddresses } from '../site/address'
import type { SiteDocument } from '../site/site'
import { PageLayouter } from '../layout/pageLayout'
import type { FontLibrary } from '../text/fontLibrary'
import { usualEnvironment } from '../units/environment'
import { movedBy, rectMark, type Frame, type Group, type Mark, type Picture } from '../vector/mark'
import type { PictureAddress } from './finish'
import { finishedFinish } from './finishedFinish'
import { marksBetween, PagePainter } from './pagePainter'
import { wordsMark } from './sheet'
import { SOFT } from './sheetPen'

const [INK, PAPER, GROUND] = ['#17211e', '#fbfaf6', '#ece9e0']
const GAP = 80
const RADIUS = 14
const SHADOW = 0.35
/** px around what is seen of a page, and above it what else its frame shows */
const FRAMES: Record<BoardFrame, { edge: number; bar: number; seen: number | undefined; colour: string }> = {
  browser: { edge: 1, bar: 44, seen: 900, colour: PAPER },
  tablet: { edge: 28, bar: 0, seen: 1112, colour: '#232a28' },
  phone: { edge: 14, bar: 0, seen: 844, colour: '#232a28' },
  none: { edge: 0, bar: 0, seen: undefined, colour: 'none' },
}
const CAPTION = { size: 22, above: 44 }
/** A board is broken into rows where it would get wider than this, px. */
const WIDEST = 4200

/** What stands on a board once it is painted: px from its own corner. */
interface Placed {
  width: number
  height: number
  marks: Mark[]
}

/**
 * A board as one picture: its pages finished, each in its frame, side by side and standing on one line.
 * @param documents of the project
 * @param library fonts pages are laid out in
 */
export function boardPicture(
  board: Board,
  documents: Documents,
  library: FontLibrary,
  pictureAddress: PictureAddress,
): Picture {
  const { gap = GAP, ground = GROUND, items = [] } = board
  const placed = items.flatMap((item) => itemOn(board, item, documents, library, pictureAddress) ?? [])
  const rows = rowsOf(placed, gap)
  const width = Math.max(800, ...rows.map((row) => rowWidth(row, gap))) + 2 * gap
  const marks: Mark[] = []
  let y = gap
  for (const row of rows) {
    const height = Math.max(...row.map((one) => one.height))
    let x = (width - rowWidth(row, gap)) / 2
    for (const one of row) {
      marks.push({
        type: 'group',
        transform: movedBy(Math.round(x), y + height - one.height),
        marks: one.marks,
      })
      x += one.width + gap
    }
    y += height + gap
  }
  return { width, height: Math.max(y, 600), unit: 'px', title: board.name, ground, marks }
}

const rowWidth = (row: Placed[], gap: number) =>
  row.reduce((sum, { width }) => sum + width, Math.max(0, row.length - 1) * gap)

function rowsOf(placed: Placed[], gap: number): Placed[][] {
  const rows: Placed[][] = []
  for (const one of placed) {
    const last = rows.at(-1)
    if (last && rowWidth([...last, one], gap) <= WIDEST) last.push(one)
    else rows.push([one])
  }
  return rows
}

/** A page in its frame; nothing where the page or the band is gone. */
function itemOn(
  board: Board,
  item: BoardItem,
  documents: Documents,
  library: FontLibrary,
  pictureAddress: PictureAddress,
): Placed | undefined {
  const { records } = documents.site as unknown as SiteDocument
  const { inOrder } = bandsOf(documents.site as unknown as SiteDocument)
  const page = records.pages[item.page]
  const band = inOrder.find(({ id }) => id === item.band)
  if (!page || !band) return undefined
  const resolved = resolvePage(pageSources(documents, page.id), band.id, 'mockup')
  const layout = new PageLayouter(library).layout(resolved, {
    ...usualEnvironment,
    viewportWidth: band.drawnAt,
  })
  const frame = FRAMES[item.frame]
  const from = item.from ?? 0
  const seen = item.height ?? frame.seen ?? Math.max(100, layout.height - from)
  const painted = marksBetween(
    new PagePainter(finishedFinish, pictureAddress).sections(layout),
    from,
    from + seen,
  )
  const { edge, bar } = frame
  const above = board.captions === false ? 0 : CAPTION.above
  const [width, height] = [layout.width + 2 * edge, seen + bar + 2 * edge]
  const inside = { x: edge, y: above + edge + bar, width: layout.width, height: seen }
  const outer = { x: 0, y: above, width, height }
  const radius = item.frame === 'none' ? 0 : (board.radius ?? RADIUS)
  const title = page.title || 'Untitled'
  const marks = [
    ...(above ? [caption(library, `${title}, ${band.name.toLowerCase()}`, board.ground ?? GROUND)] : []),
    ...shadowOf(outer, radius, board.shadow ?? SHADOW),
    ...frameMarks(item.frame, outer, radius),
    ...(item.frame === 'browser'
      ? [addressMark(library, outer, pageAddresses(records.pages).get(page.id))]
      : []),
    pageMarks(inside, { layout, painted, from }, innerRadius(item.frame, radius, edge)),
  ]
  return { width, height: above + height, marks }
}

const rounded = (frame: Frame, radius: Corners, fill: string): Mark => ({
  type: 'shape',
  outline: { type: 'rect', ...frame, radius },
  fill,
})
type Corners = [number, number, number, number]
const all = (radius: number): Corners => [radius, radius, radius, radius]

/** What is seen of the page: in a window below its bar, only the lower corners are round. */
function innerRadius(frame: BoardFrame, radius: number, edge: number): Corners {
  const inner = Math.max(0, radius - edge)
  return frame === 'browser' ? [0, 0, inner, inner] : all(frame === 'none' ? 0 : inner)
}

function pageMarks(
  inside: Frame,
  { layout, painted, from }: { layout: { ground: string }; painted: Group[]; from: number },
  radius: Corners,
): Group {
  return {
    type: 'group',
    clip: { type: 'rect', ...inside, radius },
    marks: [
      rectMark(inside, { fill: layout.ground }),
      { type: 'group', transform: movedBy(inside.x, inside.y - from), marks: painted },
    ],
  }
}

function frameMarks(frame: BoardFrame, outer: Frame, radius: number): Mark[] {
  if (frame === 'none') return []
  const { colour } = FRAMES[frame]
  const body = rounded(outer, all(radius), colour)
  if (frame !== 'browser') return [body]
  const line = { colour: '#d9d5c8', width: 1 }
  return [
    body,
    { type: 'shape', outline: { type: 'rect', ...outer, radius: all(radius) }, stroke: line },
    rounded(addressField(outer), all(4), GROUND),
  ]
}

const addressField = ({ x, y, width }: Frame): Frame => {
  const { bar } = FRAMES.browser
  return { x: x + 56, y: y + 9, width: width - 112, height: bar - 18 }
}

function addressMark(library: FontLibrary, outer: Frame, address = '/'): Mark {
  const { x, y, width } = addressField(outer)
  const set = { x: x + 12, y: y + 18, text: `…${address}`, size: 14, weight: 400, colour: SOFT }
  return wordsMark(library, set, width - 24)
}

/** Cast down and a little out, soft; nothing where there is none of it. */
function shadowOf(outer: Frame, radius: number, strength: number): Mark[] {
  if (strength === 0) return []
  const deviation = 18
  const cast = { ...outer, y: outer.y + 22, x: outer.x + 8, width: Math.max(0, outer.width - 16) }
  const reach = 3 * deviation + 2
  const region = {
    x: cast.x - reach,
    y: cast.y - reach,
    width: cast.width + 2 * reach,
    height: cast.height + 2 * reach,
  }
  const shape = rounded(cast, all(radius), INK)
  return [
    {
      type: 'group',
      opacity: strength,
      filter: { steps: [{ type: 'blur', deviation }], region },
      marks: [shape],
    },
  ]
}

/** What it is, in ink or in paper, whichever can be read on the ground. */
function caption(library: FontLibrary, text: string, ground: string): Mark {
  const colour = contrastRatio(INK, ground) >= contrastRatio(PAPER, ground) ? INK : PAPER
  return wordsMark(library, { x: 0, y: CAPTION.size + 2, text, size: CAPTION.size, weight: 400, colour })
}
