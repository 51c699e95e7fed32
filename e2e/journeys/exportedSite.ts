import { execFileSync } from 'node:child_process'
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { dirname, join } from 'node:path'
import { pathToFileURL } from 'node:url'
import { By, Key } from 'selenium-webdriver'
import { strFromU8, unzipSync } from 'fflate'
import { setViewport } from '../browser'
import { expectEqual, expectTrue } from '../expect'
import { axeFindings } from './axeFindings'
import { exported } from './exported'
import type { Journey } from './journey'
import { cssErrors, htmlErrors } from './validated'

const DEMO = 'skerrinferries00'
const WIDTHS = [320, 390, 834, 1440, 1920]
const pack = { format: 'pack', date: '2026-06-01' }

/** All pages of the demo as files in a folder: they fit their windows, lead to one another, and can be used by key. */
export const exportedSite: Journey = {
  name: 'the whole site taken away, as HTML and as a pack',
  async run({ person, site }) {
    const { driver } = person
    const folder = mkdtempSync(join(tmpdir(), 'nolvex-'))
    try {
      const files = unzipSync(await exported(site, DEMO, { ...pack, file: 'html' }))
      for (const [path, bytes] of Object.entries(files)) {
        mkdirSync(dirname(join(folder, path)), { recursive: true })
        writeFileSync(join(folder, path), bytes)
      }
      const pages = Object.keys(files).filter((path) => path.endsWith('.html'))
      expectEqual(pages.length, 16, 'a file a page')
      for (const path of pages) {
        await fits(path)
        expectEqual(await htmlErrors(strFromU8(files[path])), [], `${path} is valid HTML`)
      }
      expectEqual(cssErrors(strFromU8(files['styles.css'])), [], 'the style sheet is valid CSS')
      await menuByKey()
      await questionsAndLinks()
      await pdf()
    } finally {
      rmSync(folder, { recursive: true })
      await setViewport(driver, 1280, 800)
    }

    async function fits(path: string) {
      await driver.get(pathToFileURL(join(folder, path)).href)
      for (const width of WIDTHS) {
        await setViewport(driver, width, 800)
        const [scrolled, inner] = await driver.executeScript<[number, number]>(
          'return [document.documentElement.scrollWidth, window.innerWidth]',
        )
        expectTrue(scrolled <= inner, `${path} at ${width} px is ${scrolled} px wide`)
      }
      const findings = await axeFindings(driver, 'level A and AA')
      expectEqual(findings, [], `${path} breaks no rule of level A or AA`)
    }

    /** A menu behind a button opens, closes by Escape, and gives the keys back (WAI-ARIA Authoring Practices, disclosure). */
    async function menuByKey() {
      await driver.get(pathToFileURL(join(folder, 'timetable/index.html')).href)
      await setViewport(driver, 390, 800)
      const button = await shownButton()
      const list = await driver.findElement(By.id((await button.getAttribute('aria-controls')) ?? ''))
      expectTrue(!(await list.isDisplayed()), 'the menu is behind its button')
      await button.sendKeys(Key.ENTER)
      expectTrue(await list.isDisplayed(), 'and opens')
      expectEqual(await button.getAttribute('aria-expanded'), 'true', 'which is said')
      await button.sendKeys(Key.ESCAPE)
      expectTrue(!(await list.isDisplayed()), 'Escape closes it')
      await setViewport(driver, 1440, 800)
      expectTrue(await list.isDisplayed(), 'a wide window shows it open')
      expectTrue(!(await button.isDisplayed()), 'without a button')
    }

    async function shownButton() {
      for (const button of await driver.findElements(By.css('nav button[aria-expanded]')))
        if (await button.isDisplayed()) return button
      throw new Error('no menu button shows')
    }

    async function questionsAndLinks() {
      await driver.get(pathToFileURL(join(folder, 'help/index.html')).href)
      const [first, second] = await driver.findElements(By.css('details'))
      await second.findElement(By.css('summary')).click()
      expectEqual(
        [await first.getAttribute('open'), await second.getAttribute('open')],
        [null, 'true'],
        'a question closes the one before',
      )
      await driver.findElement(By.linkText('Timetable')).click()
      expectTrue((await driver.getTitle()) === 'Timetable', 'links lead from page to page')
    }

    /** What poppler reads in the pack: the contents, every page, and words that can be found. */
    async function pdf() {
      const bytes = await exported(site, DEMO, {
        ...pack,
        file: 'pdf',
        pages: ['pagefares0000000', 'pagehelp00000000', 'pagehome00000000'],
      })
      const path = join(folder, 'pack.pdf')
      writeFileSync(path, bytes)
      const text = execFileSync('pdftotext', ['-layout', path, '-'], { encoding: 'utf8' })
      for (const words of [
        ...['Contents', 'What a crossing costs', 'Asked most', '/fares', 'Narrow, 390 px'],
        ...['Notes', 'The next four boats from the service', 'R-1 Says before the fold', 'developer'],
      ])
        expectTrue(text.includes(words), `the pack says “${words}”`)
      const info = execFileSync('pdfinfo', [path], { encoding: 'utf8' })
      const sheets = Number(/Pages:\s+(\d+)/.exec(info)?.[1])
      expectTrue(sheets >= 2 + 9, `contents, map and nine sheets: ${sheets}`)
      const fonts = execFileSync('pdffonts', [path], { encoding: 'utf8' })
      expectTrue(
        fonts
          .split('\n')
          .slice(2)
          .filter(Boolean)
          .every((line) => /\byes\s+(yes|no)\s+(yes|no)\s/.test(line)),
        'all its fonts are in it',
      )
    }
  },
}
