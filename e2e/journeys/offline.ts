import { Key } from 'selenium-webdriver'
import { expectTrue } from '../expect'
import { documentsOf, type Journey } from './journey'

const PROJECT = 'skerrinferries00'

/** The database stops while somebody draws, the tab is closed meanwhile, and nothing is lost. */
export const offline: Journey = {
  name: 'the server stops while one is drawing',
  async run({ person, site }) {
    const { driver } = person
    await person.open(`${site.address}/projects/${PROJECT}/map`)
    await person.until('the map is there', async () => (await person.all('.card')).length === 16)
    const map = await driver.getWindowHandle()
    await site.kill()
    await rename('Freight', 'Parcels and pallets')
    await person.until('it says so', async () => (await person.text('.saving .state')).includes('kept here'))
    expectTrue((await person.text('.frame')).includes('Parcels and pallets'), 'the work stays on the screen')

    await driver.switchTo().newWindow('tab')
    const spare = await driver.getWindowHandle()
    await driver.switchTo().window(map)
    await driver.close()
    await driver.switchTo().window(spare)

    await site.startServer()
    await person.open(`${site.address}/projects/${PROJECT}/map`)
    await person.until('what the closed tab left is sent', async () => {
      const { documents } = await documentsOf(site, PROJECT)
      return Object.values(documents.site.records.pages).some(({ title }) => title === 'Parcels and pallets')
    })
    await person.until('and shown', async () => (await person.text('.frame')).includes('Parcels and pallets'))

    async function rename(from: string, to: string) {
      await driver.executeScript(
        `[...document.querySelectorAll('.spot')].find(c => c.querySelector('b').textContent === arguments[0]).id = 'target'`,
        from,
      )
      await person.click('#target')
      await person.keys(Key.F2)
      const field = await person.see('.rename input')
      await field.sendKeys(Key.chord(Key.CONTROL, 'a'), to, Key.ENTER)
    }
  },
}
