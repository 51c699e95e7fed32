import type { WebDriver } from 'selenium-webdriver'
import { pageHtml } from '@nolvex/core/markup/pageHtml'
import { placeholderPicture } from '@nolvex/core/markup/placeholderPicture'
import type { ShownPicture } from '@nolvex/core/block/primitive'
import { bandAt } from '@nolvex/core/grid/band'
import type { Box } from '@nolvex/core/layout/box'
import { eachBox, PageLayouter } from '@nolvex/core/layout/pageLayout'
import { bandsOf, resolveAllBands, resolvePage, type PageSources } from '@nolvex/core/resolve/resolvePage'
import type { FontLibrary } from '@nolvex/core/text/fontLibrary'
import { breakLines, type Line } from '@nolvex/core/text/lines'
import { widthBetween, widthWhenCut, type Paragraph } from '@nolvex/core/text/paragraph'
import { usualEnvironment, type Environment } from '@nolvex/core/units/environment'
import { setViewport } from '../browser'
import { measureInPage, mountInPage, type MeasuredTree } from './inPage'

const HEIGHT = 900
/** px a box may differ by */
const TOLERANCE = 0.5

export interface Conformance {
  boxes: number
  boxMisses: string[]
  lines: number
  lineMisses: string[]
  /** line breaks that differ where a word fits or not by at most 1/64 px */
  ties: number
  /** texts with words that are cut within a syllable */
  cuts: number
}

export const noConformance = (): Conformance => ({
  boxes: 0,
  boxMisses: [],
  lines: 0,
  lineMisses: [],
  ties: 0,
  cuts: 0,
})

/** A page to compare, with the name a miss is reported under. */
export interface Subject {
  name: string
  sources: PageSources
}

/** An HTML page of the subject with ids, its pictures drawn as placeholders of their natural size. */
export function subjectHtml(
  { sources }: Subject,
  pictureAddress: (picture: ShownPicture) => string = standIn,
): string {
  const { inOrder, lead } = bandsOf(sources.site)
  return pageHtml({
    bands: inOrder,
    lead,
    pages: resolveAllBands(sources),
    title: 'page',
    language: 'en',
    fonts: [],
    withKeys: true,
    pictureAddress,
  })
}

/** A drawn picture as large as one that is shown. */
export const standIn = ({ width, height }: { width: number; height: number }): string =>
  `data:image/svg+xml;base64,${Buffer.from(placeholderPicture(width, height)).toString('base64')}`

/** Lays subjects out by the core and in the browser at each width and compares all boxes and line breaks. */
export async function compareSubjects(
  driver: WebDriver,
  library: FontLibrary,
  subjects: Subject[],
  widths: number[],
  textZoom: number,
  result: Conformance,
) {
  await driver.executeAsyncScript(
    mountInPage,
    subjects.map((subject) => subjectHtml(subject)),
    textZoom,
  )
  for (const width of widths) {
    await setViewport(driver, width, HEIGHT)
    const measured = (await driver.executeScript(measureInPage)) as MeasuredTree[]
    const environment = { ...usualEnvironment, viewportWidth: width, viewportHeight: HEIGHT, textZoom }
    subjects.forEach((subject, index) => compareTree(subject, measured[index], environment, library, result))
  }
}

function compareTree(
  subject: Subject,
  measured: MeasuredTree,
  environment: Environment,
  library: FontLibrary,
  result: Conformance,
) {
  const { inOrder } = bandsOf(subject.sources.site)
  const band = bandAt(inOrder, environment.viewportWidth)
  const layout = new PageLayouter(library).layout(resolvePage(subject.sources, band.id), environment)
  const where = ({ node }: Box) =>
    `${subject.name} at ${environment.viewportWidth} px, zoom ${environment.textZoom}: ${node.tag} ${node.key}`
  const unsaidBefore = result.ties + result.cuts
  eachBox(layout, (box) => compareLines(box, measured[box.node.key], where, result))
  // A line that went either way moves everything around it: boxes of such a page say nothing.
  if (result.ties + result.cuts > unsaidBefore) return
  eachBox(layout, (box, x, y) => {
    result.boxes++
    const own = [x, y, box.w, box.h]
    const found = measured[box.node.key]?.rect
    const isOff = !found || own.some((value, index) => Math.abs(value - found[index]) > TOLERANCE)
    if (isOff) result.boxMisses.push(`${where(box)}: core ${own.join(' ')}, browser ${found?.join(' ')}`)
  })
}

function compareLines(
  box: Box,
  found: MeasuredTree[string],
  where: (box: Box) => string,
  result: Conformance,
) {
  const { paragraph, node } = box
  if (!paragraph || !found?.lineStarts) return
  const available = box.w - box.insetLeft - box.insetRight
  const all = breakLines(paragraph, available)
  const lines = all.slice(0, node.look.lines ?? all.length)
  if (cutsBesideSoftHyphen(paragraph, lines)) {
    result.cuts++
    return
  }
  result.lines += lines.length
  // Empty lines have no character to see in the browser, nor have those of a soft hyphen alone.
  const starts = lines
    .map(({ start, end }) => start + paragraph.text.slice(start, end).search(SEEN))
    .filter((start, index) => start >= lines[index].start)
  // Browsers set lines that are left out all the same.
  const seen = lines.length < all.length ? found.lineStarts.slice(0, starts.length) : found.lineStarts
  const longer = starts.length > seen.length ? starts : seen
  const at = longer.findIndex((_, index) => starts[index] !== seen[index])
  if (at < 0) return
  const from = starts[at - 1] ?? 0
  const next = [starts[at] ?? paragraph.text.length, seen[at] ?? paragraph.text.length] as const
  // The browser's box may be a 64th wider or narrower than ours.
  const widthsDiffer = Math.round(Math.abs(found.rect[2] - box.w) * 64) / 64
  if (isTie(paragraph, from, Math.max(...next), available, widthsDiffer)) result.ties++
  else {
    const words = JSON.stringify(paragraph.text.slice(from, from + 60))
    result.lineMisses.push(
      `${where(box)}, ${available} px: line ${at} begins at ${next.join(', in the browser at ')}; ${words}`,
    )
  }
}

/**
 * Whether a word with soft hyphens has not even room for its first syllable: where it is then cut, browsers do not say
 * alike from one place to the next.
 */
function cutsBesideSoftHyphen({ text }: Paragraph, lines: Line[]): boolean {
  return lines.some(({ end, next }) => {
    const isCut = next === end && end < text.length && /[^\s\u00ad-]/.test(text[end - 1])
    return isCut && /[\u00ad\u2060]/.test(wordAt(text, end))
  })
}

function wordAt(text: string, index: number): string {
  const before = text.slice(0, index).split(/\s/).at(-1) ?? ''
  return before + (text.slice(index).split(/\s/, 1)[0] ?? '')
}

/** A character that shows something. */
const SEEN = /[^\s\u00ad\u2060]/

/**
 * Whether the longer of two lines fits or not by a 64th of a pixel, or only with the kerning across its end, or, inside
 * a word that is cut, by the two 64ths that come of where its line began.
 */
function isTie(
  paragraph: Paragraph,
  from: number,
  next: number,
  available: number,
  widthsDiffer: number,
): boolean {
  const end = from + paragraph.text.slice(from, next).trimEnd().length
  const kerned = widthBetween(paragraph, from, end)
  const alone = widthWhenCut(paragraph, from, end)
  const slack = widthsDiffer + (end === next ? 2 / 64 : 1 / 64)
  return Math.min(kerned, alone) - slack <= available && available <= Math.max(kerned, alone) + slack
}
