import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { dirname, join } from 'node:path'
import { pathToFileURL } from 'node:url'
import { strFromU8, unzipSync } from 'fflate'
import { By, Key, type WebElement } from 'selenium-webdriver'
import { standsOnPage, type Block } from '@nolvex/core/block/block'
import { blocksFrom, shelfItems } from '@nolvex/core/block/shelf'
import { setViewport } from '../browser'
import { expectEqual, expectTrue } from '../expect'
import { axeFindings } from './axeFindings'
import { exported } from './exported'
import { commitParts, type Journey } from './journey'
import { cssErrors, htmlErrors } from './validated'

const PAGE = 'pageofkinds00000'
const SHARED = 'sharedblock00000'
const ROWS = 'rowsofkinds00000'
let made = 0
const newId = () => `kind${String(made++).padStart(12, '0')}`
const put = (collection: string, record: { id: string }) => ({
  type: 'put',
  collection,
  id: record.id,
  record,
})

/** One page with all the shelf offers, a copy and a series: valid, without barriers, and worked by key. */
export const everyKind: Journey = {
  name: 'a page with every kind of block, as HTML',
  async run({ person, site }) {
    const { driver } = person
    const headers = { 'content-type': 'application/json' }
    const body = JSON.stringify({ name: 'Kinds' })
    const { id } = await site.ask<{ id: string }>('/api/projects', { method: 'POST', headers, body })
    await commitParts(site, id, parts())
    const files = unzipSync(await exported(site, id, { format: 'pack', date: '2026-06-01', file: 'html' }))
    const folder = mkdtempSync(join(tmpdir(), 'nolvex-'))
    try {
      for (const [path, bytes] of Object.entries(files)) {
        mkdirSync(dirname(join(folder, path)), { recursive: true })
        writeFileSync(join(folder, path), bytes)
      }
      const [page] = Object.keys(files).filter((path) => path.endsWith('.html'))
      expectEqual(await htmlErrors(strFromU8(files[page])), [], 'the page is valid HTML')
      expectEqual(cssErrors(strFromU8(files['styles.css'])), [], 'its style sheet is valid CSS')
      await driver.get(pathToFileURL(join(folder, page)).href)
      for (const width of [390, 1440]) {
        await setViewport(driver, width, 800)
        expectEqual(await axeFindings(driver, 'level A and AA'), [], `no barrier at ${width} px`)
      }
      await tabsByKey()
      await accordionByKey()
    } finally {
      rmSync(folder, { recursive: true })
      await setViewport(driver, 1280, 800)
    }

    /** Arrow keys go from tab to tab and open its pane, Home and End to the ends (WAI-ARIA Authoring Practices, tabs). */
    async function tabsByKey() {
      const tabs = await driver.findElements(By.css('[role=tablist] > [role=tab]'))
      expectTrue(tabs.length > 1, 'there are tabs')
      const [first, second] = tabs
      const last = tabs[tabs.length - 1]
      const isOnly = async (tab: WebElement) => {
        for (const one of tabs) {
          const isIt = (await one.getId()) === (await tab.getId())
          expectEqual(await one.getAttribute('aria-selected'), String(isIt), 'one tab is selected')
          expectEqual(await one.getAttribute('tabindex'), isIt ? '0' : '-1', 'and the one to get to by Tab')
          const pane = await driver.findElement(By.id((await one.getAttribute('aria-controls')) ?? ''))
          expectEqual(await pane.getAttribute('role'), 'tabpanel', 'a tab opens a pane')
          expectEqual(await pane.isDisplayed(), isIt, 'and only its own')
        }
      }
      await first.click()
      await isOnly(first)
      await first.sendKeys(Key.ARROW_RIGHT)
      await isOnly(second)
      const focused = await driver.switchTo().activeElement()
      expectEqual(await focused.getId(), await second.getId(), 'the keys go along')
      await second.sendKeys(Key.END)
      await isOnly(last)
      await last.sendKeys(Key.ARROW_RIGHT)
      await isOnly(first)
      await first.sendKeys(Key.ARROW_LEFT)
      await isOnly(last)
      await last.sendKeys(Key.HOME)
      await isOnly(first)
    }

    /** Enter and Space open and close a question, Tab goes on to the next (WAI-ARIA Authoring Practices, accordion). */
    async function accordionByKey() {
      const [first, second] = await driver.findElements(By.css('details'))
      const head = await first.findElement(By.css('summary'))
      const isOpen = async (one: WebElement) => (await one.getAttribute('open')) !== null
      const before = await isOpen(first)
      await head.sendKeys(Key.ENTER)
      expectEqual(await isOpen(first), !before, 'Enter turns it')
      await head.sendKeys(Key.SPACE)
      expectEqual(await isOpen(first), before, 'and Space turns it back')
      await driver.executeScript('arguments[0].focus()', head)
      for (let tab = 0; tab < 10; tab++) {
        await driver.actions().sendKeys(Key.TAB).perform()
        const inSecond = await driver.executeScript<boolean>(
          'return document.activeElement.parentElement === arguments[0]',
          second,
        )
        if (inSecond) return
      }
      throw new Error('Tab does not come to the next question.')
    }
  },
}

function parts(): object[] {
  const page = { id: PAGE, order: 'a0', title: 'All kinds' }
  const sections: Block[] = []
  const add = (items: Block[], order: string, name: string) => {
    const [top, ...below] = items
    if (standsOnPage(top)) return sections.push({ ...top, order }, ...below)
    const around: Block = { id: newId(), order, kind: 'section', name }
    return sections.push(around, { ...top, parent: around.id }, ...below)
  }
  shelfItems.forEach((item, index) => {
    const blocks = blocksFrom(item, newId).map((block) =>
      block.kind === 'series' ? { ...block, data: { collection: ROWS } } : block,
    )
    add(blocks, `a${String(index).padStart(3, '0')}`, item.label)
  })
  const copy = (): Block => ({ id: newId(), order: 'a0', kind: 'copy', data: { shared: SHARED } })
  add([copy()], 'b0', 'A copy')
  add([copy()], 'b1', 'Another copy')
  const stand: Block = { id: newId(), order: 'a0', kind: 'section' }
  const root: Block = { id: newId(), order: 'a0', kind: 'box', parent: stand.id, name: 'Card' }
  const words: Block = {
    id: newId(),
    order: 'a0',
    kind: 'text',
    parent: root.id,
    text: [{ insert: 'Shared' }],
  }
  const shared = { id: SHARED, order: 'a0', name: 'Card', root: root.id }
  const rows = ['One', 'Two'].map((name, index) => ({ id: newId(), order: `a${index}`, values: {}, name }))
  const drawing = (document: string, blocks: Block[]) => {
    return { document, kind: 'drawing', operations: blocks.map((block) => put('blocks', block)) }
  }
  return [
    { document: 'site', kind: 'site', operations: [put('pages', page)] },
    { document: 'style', kind: 'style', operations: [put('shared', shared)] },
    {
      document: ROWS,
      kind: 'collection',
      operations: [
        put('settings', { id: 'collection', name: 'Rows' } as { id: string }),
        ...rows.map(({ id, order }) => put('rows', { id, order } as { id: string })),
      ],
    },
    drawing(SHARED, [stand, root, words]),
    drawing(PAGE, sections),
  ]
}
