import { Key } from 'selenium-webdriver'
import { expectEqual, expectTrue } from '../expect'
import { documentsOf, type Journey } from './journey'

const PROJECT = 'skerrinferries00'

/** Several blocks at once: selected, duplicated, copied to another page, deleted, and brought back. */
export const selections: Journey = {
  name: 'several blocks at once',
  async run({ person, site }) {
    const { driver } = person
    await person.open(`${site.address}/projects/${PROJECT}/wireframe`)
    await person.until('the page is there', async () =>
      (await person.text('.drawing')).includes('Small boats'),
    )
    expectEqual(await count(), 47, 'blocks at first')

    await person.selectBlock('Orrel')
    await person.selectBlock('Tansay', true)
    expectEqual((await person.all('[data-selected]')).length, 2, 'two are selected')
    await person.chord(Key.CONTROL, 'd')
    await person.saved()
    expectEqual(await count(), 55, 'duplicated with what stands in them')
    await person.keys(Key.DELETE)
    await person.saved()
    expectEqual(await count(), 47, 'deleted')
    await person.chord(Key.CONTROL, 'z')
    await person.chord(Key.CONTROL, 'z')
    await person.saved()
    expectEqual(await count(), 47, 'and both taken back')

    await person.selectBlock('Orrel')
    await person.selectBlock('Tansay', true)
    await person.chord(Key.CONTROL, 'c')
    const before = await count('pagetimetable000')
    await person.choose('.page input[aria-label=Page]', 'Timetable')
    await person.until('the page is open', async () =>
      (await driver.getCurrentUrl()).includes('pagetimetable000'),
    )
    await person.see('.drawing g')
    await person.chord(Key.CONTROL, 'v')
    await person.saved()
    expectEqual(await count('pagetimetable000'), before + 8, 'pasted on another page')

    // Words copied elsewhere become blocks: a heading, a paragraph, a list.
    await driver.executeScript(
      `const data = new DataTransfer()
       data.setData('text/html', '<h2>Winter</h2><p>Boats go <b>less</b> often.</p><ul><li>Dogs</li><li>Bikes</li></ul><img src=x onerror=alert(1)>')
       data.setData('text/plain', 'Winter')
       document.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }))`,
    )
    await person.saved()
    expectEqual(await count('pagetimetable000'), before + 11, 'pasted words are blocks')
    const { documents } = await documentsOf(site, PROJECT)
    const made = Object.values(documents.pagetimetable000.records.blocks).slice(-3)
    expectEqual(
      made.map(({ kind, tag, text }) => [kind, tag, (text as { insert: string }[])[0].insert]),
      [
        ['text', 'h2', 'Winter'],
        ['text', undefined, 'Boats go less often.'],
        ['list', undefined, 'Dogs\nBikes'],
      ],
      'each as what it was',
    )
    await person.chord(Key.CONTROL, 'z')
    await person.saved()

    await person.keys('1')
    await person.until(
      'the narrow band shows',
      async () => (await person.text('.handle[role=slider]')) === '390 px',
    )
    await driver.executeScript(`document.querySelector('.handle[role=slider]').focus()`)
    await person.keys(Key.ARROW_RIGHT, Key.ARROW_RIGHT)
    expectEqual(await person.text('.handle[role=slider]'), '392 px', 'the rail goes by key')
    await driver.executeScript('document.activeElement.blur()')
    await person.chord(Key.CONTROL, 'k')
    const typed = await person.see('.typed input')
    await typed.sendKeys('ledger', Key.ENTER)
    await person.see('.ledger [role=table]')
    expectTrue(
      (await person.text('.stage-strip')).includes('16 pages'),
      'the command list leads to the Ledger',
    )

    await driver.navigate().refresh()
    await person.until('undo is there after a reload', async () =>
      driver.executeScript<boolean>(
        `return [...document.querySelectorAll('.tools .step')].some((b) => b.textContent.trim() === 'Undo' && !b.disabled)`,
      ),
    )
    await person.press('Undo')
    await person.saved()
    expectEqual(await count('pagetimetable000'), before, 'what was pasted before the reload is taken back')

    async function count(page = 'pagehome00000000') {
      const { documents } = await documentsOf(site, PROJECT)
      return Object.keys(documents[page]?.records.blocks ?? {}).length
    }
  },
}
