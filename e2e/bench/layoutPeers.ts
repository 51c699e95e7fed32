import type { WebDriver } from 'selenium-webdriver'
import { PageLayouter } from '@nolvex/core/layout/pageLayout'
import { pageHtml } from '@nolvex/core/markup/pageHtml'
import type { PageNode } from '@nolvex/core/resolve/node'
import { bandsOf, resolveAllBands, resolvePage, type PageSources } from '@nolvex/core/resolve/resolvePage'
import { usualBands } from '@nolvex/core/site/usualSite'
import { plainStyle } from '@nolvex/core/style/plainStyle'
import type { FontLibrary } from '@nolvex/core/text/fontLibrary'
import { usualEnvironment } from '@nolvex/core/units/environment'
import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { pageOf } from './benchPage'
import { median, ms, timed } from './timing'
import { yogaHeight } from './yogaPage'

/** Rounds before any is counted: the peers are machine code from the start, ours is compiled as it runs. */
const WARM_UP = 12
const ROUNDS = 25
const WIDTH = 1440
const environment = { ...usualEnvironment, viewportWidth: WIDTH }

/** A library that has read its fonts, as Chromium has, and shaped nothing yet. */
function withFontsOpen(): FontLibrary {
  const library = shippedFontLibrary()
  for (const level of Object.values(plainStyle.records.levels)) library.face({ italic: false, ...level })
  return library
}

function ourHeight(page: PageNode, library: FontLibrary): number {
  return new PageLayouter(library).layout(page, environment).height
}

/** The layout of one page by us, by yoga and by Chromium, in turns. */
export async function compareLayout(driver: WebDriver, count: number): Promise<void> {
  const sources = pageOf(count)
  await openInChromium(driver, sources)
  const page = () => resolvePage(sources, usualBands.wide)
  const shaped = shippedFontLibrary()
  const heights = [
    ourHeight(page(), shaped),
    yogaHeight(page(), WIDTH, shaped),
    await driver.executeScript<number>('return document.body.getBoundingClientRect().height'),
  ]
  const again = new PageLayouter(shaped)
  const kept = page()
  again.layout(kept, environment)
  const took = {
    cold: [] as number[],
    shaped: [] as number[],
    yogaCold: [] as number[],
    yogaShaped: [] as number[],
    chromium: [] as number[],
    width: [] as number[],
    chromiumWidth: [] as number[],
  }
  for (let round = 0; round < WARM_UP + ROUNDS; round++) {
    if (round === WARM_UP) for (const times of Object.values(took)) times.length = 0
    const [tree, treeShaped] = [page(), page()]
    const [own, peers] = [withFontsOpen(), withFontsOpen()]
    took.cold.push(timed(() => ourHeight(tree, own)))
    took.yogaCold.push(timed(() => yogaHeight(tree, WIDTH, peers)))
    took.shaped.push(timed(() => ourHeight(treeShaped, shaped)))
    took.yogaShaped.push(timed(() => yogaHeight(treeShaped, WIDTH, shaped)))
    took.chromium.push(await reflow(driver))
    const width = WIDTH - 40 - round
    took.width.push(timed(() => again.layout(kept, { ...environment, viewportWidth: width })))
    took.chromiumWidth.push(await reflowAt(driver, width))
  }
  const times = (peer: number[], own: number[]) => (median(peer) / median(own)).toFixed(1)
  const beside = (own: number[], yoga: number[]) =>
    `${ms(median(own))}, ${times(yoga, own)} times as fast as yoga, ${times(took.chromium, own)} times as fast as Chromium’s style and reflow`
  console.log(
    `layout of ${count} blocks; heights by us, yoga and Chromium ${heights.map(Math.round).join(', ')} px`,
  )
  console.log(`  no text shaped before: ${beside(took.cold, took.yogaCold)}`)
  console.log(`  texts shaped before: ${beside(took.shaped, took.yogaShaped)}`)
  console.log(
    `  at a new width: ${ms(median(took.width))}, ${times(took.chromiumWidth, took.width)} times as fast as Chromium’s reflow`,
  )
}

export async function openInChromium(driver: WebDriver, sources: PageSources): Promise<void> {
  const { inOrder, lead } = bandsOf(sources.site)
  const html = pageHtml({
    bands: inOrder,
    lead,
    pages: resolveAllBands(sources),
    title: 'bench',
    withKeys: true,
    language: 'en',
    fonts: [],
    pictureAddress: () => 'data:,',
  })
  await driver.get('about:blank')
  await driver.executeScript('document.open(); document.write(arguments[0]); document.close()', html)
}

/** Style and layout of a body that has just been put in, ms. */
const reflow = (driver: WebDriver) =>
  driver.executeScript<number>(`
    const body = document.body; const next = body.cloneNode(true); body.remove()
    document.documentElement.append(next)
    const started = performance.now(); next.getBoundingClientRect(); next.lastElementChild.getBoundingClientRect()
    return performance.now() - started`)

const reflowAt = (driver: WebDriver, width: number) =>
  driver.executeScript<number>(
    `const started = performance.now(); document.body.style.width = arguments[0] + 'px'
    document.body.lastElementChild.getBoundingClientRect(); return performance.now() - started`,
    width,
  )
