import { execFileSync } from 'node:child_process'
import { mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { createRequire } from 'node:module'
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

const require = createRequire(import.meta.url)
const DEMO = 'skerrinferries00'
const WIDTHS = [320, 390, 834, 1440, 1920]
const pack = { format: 'pack', date: '2026-06-01' }

/** Faces as wide as those of a visitor's computer, by the name asked for first. */
const twin = (path: string) => require.resolve(`@expo-google-fonts/${path}`)
const TWINS: Record<string, string> = {
  Arial: twin('arimo/400Regular/Arimo_400Regular.ttf'),
  'Arial Bold': twin('arimo/700Bold/Arimo_700Bold.ttf'),
  'Times New Roman': twin('tinos/400Regular/Tinos_400Regular.ttf'),
  'Times New Roman Bold': twin('tinos/700Bold/Tinos_700Bold.ttf'),
}
const fontData = (path: string) => `data:font/ttf;base64,${readFileSync(path).toString('base64')}`

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
      expectEqual(pages.length, 17, 'a file a page, and one for the state of one')
      for (const path of pages) {
        await fits(path)
        expectEqual(await htmlErrors(strFromU8(files[path])), [], `${path} is valid HTML`)
      }
      expectEqual(cssErrors(strFromU8(files['styles.css'])), [], 'the style sheet is valid CSS')
      await menuByKey()
      await questionsAndLinks()
      await fontsLate(files)
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

    /**
     * Until its fonts have come a page's words take nearly the room they will take, which they do not in a common face
     * as it is. The faces of a visitor's computer come from files here, since this machine may have none.
     */
    async function fontsLate(files: Record<string, Uint8Array>) {
      await setViewport(driver, 834, 800)
      const page = strFromU8(files['help/index.html'])
      const sheet = strFromU8(files['styles.css'])
        .replaceAll(/url\("fonts\/[^"]+"\)/g, 'local("None Has This")')
        .replaceAll(/local\("([^"]+)"\), [^;]+/g, (_all, first: string) => `url("${fontData(TWINS[first])}")`)
      writeFileSync(join(folder, 'help/late.html'), page.replace('styles.css', 'late.css'))
      const fonts = await roomOfWords('help/index.html')
      writeFileSync(join(folder, 'late.css'), sheet)
      const standIns = await roomOfWords('help/late.html')
      writeFileSync(
        join(folder, 'late.css'),
        sheet.replaceAll(/(?:size-adjust|(?:ascent|descent|line-gap)-override): [\d.]+%;?/g, ''),
      )
      const asTheyAre = await roomOfWords('help/late.html')
      expectEqual(standIns.height, fonts.height, 'a page as high as with its fonts')
      expectTrue(
        Math.abs(standIns.width / fonts.width - 1) < 0.01,
        `${standIns.width} px of words, ${fonts.width}`,
      )
      expectTrue(
        Math.abs(asTheyAre.width / fonts.width - 1) > 0.02,
        `${asTheyAre.width} px as the common faces are`,
      )
    }

    /** px of all lines of words one after another, and how high the page stands. */
    async function roomOfWords(path: string): Promise<{ width: number; height: number }> {
      await driver.get(pathToFileURL(join(folder, path)).href)
      return driver.executeAsyncScript((done: (room: { width: number; height: number }) => void) => {
        void document.fonts.ready.then(() => {
          const range = document.createRange()
          const texts = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT)
          let width = 0
          while (texts.nextNode()) {
            range.selectNodeContents(texts.currentNode)
            for (const line of range.getClientRects()) width += line.width
          }
          done({ width, height: document.body.getBoundingClientRect().height })
        })
      })
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
