import { PageLayouter } from '@nolvex/core/layout/pageLayout'
import { PageResolver, type PageSources } from '@nolvex/core/resolve/resolvePage'
import { usualBands } from '@nolvex/core/site/usualSite'
import { snapLines, snapRect } from '@nolvex/core/snap/snapEdges'
import { usualEnvironment } from '@nolvex/core/units/environment'
import { px } from '@nolvex/core/units/length'
import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { launchBrowser, setViewport } from '../browser'
import { pageOf } from './benchPage'
import { gridFigures } from './gridFigures'
import { inTheApplication } from './inTheApplication'
import { compareLayout } from './layoutPeers'
import { mapInTheCore } from './mapOf2000'
import { median, ms, p95, timed } from './timing'

/** Figures as ratios against named peers in the same run; alternating runs, medians. Machines are noisy: read ratios. */
const { driver, close } = await launchBrowser()
try {
  await setViewport(driver, 1440, 900)
  for (const count of [1000, 10_000]) await compareLayout(driver, count)
} finally {
  await close()
}
if (!process.argv.includes('layout')) {
  relayout()
  shaping()
  snapping()
  mapInTheCore()
  gridFigures()
  await inTheApplication()
}

function relayout() {
  const sources = pageOf(2000)
  const library = shippedFontLibrary()
  const [resolver, layouter] = [new PageResolver(), new PageLayouter(library)]
  const run = (now: PageSources, width = 1440) =>
    timed(() =>
      layouter.layout(resolver.resolve(now, usualBands.wide), { ...usualEnvironment, viewportWidth: width }),
    )
  const whole = run(sources)
  const id = Object.keys(sources.drawing.records.blocks)[40]
  const leaf: number[] = []
  const widths: number[] = []
  for (let round = 0; round < 40; round++) {
    const { blocks } = sources.drawing.records
    const changed = { ...blocks, [id]: { ...blocks[id], arrange: { ...blocks[id].arrange, gap: px(round) } } }
    leaf.push(run({ ...sources, drawing: { ...sources.drawing, records: { blocks: changed } } }))
    widths.push(run(sources, 1200 + round))
  }
  console.log(
    `relayout of 2,000 blocks: after one leaf ${ms(median(leaf))} = 1/${(whole / median(leaf)).toFixed(0)} of the first layout; at a new width ${ms(median(widths))}`,
  )
}

function shaping() {
  const library = shippedFontLibrary()
  const face = library.face({ family: 'Public Sans', weight: 400, italic: false })
  const texts = Array.from(
    { length: 3000 },
    (_, index) => `Boat ${index} leaves the harbour at ten past nine and takes bikes.`,
  )
  const took = timed(() => texts.forEach((text) => face.shape(text)))
  console.log(
    `text: ${Math.round(texts.length / (took / 1000)).toLocaleString('en')} texts of 60 characters shaped a second`,
  )
}

function snapping() {
  const random = (most: number) => Math.floor(Math.random() * most)
  const rects = Array.from({ length: 10_000 }, () => ({
    x: random(1400),
    y: random(50_000),
    w: random(300),
    h: random(200),
  }))
  const lines = snapLines(rects)
  const took = Array.from({ length: 2000 }, () =>
    timed(() => snapRect({ x: random(1400), y: random(50_000), w: 120, h: 40 }, lines, 6)),
  )
  console.log(`snapping among 10,000 blocks: p95 ${p95(took).toFixed(3)} ms`)
}
