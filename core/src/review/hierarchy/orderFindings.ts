import type { Operation } from '../../document/types'
import { setLeaf } from '../../edit/blockChanges'
import type { PageLayout } from '../../layout/pageLayout'
import type { AtBand } from '../../resolve/cascade'
import type { BlockNode } from '../../resolve/node'
import type { StyleDocument } from '../../style/style'
import { atBands, blockAt } from '../drawing/atEachBand'
import type { DrawingFacts, SeenBand } from '../drawing/drawingFacts'
import type { Finding, Fix } from '../finding'
import { blockFacts } from './blockFacts'
import { eyeOrder, type Met } from './eyeOrder'
import type { OutOfOrder } from './intendedOrder'
import type { BlockFacts } from './judgedBlock'
import { judgedBlocks, type PageWindow } from './judgedBlocks'
import { meantGroups, meantOrder, notAsMeant, type Meant } from './meantOrder'
import { mendOrder, type MendedOrder } from './mendOrder'
import { orderChanges, type OrderChange } from './orderChanges'
import { labPlanes, type LabPlanes, type Pixels } from './pixels'

/** How a window is painted where that is not as usual. */
export interface PaintedHow {
  /** pixels; `PAINTED_WIDE` without it */
  wide?: number
  /** only what is behind the words */
  withoutWords?: boolean
}

/** Paints what is seen of a page in a window. */
export type PaintWindow = (layout: PageLayout, window: PageWindow, how?: PaintedHow) => Promise<Pixels>

/** px a page is painted wide to be judged: more buys nothing */
export const PAINTED_WIDE = 320
/** px of a usual screen's height: what is seen before anyone scrolls */
const FIRST_WINDOW = 900
/** A change that costs more is another design, and not offered. */
const MOST_COST = 8

export const orderRule = {
  id: 'metInOrder',
  label: 'Met in another order than meant',
  why: 'The eye goes to what is large, strong and alone; where that is not what matters, the page says something else first.',
  severity: 'fair',
} as const

/** The first window of a page, so tall as a screen is. */
export const firstWindow = ({ height }: PageLayout, tall = FIRST_WINDOW): PageWindow => ({
  top: 0,
  height: Math.min(tall, Math.max(1, height)),
})

/** A window of a page in the colours it is painted in, and what that tells of each block in it. */
export interface PaintedWindow {
  planes: LabPlanes
  facts: BlockFacts[]
}

export async function paintedWindow(
  layout: PageLayout,
  window: PageWindow,
  paint: PaintWindow,
): Promise<PaintedWindow> {
  const planes = labPlanes(await paint(layout, window))
  const seen = { width: layout.width, height: window.height }
  return { planes, facts: blockFacts(judgedBlocks(layout, window), seen, planes) }
}

/** What painting tells of each block in a window of a page. */
export async function paintedFacts(
  layout: PageLayout,
  window: PageWindow,
  paint: PaintWindow,
): Promise<BlockFacts[]> {
  if (judgedBlocks(layout, window).length === 0) return []
  return (await paintedWindow(layout, window, paint)).facts
}

/** A page at a band with what is met on it, and where that is not what was meant. */
interface Judged extends SeenBand {
  facts: BlockFacts[]
  order: Met[]
  meant: Meant
  wrong: OutOfOrder[]
}

/**
 * Blocks of a finished page that are not met in the order they are meant to be, with the least change that puts it
 * right; it is painted and measured before it is offered.
 */
export async function orderFindings(page: DrawingFacts, paint: PaintWindow): Promise<Finding[]> {
  if (page.finish !== 'finished') return []
  const judged: Judged[] = []
  for (const one of page.seen()) judged.push(await judgedAt(page, one, paint))
  const wrong = judged.filter((one) => one.wrong.length > 0)
  if (wrong.length === 0) return []
  const { lead } = page.sources.site.records.settings.site
  const fix = await mending(page, wrong.find(({ band }) => band.id === lead) ?? wrong[0], wrong, paint)
  const found = atBands(page, judged, ({ band, seen }) => {
    const own = judged.find((one) => one.band.id === band.id)
    return (own?.wrong ?? []).flatMap(({ meant, says }) => {
      const of = seen.find(({ node }) => node.key === meant)
      return of ? [{ of, says: says.replace(/\.$/, ''), fix }] : []
    })
  })
  return found.map((one) => ({ rule: orderRule.id, severity: orderRule.severity, ...one }))
}

async function judgedAt(page: DrawingFacts, at: SeenBand, paint: PaintWindow): Promise<Judged> {
  const { layout } = at
  const window = firstWindow(layout)
  const facts = await paintedFacts(layout, window, paint)
  const order = eyeOrder(facts)
  const rankOf = ({ origin }: BlockNode) => blockAt(page, origin.document, origin.record)?.emphasis
  const meant = meantOrder(layout, rankOf, window.height)
  return { ...at, facts, order, meant, wrong: notAsMeant(order, meant) }
}

/** The least change at one band, where it puts all bands right at which something is wrong. */
async function mending(
  page: DrawingFacts,
  first: Judged,
  all: Judged[],
  paint: PaintWindow,
): Promise<Fix | undefined> {
  const at = page.bands.find(({ band }) => band.id === first.band.id)?.drawn.at
  if (!at) return undefined
  const facts = async ({ band, layout }: Judged, operations: Operation[]) =>
    paintedFacts(page.laidOutAfter(band, operations), firstWindow(layout), paint)
  const drawn = { document: page.page.id, style: page.sources.style }
  const mended = await leastChange(first, drawn, at, (operations) => facts(first, operations))
  if (!mended) return undefined
  const operations = writtenChanges(mended.changes, at)
  for (const one of all)
    if (one !== first && notAsMeant(eyeOrder(await facts(one, operations)), one.meant).length > 0)
      return undefined
  return {
    label: mendingLabel(mended.changes),
    parts: [{ document: page.page.id, kind: 'drawing', operations }],
  }
}

/** What is asked of the search: a page with what is met on it, and what was meant. */
interface Asked {
  layout: PageLayout
  facts: BlockFacts[]
  order: Met[]
  meant: Meant
}

/**
 * The least change to the blocks of a document that puts what is met in the order that was meant.
 * @param measure what painting tells of the blocks after operations
 */
export async function leastChange(
  { layout, facts, order, meant }: Asked,
  { document, style }: { document: string; style: StyleDocument },
  at: AtBand,
  measure: (operations: Operation[]) => Promise<BlockFacts[]>,
): Promise<MendedOrder | undefined> {
  const judged = judgedBlocks(layout, firstWindow(layout))
  const changes = orderChanges(layout, judged, style, document)
  const mended = await mendOrder(facts, meantGroups(order, meant), changes, (set) =>
    measure(writtenChanges(set, at)),
  )
  return mended && mended.cost <= MOST_COST ? mended : undefined
}

/** The changes as they are written for a band. */
export const writtenChanges = (changes: OrderChange[], at: AtBand): Operation[] =>
  changes.flatMap(({ changes: leaves }) =>
    leaves.flatMap(({ of, path, value }) => setLeaf([of.origin.record], path, value, at)),
  )

/** What a set of changes is called: “Set Headline in Heading 1, and let …”. */
export function mendingLabel(changes: OrderChange[]): string {
  const said = changes.map(({ label }) => label).join(', and ')
  return said.charAt(0).toUpperCase() + said.slice(1)
}
