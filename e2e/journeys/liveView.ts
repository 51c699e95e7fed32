import { expectTrue } from '../expect'
import type { Journey } from './journey'

const DEMO = '/projects/skerrinferries00'

/** A window beside the drawing follows every change, and the page that is drawn on. */
export const liveView: Journey = {
  name: 'a live view follows the drawing',
  async run({ person, site }) {
    const { driver } = person
    await person.open(`${site.address}${DEMO}/mockup/pagehome00000000`)
    await person.see('.outline [data-outline]')
    const drafting = await driver.getWindowHandle()
    const link = await driver.executeScript<{ click: () => void }>(
      `return [...document.querySelectorAll('.page button')].find((one) => one.textContent.trim() === 'live')`,
    )
    expectTrue(Boolean(link), 'there is a way to it')
    await driver.switchTo().newWindow('window')
    const live = await driver.getWindowHandle()
    await person.open(`${site.address}${DEMO}/live`)
    await shows('Small boats, three isles')
    expectTrue(
      (await person.all('header .stages')).every((one) => one !== undefined),
      'the page alone',
    )

    // A change is there at once.
    await driver.switchTo().window(drafting)
    await person.selectBlock('Headline')
    await person.keys('\uE007')
    const field = await person.see('.ProseMirror, [contenteditable=true]')
    await field.sendKeys('\uE009a\uE000', 'Boats, all year')
    await person.keys('\uE00C')
    await driver.switchTo().window(live)
    await shows('Boats, all year')

    // What sticks keeps to the edge of the window.
    const topOf = (words: string) =>
      driver.executeScript<number>(
        `const one = [...document.querySelectorAll('.live text')].findLast((text) => text.textContent.includes(arguments[0]))
         return one.getBoundingClientRect().top`,
        words,
      )
    const header = await topOf('Skerrin Ferries')
    await driver.executeScript('document.querySelector(".live").scrollTop = 500')
    await person.until('the page is scrolled', async () => (await topOf('Boats, all year')) < 0)
    await person.until(
      'its header stands where it stood',
      async () => Math.abs((await topOf('Skerrin Ferries')) - header) < 1,
    )

    // Another page is drawn on, and shown.
    await driver.switchTo().window(drafting)
    await person.choose('.page input[aria-label=Page]', 'Fares')
    await driver.switchTo().window(live)
    await shows('What a crossing costs')

    // In the dark set its ground is another.
    const ground = () =>
      driver.executeScript<string>('return document.querySelector(".drawing").style.background')
    const light = await ground()
    await driver.executeScript(`document.querySelector('.bar input').focus()`)
    await person.choose('.bar .choice-field', 'dark set')
    await person.until('the dark set', async () => (await ground()) !== light)
    await driver.close()
    await driver.switchTo().window(drafting)

    async function shows(words: string) {
      await person.until(`it shows “${words}”`, async () =>
        (await person.text('.live')).replace(/\s+/g, ' ').includes(words),
      )
    }
  },
}
