import { Key } from 'selenium-webdriver'
import type { Journey } from './journey'

const PAGE = '/projects/skerrinferries00/wireframe'

/** Two windows on one page follow each other, also in one text. */
export const twoWindows: Journey = {
  name: 'two windows on one page',
  async run({ person, site }) {
    const { driver } = person
    await person.open(site.address + PAGE)
    await shows('Small boats')
    const first = await driver.getWindowHandle()
    await driver.switchTo().newWindow('window')
    const second = await driver.getWindowHandle()
    await person.open(site.address + PAGE)
    await shows('Small boats')

    await write('Headline', 'Three isles, small boats')
    await driver.switchTo().window(first)
    await shows('Three isles, small boats')

    await write('Headline', 'Boats to three isles')
    await driver.switchTo().window(second)
    await shows('Boats to three isles')
    await person.chord(Key.CONTROL, 'z')
    await shows('Small boats, three isles')
    await driver.switchTo().window(first)
    await person.until('both windows end alike', async () => {
      // A taller window draws more of a long page, above the header that stays.
      const [here, there] = [await belowHeader(), await other(second)]
      return here.startsWith(there) || there.startsWith(here)
    })

    // Each sees what the other has selected, until that window leaves the page.
    await person.selectBlock('Orrel')
    await driver.switchTo().window(second)
    await person.until(
      'what the other has selected is seen',
      async () => (await person.all('[data-other]')).length === 1,
    )
    await driver.switchTo().window(first)
    await person.selectBlock('Intro')
    await driver.switchTo().window(second)
    await person.until('and followed', async () => {
      const intro = await driver.findElement({ css: '[data-other]' }).getRect()
      return intro.height < 60
    })
    await driver.switchTo().window(first)

    // Both go into the same original: each follows the other, on every page that shows it.
    await intoHeader()
    await driver.switchTo().window(second)
    await intoHeader()
    await write('Header logo', 'Skerrin Boats')
    await driver.switchTo().window(first)
    await shows('Skerrin Boats')
    await write('Header logo', 'Skerrin Line')
    await driver.switchTo().window(second)
    await shows('Skerrin Line')
    await person.press('Done')
    await person.choose('.page input[aria-label=Page]', 'Fares')
    await shows('Skerrin Line')

    async function intoHeader() {
      await person.selectBlock('Header')
      await person.chord(Key.ALT, Key.ENTER)
      await person.see('.follow-strip')
    }
    async function shows(text: string) {
      await person.until(`the page says “${text}”`, async () => (await words()).includes(text))
    }
    async function words() {
      return (await person.text('.drawing')).replace(/\s+/g, ' ')
    }
    async function belowHeader() {
      const sections = (await person.all('.drawing > g[data-block]')).slice(0, -1)
      return (await Promise.all(sections.map((one) => one.getText()))).join(' ').replace(/\s+/g, ' ')
    }
    async function other(window: string) {
      const here = await driver.getWindowHandle()
      await driver.switchTo().window(window)
      const found = await belowHeader()
      await driver.switchTo().window(here)
      return found
    }
    async function write(block: string, text: string) {
      await person.selectBlock(block)
      await person.keys(Key.ENTER)
      const editor = await person.see('.ql-editor')
      await editor.sendKeys(Key.chord(Key.CONTROL, 'a'), text, Key.ESCAPE)
      await person.saved()
    }
  },
}
