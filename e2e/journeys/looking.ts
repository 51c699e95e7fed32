import { Key } from 'selenium-webdriver'
import { expectEqual, expectTrue } from '../expect'
import type { Journey } from './journey'

const HOME = '/projects/skerrinferries00/wireframe/pagehome00000000'

/** A page looked at: zoomed around the pointer, panned, in its overview, alone, by its boxes and spaces, and measured. */
export const looking: Journey = {
  name: 'a page looked at and measured',
  async run({ person, site }) {
    const { driver } = person
    await person.open(site.address + HOME)
    await person.see('.drawing g')
    const percent = async () => Number.parseInt(await person.text('.camera-bar .percent'))
    const press = async (...keys: string[]) => {
      await driver.executeScript('document.activeElement?.blur()')
      await (keys.length === 1 ? person.keys(keys[0]) : person.chord(...keys))
    }
    const fits = await percent()
    const sheet = await person.see('.sheet')
    const wheel = (deltaY: number) =>
      driver.executeScript(
        `const r = arguments[0].getBoundingClientRect()
         arguments[0].dispatchEvent(new WheelEvent('wheel', { bubbles: true, cancelable: true, ctrlKey: true, deltaY: arguments[1], clientX: r.left + 300, clientY: r.top + 150 }))`,
        sheet,
        deltaY,
      )
    const pointAt = () =>
      driver.executeScript<number[]>(
        `const r = arguments[0].getBoundingClientRect(); return [r.left, r.top, r.width]`,
        sheet,
      )
    const [left, top, width] = await pointAt()
    await wheel(-300)
    await person.until('zoomed in', async () => (await percent()) > fits)
    const [left2, top2, width2] = await pointAt()
    const share = 300 / width
    expectTrue(
      Math.abs(left2 + share * width2 - left - 300) < 3 &&
        Math.abs(top2 + (150 * width2) / width - top - 150) < 3,
      'what is under the pointer stays there',
    )
    await press('h')
    await person.until('100 %', async () => (await percent()) === 100)
    await press(Key.SHIFT, 'z')
    await person.until('the whole page', async () => (await percent()) < fits)
    await person.selectBlock('Orrel')
    await press('z')
    await person.until('the selection', async () => (await percent()) > 100)

    const desk = await person.see('.desk')
    const scrolled = () => person.number(`return document.querySelector('.desk').scrollTop`)
    const from = await scrolled()
    await driver.actions().keyDown(' ').perform()
    await driver
      .actions({ async: true })
      .move({ origin: desk })
      .press()
      .move({ origin: desk, y: 90, duration: 60 })
      .release()
      .perform()
    await driver.actions().keyUp(' ').perform()
    expectTrue(Math.abs((await scrolled()) - from + 90) < 3, 'panned by the space bar')
    const overview = await person.see('.overview canvas')
    await driver.actions({ async: true }).move({ origin: overview, y: -30 }).press().release().perform()
    expectTrue((await scrolled()) < from - 90, 'the overview leads there')
    await press('0')

    await press('x')
    expectEqual((await person.all('.boxes path')).length, 1, 'outlines of all boxes')
    await press('x')
    await person.selectBlock('Next sailings')
    await press('j')
    expectTrue((await person.all('[data-spacing]')).length > 8, 'gaps and padding of the section')
    await press('j')
    await person.selectBlock('Find a sailing')
    await driver
      .actions({ async: true })
      .keyDown('d')
      .move({ origin: await person.see('.sheet'), x: 60, y: -60 })
      .move({ origin: await person.see('.sheet'), x: 90, y: -60 })
      .perform()
    await person.until(
      'distances while D is held',
      async () => (await person.all('.span.measure')).length >= 1,
    )
    await driver.actions().keyUp('d').perform()
    await person.until('and no longer', async () => (await person.all('.pointed')).length === 0)
    await press('k')
    const page = await person.see('.sheet')
    await driver
      .actions({ async: true })
      .move({ origin: page, x: -100, y: -20 })
      .press()
      .move({ origin: page, x: 50, y: 40, duration: 60 })
      .release()
      .perform()
    expectTrue((await person.text('.two-points + .px-tag')).includes('across'), 'the ruler says how far')
    await press(Key.ESCAPE)
    expectEqual((await person.all('.two-points')).length, 0, 'and is taken away')

    await press('l')
    await person.until(
      'the page alone',
      async () => !(await (await driver.findElement({ css: '.shell > header' })).isDisplayed()),
    )
    expectEqual((await person.all('.outline')).length, 0, 'without its panels')
    await press(Key.ESCAPE)
    await person.see('.outline')
  },
}
