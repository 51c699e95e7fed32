import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { readProject } from '@nolvex/core/formats/projectFile'
import { pageSources, type PageSources } from '@nolvex/core/resolve/pageSources'
import { resolvePage } from '@nolvex/core/resolve/resolvePage'
import { PageLayouter } from '@nolvex/core/layout/pageLayout'
import { drawingFacts } from '@nolvex/core/review/drawing/drawingFacts'
import { drawingFindings } from '@nolvex/core/review/drawing/drawingRules'
import { blockFacts } from '@nolvex/core/review/hierarchy/blockFacts'
import { eyeOrder } from '@nolvex/core/review/hierarchy/eyeOrder'
import { judgedBlocks } from '@nolvex/core/review/hierarchy/judgedBlocks'
import { labPlanes } from '@nolvex/core/review/hierarchy/pixels'
import { sweepUnder } from '@nolvex/core/review/sweep/sweepUnder'
import { SWEPT } from '@nolvex/core/review/sweep/sweepPage'
import { usualBands } from '@nolvex/core/site/usualSite'
import { usualEnvironment } from '@nolvex/core/units/environment'
import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { unzip } from '@nolvex/server/projects/unzip'
import { ROOT } from '../site'
import { pageOf } from './benchPage'
import { median, ms, timed } from './timing'

const ROUNDS = 7
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
  judged(page)
  await wholeDemo()
}

function sweep(sources: PageSources) {
  const steps = sweepUnder(sources, 'drawn', library, Infinity)
  while (!steps.next().done);
}

const newId = () => 'benchid000000000'
function look(sources: PageSources) {
  const { id } = sources.drawing
  const page = sources.site.records.pages[id] ?? { id, order: 'a0', title: 'Page' }
  return drawingFindings(drawingFacts(page, sources, 'Bench', library, newId))
}

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
  const took = medianOf(() => eyeOrder(blockFacts(blocks, window, labPlanes({ width, height, data }))))
  console.log(`what the eye meets of ${blocks.length} blocks at ${width} px: ${ms(took)}`)
}

async function wholeDemo() {
  const { documents } = readProject(await unzip(readFileSync(join(ROOT, 'demo/skerrin-ferries.nolvex.zip'))))
  const ids = Object.keys(documents.site.records.pages).filter((id) => documents[id])
  const took = timed(() => ids.forEach((id) => look(pageSources(documents, id))))
  const swept = timed(() => ids.forEach((id) => sweep(pageSources(documents, id))))
  console.log(`the demo's ${ids.length} pages: all rules ${ms(took)}, every width ${ms(swept)}`)
}
