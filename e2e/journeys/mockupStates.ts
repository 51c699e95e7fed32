import { strFromU8, unzipSync } from 'fflate'
import { By } from 'selenium-webdriver'
import { expectEqual, expectTrue } from '../expect'
import { exported } from './exported'
import { documentsOf, type Journey } from './journey'

const DEMO = 'skerrinferries00'
const FARES = 'pagefares0000000'

/** What a block and a page look like in their states: seen side by side, changed one by one, and taken away. */
export const mockupStates: Journey = {
  name: 'states of blocks and of a page',
  async run({ person, site }) {
    const { driver } = person
    const blocksOf = async () => {
      await person.saved()
      return Object.values((await documentsOf(site, DEMO)).documents[FARES].records.blocks)
    }
    const named = async (name: string) => (await blocksOf()).find((block) => block.name === name)

    await person.open(`${site.address}/projects/${DEMO}/mockup/${FARES}`)
    await person.see('.outline [data-outline]')
    await person.see('.drawing g')
    await person.selectBlock('Take this')
    await person.press('All of them')
    await person.until(
      'it stands there in six ways',
      async () => (await driver.findElements(By.css('.panel .state-specimen'))).length === 6,
    )
    await person.press('All blocks of this page')
    await person.until(
      'buttons of both variants are beside each other',
      async () => (await driver.findElements(By.css('.el-dialog tbody tr'))).length >= 3,
    )
    await driver.executeScript(`document.querySelector('[aria-label="Take this, pointed at"]').click()`)
    await person.until('it is shown pointed at', async () =>
      (await person.text('.particulars .note')).includes('pointed at'),
    )

    // What is changed counts in that state alone, and is given back by its sign.
    const opacity = '[data-field="look.opacity"]'
    await driver.executeScript(
      `[...document.querySelectorAll('.particulars .more')].forEach((one) => one.click())`,
    )
    await person.fill(`${opacity} input`, '0.5')
    expectEqual(
      (await named('Take this'))?.states,
      { hover: { look: { opacity: 0.5 } } },
      'the state has it, and nothing else',
    )
    const { look } = (await named('Take this')) as { look?: { opacity?: number } }
    expectEqual(look?.opacity, undefined, 'at rest it is as it was')
    await person.click(`${opacity} .differs`)
    expectEqual((await named('Take this'))?.states, undefined, 'given back')
    await person.chord('\uE009', 'z')
    await person.until('undone', async () => JSON.stringify(await named('Take this')).includes('"hover"'))

    // A state of the page: what is deleted there stays in the others.
    await driver.executeScript(`document.activeElement.blur()`)
    await person.keys('\uE00C')
    await person.press('States of the page')
    await person.fill('input[aria-label="Add a state"]', 'Sold out')
    await person.until('it is shown', async () => (await person.text('.switch')).includes('Sold out'))
    await driver.executeScript(`document.activeElement.blur()`)
    const before = (await blocksOf()).length
    await person.selectBlock('Ten crossings')
    await person.keys('\uE017')
    await person.until(
      'it is left out',
      async () => JSON.stringify((await named('Ten crossings'))?.shownWhen) === '["usual"]',
    )
    expectEqual((await blocksOf()).length, before, 'nothing was deleted')
    await person.choose('.switch', 'As usual')
    await person.selectBlock('Ten crossings')

    const files = unzipSync(
      await exported(site, DEMO, {
        ...{ format: 'pack', file: 'html', pages: [FARES], finish: 'finished', date: '2026-06-01' },
        responsive: false,
      }),
    )
    const text = (path: string) => strFromU8(files[path])
    expectTrue(text('fares/index.html').includes('Ten crossings'), 'the page as usual has it')
    expectTrue(!text('fares/state-sold-out/index.html').includes('Ten crossings'), 'sold out, it has not')
    expectTrue(/:hover[^{]*\{[^}]*opacity: 0\.5/.test(text('styles.css')), 'the state leaves as CSS')
  },
}
