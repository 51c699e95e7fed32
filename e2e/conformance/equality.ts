import { parseArgs } from 'node:util'
import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { launchBrowser } from '../browser'
import { compareLooks, type LooksCompared } from './compareLooks'
import { serveFonts } from './fontPage'
import { KINDS, kindsPage } from './kindsPage'
import { ALONE, looksPage } from './looksPage'
import { Random } from './random'

/** Of the pixels of a page so many may differ between what we paint and what is exported. */
const MOST = 0.005

/** Each look and each kind alone and all of them mixed, words aside: our paint, drawn by Chromium and by resvg, against the exported HTML. */
const { values } = parseArgs({ options: { seed: { type: 'string' }, pages: { type: 'string' } } })
const seed = Number(values.seed ?? 1)
const count = Number(values.pages ?? 8)

const groups = [...ALONE, undefined].map((only) => ({
  name: String(only ?? 'mixed'),
  pages: Array.from({ length: count }, (_, index) => {
    const number = seed * 1000 + index
    return { name: `${only ?? 'mixed'} ${number}`, sources: looksPage(new Random(number), only) }
  }),
}))
groups.push(
  ...[...KINDS, undefined].map((only) => ({
    name: only ?? 'all kinds',
    pages: Array.from({ length: count }, (_, index) => {
      const number = seed * 1000 + index
      return { name: `${only ?? 'all kinds'} ${number}`, sources: kindsPage(new Random(number), only) }
    }),
  })),
)
const fonts = await serveFonts()
const { driver, close } = await launchBrowser()
const library = shippedFontLibrary()
const results: { name: string; compared: LooksCompared[] }[] = []
try {
  await driver.get(fonts.address)
  for (const { name, pages } of groups)
    results.push({ name, compared: await compareLooks(driver, library, pages) })
} finally {
  await close()
  fonts.close()
}
const percent = (share: number) => `${(100 * share).toFixed(3)} %`
for (const { name, compared } of results) {
  const worst = (way: 'browser' | 'resvg') => Math.max(...compared.map((one) => one[way]))
  console.log(`${name.padEnd(10)} Chromium ${percent(worst('browser'))}, resvg ${percent(worst('resvg'))}`)
}
const all = results.flatMap(({ compared }) => compared)
const worst = all.reduce((a, b) => (Math.max(b.browser, b.resvg) > Math.max(a.browser, a.resvg) ? b : a))
console.log(
  `the worst of ${all.length} pages: ${worst.name}, ${percent(Math.max(worst.browser, worst.resvg))}`,
)
const misses = all.filter(({ browser, resvg }) => Math.max(browser, resvg) > MOST)
for (const { name, browser, resvg } of misses)
  console.log(`${name}: Chromium ${percent(browser)}, resvg ${percent(resvg)}`)
process.exitCode = misses.length ? 1 : 0
