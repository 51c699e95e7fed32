import { readFileSync } from 'node:fs'
import { parseArgs } from 'node:util'
import { readProject } from '@nolvex/core/formats/projectFile'
import { pageDrawings, pageSources } from '@nolvex/core/resolve/pageSources'
import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { unzip } from '@nolvex/server/projects/unzip'
import { launchBrowser } from '../browser'
import { compareLooks, MOST_DIFFERING, type LooksCompared } from './compareLooks'
import { compareSubjects, noConformance, type Subject } from './compare'
import { serveFonts } from './fontPage'
import { looksPage } from './looksPage'
import { Random } from './random'
import { randomPage } from './randomPage'

const WIDTHS = [360, 780, 1203, 1440]
const ZOOMS = [1, 1.5, 2, 3]
const DEMO_WIDTHS = [320, 390, 679, 680, 834, 1119, 1120, 1440, 1920]
const BATCH = 25
/** pages of looks whose pixels are compared */
const LOOKS = 24

const { values } = parseArgs({
  options: { seed: { type: 'string' }, trees: { type: 'string' }, only: { type: 'string' } },
})
const seed = Number(values.seed ?? 1)
const trees = Number(values.trees ?? 300)

const started = Date.now()
const fonts = await serveFonts()
const { driver, close } = await launchBrowser()
const library = shippedFontLibrary()
const result = noConformance()
let looks: LooksCompared[] = []
try {
  await driver.get(fonts.address)
  const demo = await demoPages()
  for (const zoom of ZOOMS) await compareSubjects(driver, library, demo, DEMO_WIDTHS, zoom, result)
  const numbers = values.only
    ? [Number(values.only)]
    : Array.from({ length: trees }, (_, index) => seed * 1_000_000 + index)
  for (let at = 0; at < numbers.length; at += BATCH) {
    const subjects = numbers.slice(at, at + BATCH).map((number) => {
      return { name: `tree ${number}`, sources: randomPage(new Random(number)) }
    })
    await compareSubjects(driver, library, subjects, WIDTHS, ZOOMS[(at / BATCH) % ZOOMS.length], result)
  }
  looks = await compareLooks(
    driver,
    library,
    Array.from({ length: LOOKS }, (_, index) => {
      const number = seed * 1000 + index
      return { name: `looks ${number}`, sources: looksPage(new Random(number)) }
    }),
  )
} finally {
  await close()
  fonts.close()
}
report()

/** The drawn pages of the demo project. */
async function demoPages(): Promise<Subject[]> {
  const file = readFileSync(new URL('../../demo/skerrin-ferries.nolvex.zip', import.meta.url))
  const { documents } = readProject(await unzip(file))
  return pageDrawings(documents).map(({ id }) => ({
    name: `demo ${id}`,
    sources: pageSources(documents, id),
  }))
}

function report() {
  const { boxes, boxMisses, lines, lineMisses, ties, cuts } = result
  for (const miss of [...boxMisses.slice(0, 12), ...lineMisses.slice(0, 12)]) console.log(miss)
  const looksMissed = looks.filter(
    ({ browser, resvg }) => browser > MOST_DIFFERING.browser || resvg > MOST_DIFFERING.resvg,
  )
  const percent = (share: number) => `${(100 * share).toFixed(2)} %`
  for (const { name, browser, resvg } of looksMissed)
    console.log(`${name}: ${percent(browser)} of the pixels differ, ${percent(resvg)} as resvg draws it`)
  console.log(`${boxes} boxes, ${boxMisses.length} off by more than 0.5 px`)
  console.log(
    `${lines} lines, ${lineMisses.length} broken elsewhere, ${ties} ties, ${cuts} texts cut within syllables`,
  )
  console.log(`${trees} trees at ${WIDTHS.length} widths in ${((Date.now() - started) / 1000).toFixed(1)} s`)
  console.log(
    `${LOOKS} pages of looks, of the worst ${percent(Math.max(...looks.map(({ browser }) => browser)))} of the pixels differ, ${percent(Math.max(...looks.map(({ resvg }) => resvg)))} as resvg draws it`,
  )
  const tooManyTies = ties > Math.max(1, lines / 1000)
  const failed = [boxMisses, lineMisses, looksMissed].some(({ length }) => length > 0) || tooManyTies
  console.log(failed ? '0 passed, 1 failed' : '1 passed, 0 failed')
  process.exitCode = failed ? 1 : 0
}
