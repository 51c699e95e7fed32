import type { WebDriver } from 'selenium-webdriver'
import sharp from 'sharp'
import { PageLayouter } from '@nolvex/core/layout/pageLayout'
import { finishedFinish } from '@nolvex/core/paint/finishedFinish'
import { pagePicture } from '@nolvex/core/paint/pagePicture'
import { pictureSvg } from '@nolvex/core/paint/pictureSvg'
import { resolvePage } from '@nolvex/core/resolve/resolvePage'
import { usualBands } from '@nolvex/core/site/usualSite'
import type { FontLibrary } from '@nolvex/core/text/fontLibrary'
import { usualEnvironment } from '@nolvex/core/units/environment'
import { setViewport } from '../browser'
import { standIn, subjectHtml } from './compare'
import { looksPage, LOOKS_SIZE } from './looksPage'
import { Random } from './random'

/** Of all pixels so many may differ: those on the edges of round corners, which are drawn a little otherwise. */
const MOST_DIFFERING = 0.001
/** so far a channel may differ, of 255 */
const CHANNEL = 16

/**
 * Pages of looks, painted by us and shown as SVG, against the exported HTML, both drawn by Chromium.
 * @returns a line for each page in which more of the pixels differ, and the largest share of them on any page
 */
export async function compareLooks(
  driver: WebDriver,
  library: FontLibrary,
  seeds: number[],
): Promise<{ misses: string[]; worst: number }> {
  const misses: string[] = []
  let worst = 0
  await setViewport(driver, LOOKS_SIZE.width, LOOKS_SIZE.height)
  for (const seed of seeds) {
    const sources = looksPage(new Random(seed))
    const environment = { ...usualEnvironment, viewportWidth: LOOKS_SIZE.width }
    const layout = new PageLayouter(library).layout(resolvePage(sources, usualBands.wide), environment)
    const svg = pictureSvg(pagePicture(layout, finishedFinish, { title: '', pictureAddress: standIn }))
    const [css, own] = [
      await shown(driver, subjectHtml({ name: 'looks', sources })),
      await shown(driver, svg),
    ]
    const share = differing(css, own)
    worst = Math.max(worst, share)
    if (share > MOST_DIFFERING)
      misses.push(`looks ${seed}: ${(100 * share).toFixed(2)} % of the pixels differ`)
  }
  return { misses, worst }
}

/** What the browser shows of a page, or of a picture at its corner, as pixels. */
async function shown(driver: WebDriver, markup: string): Promise<Buffer> {
  const body = markup.startsWith('<svg')
    ? `<!doctype html><style>body{margin:0}svg{display:block}</style>${markup}`
    : markup
  await driver.executeScript('document.open(); document.write(arguments[0]); document.close()', body)
  const png = Buffer.from(await driver.takeScreenshot(), 'base64')
  return sharp(png).removeAlpha().raw().toBuffer()
}

function differing(a: Buffer, b: Buffer): number {
  if (a.length !== b.length) return 1
  let count = 0
  for (let at = 0; at < a.length; at += 3)
    if ([0, 1, 2].some((channel) => Math.abs(a[at + channel] - b[at + channel]) > CHANNEL)) count++
  return count / (a.length / 3)
}
