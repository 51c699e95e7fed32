import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { Key } from 'selenium-webdriver'
import sharp from 'sharp'
import { expectEqual, expectTrue } from '../expect'
import { documentsOf, type Journey } from './journey'

const PROJECT = 'skerrinferries00'

interface GuideRecord {
  axis: string
  at: { px?: number; percent?: number; column?: number }
  locked?: boolean
}

/** Guides pulled, typed, moved, copied and cleared; the browser frame, folds, and who sees a block. */
export const guidesAndFrames: Journey = {
  name: 'guides, frames and folds while drawing',
  async run({ person, site }) {
    const { driver } = person
    const guides = async () => {
      await person.saved()
      const { guides: records } = (await documentsOf(site, PROJECT)).documents.site.records
      return Object.values(records) as unknown as GuideRecord[]
    }
    await person.open(`${site.address}/projects/${PROJECT}/wireframe`)
    await person.see('.drawing g[data-block]')
    const before = (await guides()).length

    await person.drag('.ruler.y', 300, 0)
    await person.until('a guide pulled from the ruler', async () => (await guides()).length === before + 1)
    await person.press('Guides')
    await person.fill('[aria-label="Where the guide lies"]', 'column 7, 50 %')
    await person.until('two typed', async () => (await guides()).length === before + 3)
    await person.fill('[aria-label="Where the guide lies"]', 'somewhere')
    await person.until('what cannot be is said', async () =>
      (await person.text('.pop-panel [role=alert]')).includes('no place for a guide'),
    )
    await person.keys(Key.ESCAPE)

    const [first] = await driver.executeScript<string[]>(
      `return [...document.querySelectorAll('.guide.x:not(.locked)')].map((guide) => guide.dataset.guide)`,
    )
    const position = () =>
      person.number(`return parseFloat(document.querySelector('[data-guide="${first}"]').style.left)`)
    const start = await position()
    await driver.executeScript(
      `const guide = document.querySelector('[data-guide="${first}"]'); const box = guide.getBoundingClientRect();
       const at = { bubbles: true, button: 0, pointerId: 1, clientX: box.left + 3, clientY: box.top + 20 };
       guide.setPointerCapture = () => {}; guide.dispatchEvent(new PointerEvent('pointerdown', at)); guide.dispatchEvent(new PointerEvent('pointerup', at))`,
    )
    await person.until('it is chosen', async () => (await person.all('.guide.chosen')).length === 1)
    await person.chord(Key.SHIFT, Key.ARROW_RIGHT)
    await person.keys(Key.ARROW_RIGHT)
    await person.until('moved by 11 px', async () => (await position()) > start + 4)
    await person.chord(Key.CONTROL, 'd')
    await person.until('a copy', async () => (await guides()).length === before + 4)
    await person.keys(Key.DELETE)
    await person.until('and cleared', async () => (await guides()).length === before + 3)
    for (let step = 0; step < 5; step++) await person.chord(Key.CONTROL, 'z')
    await person.until('all undone', async () => (await guides()).length === before)

    const shown = (css: string) => person.all(css).then((found) => found.length > 0)
    await person.keys('f')
    await person.until('the fold', () => shown('.fold.chosen'))
    await person.keys('b')
    await person.until('the baseline', () => shown('.baseline'))
    await person.keys('r')
    await person.until('the rows', () => shown('rect.row'))
    await person.keys('m')
    await person.until('the frame', () => shown('.browser-frame'))
    expectTrue(
      (await person.text('.browser-frame')).includes('skerrin-ferries.example'),
      'it shows the address',
    )
    expectEqual(
      await person.number(`return document.querySelector('.drawing').width.baseVal.value`),
      1425,
      'the page is what the scroll bar leaves of 1440',
    )

    // Scrolled in its frame, what sticks is where one sees it, and is taken there.
    await driver.executeScript(`document.querySelector('.pane').scrollTop = 400`)
    const corner = await driver.executeScript<{ x: number; y: number }>(
      `return new Promise((done) => setTimeout(() => {
         const { left, top } = document.querySelector('.pane').getBoundingClientRect()
         done({ x: Math.round(left + 4), y: Math.round(top + 12) })
       }, 200))`,
    )
    await driver.actions().move(corner).press().release().perform()
    await person.until('the header is selected', async () =>
      (await person.text('.particulars')).includes('Header'),
    )
    expectEqual(
      await person.number(`return document.querySelector('.pane').scrollTop`),
      400,
      'and the page stays where it was',
    )
    await person.keys('\uE00C', 'm', 'r', 'b', 'f')
    await person.until(
      'all hidden again',
      async () => !(await shown('.browser-frame')) && !(await shown('.fold')),
    )

    await person.open(`${site.address}/projects/${PROJECT}/grid/screens`)
    await person.press('Make one from a picture')
    await (await person.see('input[aria-label="Picture of a window"]')).sendKeys(await windowPicture())
    await person.until('the page’s area is found', async () =>
      (await person.text('.shot')).includes('1185 × 640'),
    )
    await person.press('Make the frame')
    await person.until('it leaves that much', async () =>
      (await person.text('.board figure')).includes('less the frame is a viewport of 1425 × 820'),
    )
    await person.press('Add a tab')
    await person.until('a third tab', async () => (await person.all('.board .tab')).length === 3)

    await person.open(`${site.address}/projects/${PROJECT}/wireframe`)
    await person.see('.drawing g[data-block]')
    await person.selectBlock('Hero words')
    await person.press('Who sees it without scrolling')
    await person.until('a share of visitors', async () =>
      /Seen without scrolling by \d+/.test(await person.text('.seen-by')),
    )
  },
}

/** A picture of a browser's window with an empty page in it. */
async function windowPicture(): Promise<string> {
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="1200" height="720"><rect width="1200" height="720" fill="#cbc6b7"/><rect x="90" y="30" width="800" height="24" fill="#fff"/><rect y="60" width="1185" height="640" fill="#fff"/></svg>`
  const path = join(mkdtempSync(join(tmpdir(), 'nolvex-')), 'window.png')
  await sharp(Buffer.from(svg)).png().toFile(path)
  return path
}
