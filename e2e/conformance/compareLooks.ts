import type { WebDriver } from 'selenium-webdriver'
import sharp from 'sharp'
import { PageLayouter } from '@nolvex/core/layout/pageLayout'
import { finishedFinish } from '@nolvex/core/paint/finishedFinish'
import { pagePicture } from '@nolvex/core/paint/pagePicture'
import { pictureSvg } from '@nolvex/core/paint/pictureSvg'
import { resolvePage, type PageSources } from '@nolvex/core/resolve/resolvePage'
import { usualBands } from '@nolvex/core/site/usualSite'
import type { Mark } from '@nolvex/core/vector/mark'
import type { FontLibrary } from '@nolvex/core/text/fontLibrary'
import { usualEnvironment } from '@nolvex/core/units/environment'
import type { ShownPicture } from '@nolvex/core/block/primitive'
import { placeholderAddress } from '@nolvex/server/exports/placeholderAddress'
import { svgToPng } from '@nolvex/server/exports/svgToPng'
import { setViewport } from '../browser'
import { standIn, subjectHtml } from './compare'
import { fontFaces } from './fontPage'
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
    const picture = pagePicture(layout, finishedFinish, { title: '', pictureAddress: chosen })
    const svg = pictureSvg(picture)
    const css = await shown(
      driver,
      subjectHtml({ name, sources }, (picture) => chosen(picture) ?? placeholderAddress(picture)),
    )
    const words = wordsMask(picture.marks)
    const browser = differing(css, await shown(driver, svg), words)
    const png = await pixels(Buffer.from(svgToPng(svg, layout, 1)))
    compared.push({ name, browser, resvg: differing(css, png, words) })
  }
  return compared
}

/** A picture that has been chosen; what stands in for others is painted by us, and exported as we export it. */
const chosen = (picture: ShownPicture): string | undefined => picture.asset && standIn(picture)

/** What the browser shows of a page, or of a picture at its corner, as pixels. */
async function shown(driver: WebDriver, markup: string): Promise<Buffer> {
  const body = markup.startsWith('<svg')
    ? `<!doctype html><style>${fontFaces()}body{margin:0}svg{display:block}</style>${markup}`
    : markup.replace('<style>', `<style>${fontFaces()}`)
  await driver.executeAsyncScript(
    `const [markup, done] = arguments
     document.open(); document.write(markup); document.close()
     document.fonts.ready.then(() => requestAnimationFrame(() => done()))`,
    body,
  )
  return pixels(Buffer.from(await driver.takeScreenshot(), 'base64'))
}

/** The part of a picture that a window shows. */
const pixels = (png: Buffer): Promise<Buffer> =>
  sharp(png)
    .extract({ left: 0, top: 0, ...LOOKS_SIZE })
    .flatten({ background: '#ffffff' })
    .raw()
    .toBuffer()

/** Which pixels have words in them: their edges are smoothed otherwise by every program that draws them. */
function wordsMask(marks: Mark[]): Uint8Array {
  const mask = new Uint8Array(LOOKS_SIZE.width * LOOKS_SIZE.height)
  const walk = (list: Mark[], dx: number, dy: number) => {
    for (const mark of list) {
      if (mark.type === 'group') {
        const [, , , , x, y] = mark.transform ?? [1, 0, 0, 1, 0, 0]
        walk(mark.marks, dx + x, dy + y)
      } else if (mark.type === 'words') {
        const { x, y, size, text, width = text.length * size } = mark
        const [left, right] = [Math.floor(dx + x - 1), Math.ceil(dx + x + width + 1)]
        for (let row = Math.floor(dy + y - size); row <= Math.ceil(dy + y + size * 0.35); row++)
          if (row >= 0 && row < LOOKS_SIZE.height)
            mask.fill(
              1,
              row * LOOKS_SIZE.width + Math.max(0, left),
              row * LOOKS_SIZE.width + Math.min(LOOKS_SIZE.width, right),
            )
      }
    }
  }
  walk(marks, 0, 0)
  return mask
}

function differing(a: Buffer, b: Buffer, leftOut: Uint8Array): number {
  if (a.length !== b.length) return 1
  let count = 0
  for (let at = 0; at < a.length; at += 3)
    if (
      !leftOut[at / 3] &&
      [0, 1, 2].some((channel) => Math.abs(a[at + channel] - b[at + channel]) > CHANNEL)
    )
      count++
  return count / (a.length / 3)
}
