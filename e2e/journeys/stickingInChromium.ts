import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { pathToFileURL } from 'node:url'
import { unzipSync } from 'fflate'
import { setViewport } from '../browser'
import { expectEqual, expectTrue } from '../expect'
import { axeFindings } from './axeFindings'
import { exported } from './exported'
import { commitParts, type Journey } from './journey'

const PROJECT = 'emptyproject0000'
const PAGE = 'stickingpage0000'
const px = (value: number) => ({ value, unit: 'px' })
const id = (name: string) => name.padEnd(16, '0')

/** What sticks and what scrolls in a page that leaves, as Chromium has it: to the top, to the foot, and within itself. */
export const stickingInChromium: Journey = {
  name: 'what sticks and scrolls, in Chromium',
  async run({ person, site }) {
    const { driver } = person
    const blocks = [
      {
        id: id('header'),
        order: 'a0',
        kind: 'section',
        tag: 'header',
        arrange: { padding: { top: px(0), bottom: px(0) } },
        place: { height: px(80), sticky: { edge: 'top', offset: px(0) } },
        look: { fill: { hex: '#eef1ef' } },
      },
      { id: id('body'), order: 'a1', kind: 'section', arrange: { type: 'column', gap: px(24) } },
      {
        id: id('list'),
        order: 'a0',
        kind: 'box',
        parent: id('body'),
        arrange: { type: 'column' },
        place: { height: px(120), overflow: 'scroll' },
      },
      { id: id('long'), order: 'a0', kind: 'box', parent: id('list'), place: { height: px(500) } },
      {
        id: id('tall'),
        order: 'a1',
        kind: 'box',
        parent: id('body'),
        arrange: { type: 'column' },
        place: { height: px(2400) },
      },
      {
        id: id('note'),
        order: 'a0',
        kind: 'box',
        parent: id('tall'),
        place: { height: px(60), sticky: { edge: 'top', offset: px(100) } },
      },
      {
        id: id('bar'),
        order: 'a2',
        kind: 'section',
        arrange: { padding: { top: px(0), bottom: px(0) } },
        place: { height: px(50), sticky: { edge: 'bottom', offset: px(0) } },
      },
    ]
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
        operations: blocks.map((record) => ({ type: 'put', collection: 'blocks', id: record.id, record })),
      },
    ])
    const folder = mkdtempSync(join(tmpdir(), 'nolvex-'))
    try {
      const zip = unzipSync(await exported(site, PROJECT, { format: 'html', page: PAGE }))
      writeFileSync(join(folder, 'index.html'), zip['index.html'])
      await driver.get(pathToFileURL(join(folder, 'index.html')).href)
      await setViewport(driver, 1280, 800)
      const boxes = (y: number) =>
        driver.executeScript<{ top: number; height: number; scrolls: number; keys: string | null }[]>(
          `window.scrollTo(0, arguments[0])
           const all = [...document.body.querySelectorAll('*')]
           const sticky = all.filter((one) => getComputedStyle(one).position === 'sticky')
           const scrolling = all.filter((one) => getComputedStyle(one).overflowY === 'auto')
           return [...sticky, ...scrolling].map((one) => ({ top: Math.round(one.getBoundingClientRect().top), height: one.getBoundingClientRect().height, scrolls: one.scrollHeight - one.clientHeight, keys: one.getAttribute('tabindex') }))`,
          y,
        )
      const [header, note, bar, list] = await boxes(0)
      expectEqual(
        [header.top, bar.top],
        [0, 750],
        'before it is scrolled: at the top, and at the foot of the window',
      )
      expectTrue(note.top > 100, 'what sticks farther down stands in its place')
      expectEqual(
        [list.height, list.scrolls, list.keys],
        [120, 380, '0'],
        'what scrolls holds more than it shows, and takes the keys',
      )
      const [header2, note2, bar2] = await boxes(1200)
      expectEqual([header2.top, note2.top, bar2.top], [0, 100, 750], 'scrolled, all keep to their edges')
      expectEqual(await axeFindings(driver, 'level A and AA'), [], 'no barrier')
    } finally {
      rmSync(folder, { recursive: true })
    }
  },
}
