import { HINT_KINDS, type HintKind } from '@nolvex/core/snap/hint'
import { hintGround } from '@nolvex/core/snap/hintGround'
import { hintMove } from '@nolvex/core/snap/hints'
import { USUAL_SCALE } from '@nolvex/core/style/spacingScale'
import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { launchBrowser, setViewport } from '../browser'
import { draftingAndSketching } from './drafting'
import { gridFigures } from './gridFigures'
import { inTheApplication } from './inTheApplication'
import { compareLayout } from './layoutPeers'
import { mapInTheCore } from './mapOf2000'
import { compareOneLeaf } from './oneLeaf'
import { p95, timed } from './timing'

/** `drafting`: only what is done on pages; `layout`: only the layout. */
const isOnlyDrafting = process.argv.includes('drafting')
/** Figures as ratios against named peers in the same run; alternating runs, medians. Machines are noisy: read ratios. */
if (isOnlyDrafting) {
  snapping()
  await inTheApplication(true)
} else await layouts()
if (!isOnlyDrafting && !process.argv.includes('layout')) {
  shaping()
  snapping()
  mapInTheCore()
  gridFigures()
  draftingAndSketching()
  await inTheApplication()
}

async function layouts() {
  const { driver, close } = await launchBrowser()
  try {
    await setViewport(driver, 1440, 900)
    for (const count of [1000, 10_000]) await compareLayout(driver, count)
    for (const count of [2000, 10_000]) await compareOneLeaf(driver, count)
  } finally {
    await close()
  }
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
    name: 'block',
  }))
  const hintKinds = new Set(Object.keys(HINT_KINDS) as HintKind[])
  const scale = USUAL_SCALE.map(({ px }) => px)
  const ground = hintGround({ lines: { x: [], y: [] }, hintKinds, scale }, rects, [])
  const took = Array.from({ length: 2000 }, () =>
    timed(() => hintMove({ x: random(1400), y: random(50_000), w: 120, h: 40 }, ground, 6)),
  )
  console.log(`hints among 10,000 blocks: p95 ${p95(took).toFixed(3)} ms`)
}
