import { Key } from 'selenium-webdriver'
import { expectEqual } from '../expect'
import { documentsOf, type Journey } from './journey'

const PROJECT = 'emptyproject0000'
const LINES = ['Home', '\tRooms', '\tPrices', '\tHow to get here', '\t\tBy boat']

/** From an empty project to menus, a journey that is mended and the sheet, without touching the mouse. */
export const planByKeyboard: Journey = {
  name: 'plan a site with the keyboard alone',
  async run({ person, site }) {
    const { driver } = person
    const records = async () => (await documentsOf(site, PROJECT)).documents.site.records
    await person.open(`${site.address}/projects/${PROJECT}/map`)
    await person.see('.stage .invitation')

    await person.keys('l')
    await person.until('the list has the focus', async () => focused(`e => e.tagName === 'TEXTAREA'`))
    await person.keys(...LINES.join('\n').replaceAll('\t', Key.TAB).replaceAll('\n', Key.ENTER))
    await person.chord(Key.CONTROL, Key.ENTER)
    await person.until('five cards', async () => (await person.all('.card')).length === 5)

    await person.chord(Key.ALT, '3')
    await pressByTab('Add a main menu')
    await person.see('[data-menu]')
    await pressByTab('Fill it from the tree')
    await person.until('three lines', async () => (await person.all('[data-entry]')).length === 3)
    await person.keys(Key.ARROW_DOWN)
    await person.chord(Key.ALT, Key.ARROW_DOWN)
    await person.until('moved', async () => {
      const [first] = await person.all('[data-entry] > .line')
      return (await first.getText()) === 'Prices'
    })

    await person.chord(Key.ALT, '4')
    await tabTo(`e => e.getAttribute('aria-label') === 'A new journey'`)
    await person.keys(...'Come by boat', Key.ENTER)
    await person.see('.next')
    for (const title of ['Home', 'By boat']) {
      const before = (await person.all('.journey li')).length
      await tabTo(`e => e.closest('.next')`)
      await person.keys(...title)
      await person.until(
        'it is found',
        async () => (await person.all('.el-select-dropdown__item.is-hovering')).length === 1,
      )
      await person.keys(Key.ENTER)
      await person.until('a stop more', async () => (await person.all('.journey li')).length === before + 1)
    }
    await pressByTab('Add the link')
    await person.until('it can be walked', async () =>
      (await person.text('.journey')).includes('walked in 1 click.'),
    )
    await person.saved()
    expectEqual(Object.keys((await records()).links).length, 1, 'the link is there')

    await person.chord(Key.CONTROL, 'k')
    await person.until('the command list', async () => focused(`e => e.closest('.typed')`))
    await person.keys(...'take the map', Key.ENTER)
    await pressByTab('PDF')
    await person.until('the sheet is made', async () => {
      const jobs = (await driver.executeScript(
        `return performance.getEntriesByType('resource').filter(({ name }) => /exports\\/\\w+$/.test(name)).length`,
      )) as number
      return jobs > 0 && (await person.all('.el-dialog [role=status]')).length === 0
    })
    expectEqual((await person.all('.el-dialog [role=alert]')).length, 0, 'without trouble')

    /** Whether what has the focus is such an element. */
    async function focused(test: string): Promise<boolean> {
      return Boolean(await driver.executeScript(`return Boolean((${test})(document.activeElement))`))
    }

    async function tabTo(test: string) {
      for (let count = 0; count < 120; count++) {
        if (await focused(test)) return
        await person.keys(Key.TAB)
      }
      throw new Error(`Tab never came to ${test}`)
    }

    async function pressByTab(words: string) {
      await tabTo(`e => e.tagName === 'BUTTON' && e.textContent.trim() === ${JSON.stringify(words)}`)
      await person.keys(Key.ENTER)
    }
  },
}
