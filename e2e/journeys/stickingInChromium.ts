import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { pathToFileURL } from 'node:url'
import { unzipSync } from 'fflate'
import type { WebDriver } from 'selenium-webdriver'
import type { Block } from '@nolvex/core/block/block'
import { emptyDrawing } from '@nolvex/core/drawing/drawing'
import { eachBox, PageLayouter } from '@nolvex/core/layout/pageLayout'
import { asScrolled } from '@nolvex/core/layout/sticking'
import { resolvePage } from '@nolvex/core/resolve/resolvePage'
import { usualBands, usualSite } from '@nolvex/core/site/usualSite'
import { plainStyle } from '@nolvex/core/style/plainStyle'
import { usualEnvironment } from '@nolvex/core/units/environment'
import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { setViewport } from '../browser'
import { subjectHtml } from '../conformance/compare'
import { expectEqual, expectTrue } from '../expect'
import { axeFindings } from './axeFindings'
import { exported } from './exported'
import { commitParts, type Journey } from './journey'

const PROJECT = 'emptyproject0000'
const PAGE = 'stickingpage0000'
const WINDOW = { width: 1280, height: 800 }
const px = (value: number) => ({ value, unit: 'px' as const })
const id = (name: string) => name.padEnd(16, '0')
const plain = (name: string, parent: string, order: string, more: Partial<Block> = {}): Block =>
  ({ id: id(name), order, kind: 'box', parent: id(parent), arrange: { type: 'column' }, ...more }) as Block
const NO_PADDING = { padding: { top: px(0), bottom: px(0) } }

/** Sections and boxes that stick to either edge: in columns, in a grid of rows, within what sticks itself, and later. */
const blocks: Block[] = [
  {
    id: id('header'),
    order: 'a0',
    kind: 'section',
    tag: 'header',
    arrange: NO_PADDING,
    place: { height: px(80), sticky: { edge: 'top', offset: px(0) } },
    look: { fill: { hex: '#eef1ef' } },
  },
  { id: id('body'), order: 'a1', kind: 'section', arrange: { type: 'column', gap: px(24) } },
  plain('list', 'body', 'a0', { place: { height: px(120), overflow: 'scroll' } }),
  plain('long', 'list', 'a0', { place: { height: px(500) } }),
  plain('inlist', 'list', 'a1', { place: { height: px(20), sticky: { edge: 'top' } } }),
  plain('tall', 'body', 'a1', { place: { height: px(2400) } }),
  plain('note', 'tall', 'a0', { place: { height: px(60), sticky: { edge: 'top', offset: px(100) } } }),
  {
    ...{ id: id('rows'), order: 'a2', kind: 'section' },
    arrange: { type: 'grid', tracks: 2, gap: px(40), align: 'start' },
  },
  plain('side', 'rows', 'a0', {
    arrange: { type: 'column', gap: px(10) },
    place: { column: { span: 1 }, height: px(300), sticky: { edge: 'top', offset: px(90) } },
  }),
  plain('title', 'side', 'a0', { place: { height: px(40), sticky: { edge: 'top', offset: px(120) } } }),
  plain('main', 'rows', 'a1', { place: { column: { span: 1 }, height: px(900) } }),
  plain('second', 'rows', 'a2', {
    place: { column: { span: 1 }, height: px(100), sticky: { edge: 'bottom', offset: px(30) } },
  }),
  plain('third', 'rows', 'a3', { place: { column: { span: 1 }, height: px(700) } }),
  {
    ...{ id: id('bar'), order: 'a3', kind: 'section', arrange: NO_PADDING },
    place: { height: px(50), sticky: { edge: 'bottom', offset: px(0) } },
  },
  {
    ...{ id: id('top'), order: 'a4', kind: 'section', arrange: NO_PADDING },
    place: { height: px(30), sticky: { edge: 'bottom', offset: px(60), from: 'scrolled' } },
  },
] as Block[]

