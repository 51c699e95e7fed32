import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { dirname, join } from 'node:path'
import { pathToFileURL } from 'node:url'
import { By } from 'selenium-webdriver'
import { unzipSync } from 'fflate'
import sharp from 'sharp'
import { expectEqual, expectTrue } from '../expect'
import { exported } from './exported'
import { documentsOf, type Journey } from './journey'

const DEMO = 'skerrinferries00'
const HOME = 'pagehome00000000'

/** What is shown over a page, beside it, and in its place: overlays, boards, alternatives, and its skeleton. */
export const shownBeside: Journey = {
  name: 'overlays, boards, alternatives and the skeleton',
  async run({ person, site }) {
    const { driver } = person
    const recordsOf = async (collection: string) => {
      await person.saved()
      return Object.values((await documentsOf(site, DEMO)).documents.site.records[collection])
    }
    await person.open(`${site.address}/projects/${DEMO}/mockup/${HOME}`)
    await person.see('.outline [data-outline]')
    await person.see('.drawing g')

    // The skeleton: a line for each element, and as many boxes over the page as are asked for.
    await person.press('Skeleton and boxes')
    expectTrue((await person.text('.skeleton')).includes('section.hero'), 'elements with their classes')
    const boxes = () => driver.findElements(By.css('[data-skeleton]'))
    await person.until('boxes over the page', async () => (await boxes()).length > 20)
    await person.press('One more')
    await person.until('the first alone', async () => (await boxes()).length === 1)
    await person.press('Close')
    await person.keys('\uE00C')

    // An overlay is drawn over its page, and placed at each band.
    await person.press('Overlays…')
    await person.fill('input[aria-label="Add an overlay"]', 'Sail with a dog')
    await person.see('.behind')
    await person.press('Overlay…')
    await person.choose('.pop-panel[aria-label="Overlay…"] .select-field', 'down the right side')
    await person.until('it is placed', async () =>
      (await recordsOf('overlays')).some(
        ({ name, place }) => name === 'Sail with a dog' && place === 'right',
      ),
    )
    await person.keys('\uE00C')
    await person.press('Back to the page')
    await person.selectBlock('Find a sailing')
    await driver.executeScript(
      `[...document.querySelectorAll('.panel button')].find((one) => one.textContent.trim() === 'Close')?.click()`,
    )
    await person.choose('[data-field="data.to"]', 'Sail with a dog')
    await person.saved()
    await overlayInBrowser()

    // A board: a page at all bands, in frames.
    await person.open(`${site.address}/projects/${DEMO}/boards`)
    await person.see('.board-picture')
    await person.fill('input[aria-label="Add a board"]', 'For the mayor')
    await person.until('it is empty', async () => (await person.text('.stage')).includes('Nothing stands'))
    await person.choose('.side-panel', 'Fares')
    await person.until('three are on it', async () =>
      (await person.text('.list .current')).includes('3 on it'),
    )
    await person.saved()
    const [board] = (await recordsOf('boards')).filter(({ name }) => name === 'For the mayor')
    const png = await exported(site, DEMO, { format: 'board', board: board.id, file: 'png', scale: 0.5 })
    const { width = 0, height = 0 } = await sharp(png).metadata()
    expectTrue(width > 1200 && height > 500, 'and leaves as a picture')

    // An alternative is kept, the page changed, and either may count.
    await person.open(`${site.address}/projects/${DEMO}/mockup/${HOME}`)
    await person.see('.drawing g')
    await person.press('Alternatives…')
    await person.fill('input[aria-label^="Keep it as it is now"]', 'With Notices')
    await person.until(
      'it is beside',
      async () => (await driver.findElements(By.css('.el-dialog figure'))).length === 2,
    )
    await person.keys('\uE00C')
    await person.until('closed', async () => (await driver.findElements(By.css('.el-dialog'))).length === 0)
    await person.selectBlock('Notices')
    await person.keys('\uE017')
    const hasNotices = async () => {
      await person.saved()
      const { blocks } = (await documentsOf(site, DEMO)).documents[HOME].records
      return Object.values(blocks).some(({ name }) => name === 'Notices')
    }
    await person.until('they are gone', async () => !(await hasNotices()))
    await person.keys('\uE00C')
    await person.press('Alternatives…')
    await person.press('Take this one')
    await person.until('they are back', hasNotices)
    expectEqual((await recordsOf('alternatives')).length, 1, 'the other is kept in its place')

    /** The exported page in the browser: what is drawn to open opens, and closes. */
    async function overlayInBrowser() {
      const wanted = { format: 'pack', file: 'html', pages: [HOME], finish: 'finished', date: '2026-06-01' }
      const files = unzipSync(await exported(site, DEMO, { ...wanted, responsive: false }))
      const folder = mkdtempSync(join(tmpdir(), 'nolvex-'))
      try {
        for (const [path, bytes] of Object.entries(files)) {
          mkdirSync(dirname(join(folder, path)), { recursive: true })
          writeFileSync(join(folder, path), bytes)
        }
        await driver.get(pathToFileURL(join(folder, 'index.html')).href)
        const open = () => driver.findElements(By.css('[popover]:popover-open'))
        expectEqual((await open()).length, 0, 'closed at first')
        await person.press('Find a sailing')
        const [shown] = await open()
        const { x, width } = await shown.getRect()
        const viewport = await person.number('return document.documentElement.clientWidth')
        expectEqual([x, width], [viewport - 560, 560], 'down the right side')
        await person.press('Close')
        expectEqual((await open()).length, 0, 'closed by its button')
      } finally {
        rmSync(folder, { recursive: true })
      }
      await person.open(`${site.address}/projects/${DEMO}`)
    }
  },
}
