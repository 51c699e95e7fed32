import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { launchBrowser, setViewport } from '../browser'
import { draftingAndSketching } from './drafting'
import { gridFigures } from './gridFigures'
import { inTheApplication } from './inTheApplication'
import { compareLayout } from './layoutPeers'
import { mapInTheCore } from './mapOf2000'
import { mockupsInTheCore } from './mockups'
import { compareOneLeaf } from './oneLeaf'
import { placingInTheCore } from './placing'
import { reviewsInTheCore } from './reviews'
import { styleGuideInTheCore } from './styleGuide'
import { timed } from './timing'

/** `drafting`: only what is done on pages; `layout`: only the layout; `style`: only the style guide; `mockup`: only mockups; `review`: only review. */
const isOnlyDrafting = process.argv.includes('drafting')
/** Figures as ratios against named peers in the same run; alternating runs, medians. Machines are noisy: read ratios. */
if (process.argv.includes('review')) await reviewsInTheCore()
else if (process.argv.includes('mockup')) {
  mockupsInTheCore()
  await inTheApplication('mockup')
} else if (process.argv.includes('style')) {
  await styleGuideInTheCore()
  await inTheApplication('style')
} else if (isOnlyDrafting) {
  placingInTheCore()
  await inTheApplication('pages')
} else await layouts()
if (!['drafting', 'layout', 'style', 'mockup', 'review'].some((only) => process.argv.includes(only))) {
  shaping()
  placingInTheCore()
  mapInTheCore()
  gridFigures()
  await styleGuideInTheCore()
  mockupsInTheCore()
  await reviewsInTheCore()
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