/** What sticks and what scrolls, as Chromium has it: to the top, to the foot, and within itself; in a page that leaves, and as it is drawn in a window. */
export const stickingInChromium: Journey = {
  name: 'what sticks and scrolls, in Chromium',
  async run({ person, site }) {
    const { driver } = person
    await commitParts(site, PROJECT, [
      {
        document: 'site',
        kind: 'site',
        operations: [
          {
            type: 'put',
            collection: 'pages',
            id: PAGE,
            record: { id: PAGE, order: 'zx', title: 'Sticking' },
          },
        ],
      },
      {
        document: PAGE,
        kind: 'drawing',
        operations: blocks.map((record) => ({
          ...{ type: 'put', collection: 'blocks', id: record.id },
          record: record as never,
        })),
      },
    ])
    const folder = mkdtempSync(join(tmpdir(), 'nolvex-'))
    try {
      const zip = unzipSync(await exported(site, PROJECT, { format: 'html', page: PAGE }))
      writeFileSync(join(folder, 'index.html'), zip['index.html'])
      await driver.get(pathToFileURL(join(folder, 'index.html')).href)
      await setViewport(driver, WINDOW.width, WINDOW.height)
      await readsWell(driver)
      writeFileSync(join(folder, 'drawn.html'), subjectHtml({ name: PAGE, sources }))
      await driver.get(pathToFileURL(join(folder, 'drawn.html')).href)
      for (const top of [0, 130, 500, 799, 800, 1500, 2500, 2900, 3300, 3700, 4000, 4400])
        await standsAsDrawn(driver, top)
    } finally {
      rmSync(folder, { recursive: true })
    }
  },
}

async function readsWell(driver: WebDriver) {
  const seen = await driver.executeScript<{ scrolls: number; keys: string | null; isSeen: boolean }>(
    `const list = [...document.body.querySelectorAll('*')].find((one) => getComputedStyle(one).overflowY === 'auto')
     return { scrolls: list.scrollHeight - list.clientHeight, keys: list.getAttribute('tabindex') }`,
  )
  expectEqual(
    [seen.scrolls, seen.keys],
    [416, '0'],
    'what scrolls holds more than it shows, and takes the keys',
  )
  const topIsSeen = (y: number) =>
    driver.executeAsyncScript<string>(
      `const [y, done] = arguments
       window.scrollTo(0, y)
       requestAnimationFrame(() => requestAnimationFrame(() => done(getComputedStyle(document.body.lastElementChild).visibility)))`,
      y,
    )
  expectEqual(
    [await topIsSeen(0), await topIsSeen(700), await topIsSeen(900)],
    ['hidden', 'hidden', 'visible'],
    'what comes later is seen once a window was scrolled past',
  )
  expectEqual(await axeFindings(driver, 'level A and AA'), [], 'no barrier')
}

const drawing = {
  ...emptyDrawing(PAGE),
  records: { blocks: Object.fromEntries(blocks.map((one) => [one.id, one])) },
}
const sources = { drawing, site: usualSite, style: plainStyle }
const layout = new PageLayouter(shippedFontLibrary()).layout(resolvePage(sources, usualBands.wide), {
  ...usualEnvironment,
  viewportWidth: WINDOW.width,
  viewportHeight: WINDOW.height,
})

/** Every box stands in the scrolled window where our own drawing of it has it. */
async function standsAsDrawn(driver: WebDriver, top: number) {
  const tops = await driver.executeScript<Record<string, number>>(
    `window.scrollTo(0, arguments[0])
     return Object.fromEntries([...document.querySelectorAll('[data-key]')].map((one) => [one.dataset.key, one.getBoundingClientRect().top]))`,
    top,
  )
  const scrolled = Math.min(top, layout.height - WINDOW.height)
  let compared = 0
  eachBox(asScrolled(layout, { top: scrolled, height: WINDOW.height }), ({ node }, _x, y) => {
    // What is not seen yet is nowhere.
    if (node.key === id('top') && scrolled < WINDOW.height) return
    compared++
    const off = Math.abs(tops[node.key] + scrolled - y)
    expectTrue(
      off < 0.5,
      `${node.key} stands as drawn, scrolled by ${scrolled}: ${tops[node.key] + scrolled}, drawn at ${y}`,
    )
  })
  expectTrue(compared > 12, 'all boxes were compared')
}
