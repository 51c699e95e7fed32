import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { readProject } from '@nolvex/core/formats/projectFile'
import { plainLevel } from '@nolvex/core/block/textStyle'
import { pageSources, type PageSources } from '@nolvex/core/resolve/pageSources'
import { resolvePage } from '@nolvex/core/resolve/resolvePage'
import { PageLayouter } from '@nolvex/core/layout/pageLayout'
import { drawingFacts } from '@nolvex/core/review/drawing/drawingFacts'
import { KeptLayouts } from '@nolvex/core/review/drawing/keptLayouts'
import { drawingFindings } from '@nolvex/core/review/drawing/drawingRules'
import { blockFacts } from '@nolvex/core/review/hierarchy/blockFacts'
import { eyeOrder } from '@nolvex/core/review/hierarchy/eyeOrder'
import { judgedBlocks } from '@nolvex/core/review/hierarchy/judgedBlocks'
import { labPlanes } from '@nolvex/core/review/hierarchy/pixels'
import { spectralResidual } from '@nolvex/core/review/hierarchy/spectralResidual'
import { orderFindings, type PaintWindow } from '@nolvex/core/review/hierarchy/orderFindings'
import { builtDifferences } from '@nolvex/core/review/built/builtDifferences'
import { drawnParts } from '@nolvex/core/review/built/drawnParts'
import { conditionFindings } from '@nolvex/core/review/sweep/conditionFindings'
import { sweepUnder } from '@nolvex/core/review/sweep/sweepUnder'
import { atOnce, SWEPT } from '@nolvex/core/review/sweep/sweepPage'
import type { Page } from '@nolvex/core/site/site'
import { usualBands } from '@nolvex/core/site/usualSite'
import { usualEnvironment } from '@nolvex/core/units/environment'
import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { windowPainter } from '@nolvex/server/exports/paintWindow'
import { unzip } from '@nolvex/server/projects/unzip'
import { ROOT } from '../site'
import { pageOf } from './benchPage'
import { median, ms, timed } from './timing'

const ROUNDS = 7
const HOME = 'pagehome00000000'
const library = shippedFontLibrary()
const medianOf = (work: () => unknown) => median(Array.from({ length: ROUNDS }, () => timed(work)))

/** Sweeps, rules and the eye's path; the peer of all is one layout of the same page in the same run. */
export async function reviewsInTheCore(): Promise<void> {
  const page = pageOf(500)
  const whole = () =>
    new PageLayouter(library).layout(resolvePage(page, usualBands.wide, 'mockup'), {
      ...usualEnvironment,
      viewportWidth: 1440,
    })
  const layout = medianOf(whole)
  const swept = medianOf(() => sweep(page))
  const widths = SWEPT.to - SWEPT.from + 1
  console.log(
    `sweep of 500 blocks at ${widths} widths: ${ms(swept)}, as long as ${Math.round(swept / layout)} layouts made anew (${widths} were made)`,
  )
  const rules = medianOf(() => look(page))
  console.log(
    `all rules on 500 blocks at 3 bands: ${ms(rules)}, as long as ${Math.round(rules / layout)} layouts`,
  )
  afterOneChange(page, layout)
  const otherwise = medianOf(() => conditionFindings(pageRecord(page), page, library))
  console.log(
    `5 conditions at 3 bands: ${ms(otherwise)}, as long as ${Math.round(otherwise / layout)} layouts`,
  )
  judged(page)
  compared(page, layout)
  await wholeDemo()
  await orderMended()
}

const CHANGES = 30
/** The rules as they run while one draws: what did not change is kept from look to look. */
function afterOneChange(page: PageSources, layout: number) {
  const kept = new KeptLayouts(library)
  const texts = Object.values(page.drawing.records.blocks).filter(({ kind }) => kind === 'text')
  let sources = page
  look(sources, kept)
  const took = Array.from({ length: CHANGES }, (_, index) => {
    const text = { ...texts[index % texts.length], text: [{ insert: `Boats leave every hour ${index}` }] }
    const blocks = { ...sources.drawing.records.blocks, [text.id]: text }
    sources = { ...sources, drawing: { ...sources.drawing, records: { blocks } } }
    return timed(() => look(sources, kept))
  })
  console.log(
    `all rules after one change: ${ms(median(took))}, as long as ${(median(took) / layout).toFixed(1)} layouts`,
  )
}

