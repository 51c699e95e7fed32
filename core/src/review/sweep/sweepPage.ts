import type { BandRange } from '../../grid/band'
import { PageLayouter, type PageLayout } from '../../layout/pageLayout'
import type { BlockNode, PageNode } from '../../resolve/node'
import type { FontLibrary } from '../../text/fontLibrary'
import { usualEnvironment, type Environment } from '../../units/environment'
import type { Trouble } from './trouble'
import { foldWatch } from './leavesFold'
import { troublesAt, type TellTrouble } from './troublesAt'

/** The widths a page is looked at, px. */
export const SWEPT = { from: 320, to: 1920 }

/** Widths at which something is wrong with a block. */
export interface TroubleRange {
  trouble: Trouble
  /** the instance, and the band whose drawing it is seen in */
  node: BlockNode
  band: string
  from: number
  to: number
  /** where it is worst, and by how many px (of words, lines) */
  worst: { width: number; by: number }
  /** the breakpoint that would mend it: a neighbour's drawing is well at these widths */
  mends?: { band: string; from: number }
}

/** How a page is laid out at a width: its tree at a band, and in what. */
export interface Swept {
  library: FontLibrary
  /** in order of their breakpoints */
  bands: BandRange[]
  /** The page as it is resolved at a band. */
  resolve: (band: string) => PageNode
  /** What it is laid out in at a band and a width, where that is not as usual. */
  environment?: (band: string, width: number) => Partial<Environment>
}

/**
 * Lays a page out at every width and gives the ranges in which something is wrong, band by band. Between bands one may
 * stop, or let other work go first.
 * @param most widths laid out in one go before it gives back nothing
 */
export function* sweeping(swept: Swept, most = 200): Generator<undefined, TroubleRange[]> {
  const { bands } = swept
  const all: TroubleRange[] = []
  const layOut = new Map(bands.map(({ id }) => [id, layouterOf(swept, id)] as const))
  const layoutAt: LayOut = (band, width) => {
    const layOutAt = layOut.get(band)
    if (!layOutAt) throw new Error(`There is no band ${band}.`)
    return layOutAt(width)
  }
  for (const [index, { id, from }] of bands.entries()) {
    const first = Math.max(SWEPT.from, from)
    const last = Math.min(SWEPT.to, (bands[index + 1]?.from ?? Infinity) - 1)
    const open = new Map<string, TroubleRange>()
    let watchFold: ReturnType<typeof foldWatch> | undefined
    for (let width = first; width <= last; width++) {
      if ((width - first) % most === most - 1) yield undefined
      const layout = layoutAt(id, width)
      const tell: TellTrouble = (trouble, node, by) => note(all, open, { trouble, node, band: id, width, by })
      troublesAt(layout, tell)
      watchFold ??= foldWatch(layout)
      watchFold(tell)
    }
    // What is below the fold at every width was not meant to be above it.
    for (const range of open.values())
      if (range.trouble === 'belowFold' && range.from === first && range.to === last)
        all.splice(all.indexOf(range), 1)
  }
  for (const range of all)
    if (range.trouble !== 'belowFold') range.mends = breakpointFor(range, bands, layoutAt)
  return all
}

/** All of a page at once. */
export const sweepPage = (swept: Swept): TroubleRange[] => atOnce(sweeping(swept, Infinity))

/** What work in steps comes to, without a pause. */
export function atOnce<Found>(steps: Generator<undefined, Found>): Found {
  for (;;) {
    const step = steps.next()
    if (step.done) return step.value
  }
}

function layouterOf({ library, resolve, environment }: Swept, band: string) {
  let page: PageNode | undefined
  const layouter = new PageLayouter(library)
  return (viewportWidth: number) =>
    layouter.layout((page ??= resolve(band)), {
      ...{ ...usualEnvironment, viewportWidth },
      ...environment?.(band, viewportWidth),
    })
}

/** Instances of one block are one: the rows of a list go wrong together. */
export const nameOfTrouble = (trouble: Trouble, { origin }: BlockNode) =>
  `${trouble} ${origin.document} ${origin.record}`

interface Note {
  trouble: Trouble
  node: BlockNode
  band: string
  width: number
  by: number
}

/** Adds a width to the range it goes on with, or begins one. Rows of a list are one: the worst of them counts. */
function note(
  all: TroubleRange[],
  open: Map<string, TroubleRange>,
  { trouble, node, band, width, by }: Note,
) {
  const name = nameOfTrouble(trouble, node)
  const range = open.get(name)
  if (range && range.to >= width - 1) {
    range.to = width
    if (by > range.worst.by) {
      range.worst = { width, by }
      range.node = node
    }
    return
  }
  const begun = { trouble, node, band, from: width, to: width, worst: { width, by } }
  open.set(name, begun)
  all.push(begun)
}

type LayOut = (band: string, width: number) => PageLayout

/**
 * A range at the edge of its band is mended by the neighbour's drawing, where that is well there and brings no trouble
 * the band's own does not have.
 */
function breakpointFor(range: TroubleRange, bands: BandRange[], layOut: LayOut): TroubleRange['mends'] {
  const index = bands.findIndex(({ id }) => id === range.band)
  const [own, next, before] = [bands[index], bands[index + 1], bands[index - 1]]
  const last = (next?.from ?? SWEPT.to + 1) - 1
  if (range.from === own.from && range.to === last) return undefined
  if (before && range.from === own.from && isBetterAt(range, before.id, layOut))
    return { band: own.id, from: range.to + 1 }
  if (next && range.to === next.from - 1 && isBetterAt(range, next.id, layOut))
    return { band: next.id, from: range.from }
  return undefined
}

function isBetterAt({ from, to, trouble, node, band }: TroubleRange, other: string, layOut: LayOut): boolean {
  return [from, Math.round((from + to) / 2), to].every((width) => {
    const known = namesAt(layOut(band, width))
    known.delete(nameOfTrouble(trouble, node))
    return [...namesAt(layOut(other, width))].every((name) => known.has(name))
  })
}

function namesAt(layout: PageLayout): Set<string> {
  const names = new Set<string>()
  troublesAt(layout, (trouble, node) => names.add(nameOfTrouble(trouble, node)))
  return names
}

/** Ranges that the width a band is drawn at lies in are seen while drawing it. */
export const isSeenAt = ({ from, to }: Pick<TroubleRange, 'from' | 'to'>, drawnAt: number): boolean =>
  from <= drawnAt && drawnAt <= to
