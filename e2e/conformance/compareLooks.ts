import type { WebDriver } from 'selenium-webdriver'
import sharp from 'sharp'
import { PageLayouter } from '@nolvex/core/layout/pageLayout'
import { finishedFinish } from '@nolvex/core/paint/finishedFinish'
import { pagePicture } from '@nolvex/core/paint/pagePicture'
import { pictureSvg } from '@nolvex/core/paint/pictureSvg'
import { resolvePage, type PageSources } from '@nolvex/core/resolve/resolvePage'
import { usualBands } from '@nolvex/core/site/usualSite'
import type { FontLibrary } from '@nolvex/core/text/fontLibrary'
import { usualEnvironment } from '@nolvex/core/units/environment'
import { svgToPng } from '@nolvex/server/exports/svgToPng'
import { setViewport } from '../browser'
import { standIn, subjectHtml } from './compare'
import { LOOKS_SIZE } from './looksPage'

/**
 * Of all pixels so many may differ: those on the edges of round corners, which are drawn a little otherwise; more so by
 * resvg, which draws our PNGs.
 */
export const MOST_DIFFERING = { browser: 0.001, resvg: 0.005 }
/** so far a channel may differ, of 255 */
const CHANNEL = 16

/** A page painted by us against the exported HTML in Chromium: shares of pixels that differ. */
export interface LooksCompared {
  name: string
  /** our SVG drawn by Chromium */
  browser: number
  /** our SVG drawn by resvg */
  resvg: number
}

/** Pages of looks, painted by us and drawn by Chromium and by resvg, against the exported HTML drawn by Chromium. */
export async function compareLooks(
  driver: WebDriver,
  library: FontLibrary,
  pages: { name: string; sources: PageSources }[],
): Promise<LooksCompared[]> {
  await setViewport(driver, LOOKS_SIZE.width, LOOKS_SIZE.height)
  const compared: LooksCompared[] = []
  for (const { name, sources } of pages) {
    const environment = { ...usualEnvironment, viewportWidth: LOOKS_SIZE.width }
    const page = resolvePage(sources, usualBands.wide, 'mockup')
    const layout = new PageLayouter(library).layout(page, environment)
    const svg = pictureSvg(pagePicture(layout, finishedFinish, { title: '', pictureAddress: standIn }))
    const css = await shown(driver, subjectHtml({ name, sources }))
    const browser = differing(css, await shown(driver, svg))
    const png = await pixels(Buffer.from(svgToPng(svg, layout, 1)))
    compared.push({ name, browser, resvg: differing(css, png) })
  }
  return compared
}

/** What the browser shows of a page, or of a picture at its corner, as pixels. */
async function shown(driver: WebDriver, markup: string): Promise<Buffer> {
  const body = markup.startsWith('<svg')
    ? `<!doctype html><style>body{margin:0}svg{display:block}</style>${markup}`
    : markup
  await driver.executeScript('document.open(); document.write(arguments[0]); document.close()', body)
  return pixels(Buffer.from(await driver.takeScreenshot(), 'base64'))
}

/** The part of a picture that a window shows. */
const pixels = (png: Buffer): Promise<Buffer> =>
  sharp(png)
    .extract({ left: 0, top: 0, ...LOOKS_SIZE })
    .flatten({ background: '#ffffff' })
    .raw()
    .toBuffer()

function differing(a: Buffer, b: Buffer): number {
  if (a.length !== b.length) return 1
  let count = 0
  for (let at = 0; at < a.length; at += 3)
    if ([0, 1, 2].some((channel) => Math.abs(a[at + channel] - b[at + channel]) > CHANNEL)) count++
  return count / (a.length / 3)
}