/** A built page against its drawing, every block of it a little otherwise. */
function compared(sources: PageSources, layout: number) {
  const drawn = drawnParts(
    new PageLayouter(library).layout(resolvePage(sources, usualBands.wide, 'mockup'), usualEnvironment),
  )
  const built = drawn.map((part, index) => ({ ...part, key: `built ${part.key}`, x: part.x + (index % 9) }))
  const took = medianOf(() => builtDifferences(drawn, built))
  console.log(
    `a built page of ${drawn.length} parts compared: ${ms(took)}, as long as ${(took / layout).toFixed(1)} layouts`,
  )
}

/** The demo's first page with its headline set small: what puts it first again, looked for, painted and measured. */
async function orderMended() {
  const { documents, assets } = readProject(
    await unzip(readFileSync(join(ROOT, 'demo/skerrin-ferries.nolvex.zip'))),
  )
  const sources = pageSources(documents, HOME)
  const blocks = { ...sources.drawing.records.blocks }
  const headline = Object.values(blocks).find(({ name }) => name === 'Headline')
  if (headline) blocks[headline.id] = { ...headline, look: { ...headline.look, level: plainLevel('h4') } }
  const dimmed = { ...sources, drawing: { ...sources.drawing, records: { blocks } } }
  const page = sources.site.records.pages[HOME]
  const painter = windowPainter(assets)
  let painting = 0
  const paint: PaintWindow = async (...asked) => {
    const from = performance.now()
    const pixels = await painter(...asked)
    painting += performance.now() - from
    return pixels
  }
  const from = performance.now()
  const found = await orderFindings(drawingFacts(page, dimmed, 'Bench', library, newId), paint)
  const whole = performance.now() - from
  const fix = found.find((one) => one.fix)?.fix?.label ?? 'none'
  console.log(
    `order of the demo's first page at 3 bands, with its mending (${fix}): ${ms(whole)}, ${ms(painting)} of it painting`,
  )
}

const sweep = (sources: PageSources) => atOnce(sweepUnder(sources, 'drawn', library, Infinity))

const newId = () => 'benchid000000000'
function pageRecord({ drawing: { id }, site }: PageSources): Page {
  return site.records.pages[id] ?? { id, order: 'a0', title: 'Page' }
}
const look = (sources: PageSources, kept?: KeptLayouts) =>
  drawingFindings(drawingFacts(pageRecord(sources), sources, 'Bench', library, newId, undefined, kept))

/** What the eye meets in a window of 1280 x 800, painted 320 wide; painting is the browser's. */
function judged(sources: PageSources) {
  const window = { width: 1280, height: 800 }
  const layout = new PageLayouter(library).layout(resolvePage(sources, usualBands.wide, 'mockup'), {
    ...usualEnvironment,
    viewportWidth: window.width,
  })
  const blocks = judgedBlocks(layout, { top: 0, height: window.height })
  const [width, height] = [320, 200]
  const data = Uint8ClampedArray.from({ length: width * height * 4 }, (_, at) =>
    at % 4 === 3 ? 255 : (at * 7919) % 251,
  )
  const planes = () => labPlanes({ width, height, data })
  const took = medianOf(() => eyeOrder(blockFacts(blocks, window, planes())))
  console.log(`what the eye meets of ${blocks.length} blocks at ${width} px: ${ms(took)}`)
  const heat = medianOf(() => spectralResidual(planes()))
  console.log(
    `the heat over it, by spectral residual: ${ms(heat)}, ${(heat / took).toFixed(1)} times as long`,
  )
}

async function wholeDemo() {
  const { documents } = readProject(await unzip(readFileSync(join(ROOT, 'demo/skerrin-ferries.nolvex.zip'))))
  const ids = Object.keys(documents.site.records.pages).filter((id) => documents[id])
  const took = timed(() => ids.forEach((id) => look(pageSources(documents, id))))
  const swept = timed(() => ids.forEach((id) => sweep(pageSources(documents, id))))
  console.log(`the demo's ${ids.length} pages: all rules ${ms(took)}, every width ${ms(swept)}`)
}
