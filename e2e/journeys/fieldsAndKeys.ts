import { Key } from 'selenium-webdriver'
import { expectEqual, expectTrue } from '../expect'
import { documentsOf, type Journey } from './journey'

const PROJECT = 'skerrinferries00'

/** What Escape, Enter and Tab do in fields, lists, panels and dialogues, and what is done with a block's measures. */
export const fieldsAndKeys: Journey = {
  name: 'fields, panels and keys',
  async run({ person, site }) {
    const { driver } = person
    const isThere = async (css: string) => (await person.all(css)).length > 0
    const isFocused = (test: string) =>
      driver.executeScript<boolean>(`return Boolean((${test})(document.activeElement))`)
    const block = async (id: string) => {
      await person.saved()
      return (await documentsOf(site, PROJECT)).documents.pagehome00000000.records.blocks[id]
    }
    const isSelected = async () => (await person.all('[data-selected]')).length === 1

    await projects()
    await person.open(`${site.address}/projects/${PROJECT}/wireframe`)
    await person.see('.drawing g[data-block]')
    await escape()
    await outline()
    await ownSpace()
    await overflow()
    await panels()
    await guides()

    /** Duplicated, found by name, and begun with some stages only. */
    async function projects() {
      await person.open(site.address)
      await person.until('two projects', async () => (await person.all('.card h2')).length === 2)
      await person.press('Duplicate')
      await person.until('a copy', async () => (await person.all('.card h2')).length === 3)
      await (await person.see('.find input')).sendKeys('copy of')
      await person.until('it is found', async () => (await person.all('.card h2')).length === 1)
      await person.press('Begin with its site map')
      await person.until('a name is asked for', async () =>
        (await person.text('.begin')).includes('Give the project a name first.'),
      )
      await person.press('Map and style only')
      await person.fill('#new-project', 'Small job')
      await person.until('two stages', async () => (await person.all('.stages li')).length === 2)
    }

    /** Escape closes what is on top, one thing at a time, and the selection stays. */
    async function escape() {
      await person.selectBlock('Intro')
      await person.press('Take away…')
      await person.until('the dialogue', () => isThere('.el-dialog h3, .el-dialog button'))
      await person.keys(Key.ESCAPE)
      await person.until('it is closed', async () =>
        driver.executeScript<boolean>(
          `return [...document.querySelectorAll('.el-dialog')].every((one) => one.offsetParent === null)`,
        ),
      )
      expectTrue(await isSelected(), 'the block is still selected')

      await person.press('Show…')
      await person.until('the keys are in the panel', () => isFocused(`(e) => e.matches('.pop-panel')`))
      const isOpen = (css: string) =>
        driver.executeScript<boolean>(
          `return [...document.querySelectorAll(arguments[0])].some((one) => one.getClientRects().length > 0)`,
          css,
        )
      await driver.executeScript(`document.querySelector('.pop-panel [aria-label=Screen]').focus()`)
      await person.until('the field is there', () => isFocused(`(e) => e.tagName === 'INPUT'`))
      await person.keys(' ')
      await person.until('its list is open', () => isOpen('.el-select-dropdown__item'))
      await person.keys(Key.ESCAPE)
      await person.until('the list is closed', async () => !(await isOpen('.el-select-dropdown__item')))
      expectTrue(await isOpen('.pop-panel'), 'and the panel is not')
      await person.keys(Key.ESCAPE)
      await person.until('now it is', async () => !(await isOpen('.pop-panel')))
      await person.until('the keys are back at its button', () =>
        isFocused(`(e) => e.textContent.includes('Show')`),
      )
      expectTrue(await isSelected(), 'the block is selected still')

      const name = await person.see('.particulars .name input')
      await name.sendKeys(Key.chord(Key.CONTROL, 'a'), 'Lead in', Key.ENTER)
      await person.until('Enter gives the keys back', () => isFocused(`(e) => e === document.body`))
      await person.chord(Key.CONTROL, 'z')
    }

    /** The outline by keys: along its lines, folded and unfolded. */
    async function outline() {
      await person.selectBlock('Hero')
      const count = async () => (await person.all('[data-outline]')).length
      const before = await count()
      await person.keys(Key.ARROW_LEFT)
      await person.until(
        'folded',
        async () => (await count()) < before || (await isThere('[aria-expanded="false"][data-outline]')),
      )
      await person.keys(Key.ARROW_RIGHT, Key.ARROW_RIGHT)
      await person.until('in it', async () =>
        driver.executeScript<boolean>(
          `return document.querySelector('[role=treeitem][aria-selected=true] .called').textContent === 'Hero words'`,
        ),
      )
    }

    /** A gap typed over for one block alone, and given back. */
    async function ownSpace() {
      await person.selectBlock('Intro')
      await person.press('only here')
      const id = await driver.executeScript<string>(
        `return document.querySelector('[data-selected]').dataset.selected`,
      )
      await person.until('its own', async () =>
        JSON.stringify((await block(id)).place ?? {}).includes('space'),
      )
      await person.fill('.strip [aria-label="Gap above"]', '50')
      await person.until('typed', async () =>
        JSON.stringify((await block(id)).place).includes('"space":{"value":50'),
      )
      await person.press('as the gap')
      await person.until(
        'given back',
        async () => !JSON.stringify((await block(id)).place ?? {}).includes('space'),
      )
    }

    /** What runs out of the page is marked and listed. */
    async function overflow() {
      await person.selectBlock('Intro')
      await person.fill('[data-figure="wide"]', '3000')
      await person.until('it is marked', () => isThere('[data-overflow]'))
      await person.press('runs out')
      await person.until('and listed', async () =>
        (await person.text('.pop-panel .entry')).includes('runs out of the page by'),
      )
      await person.keys(Key.ESCAPE)
      await driver.executeScript('document.activeElement.blur()')
      await person.chord(Key.CONTROL, 'z')
      await person.until('it fits again', async () => !(await isThere('[data-overflow]')))
    }

    /** A panel closed by key stays closed after a reload. */
    async function panels() {
      const wide = () => person.number(`return document.querySelector('.left').getBoundingClientRect().width`)
      expectTrue((await wide()) > 100, 'the outline is there')
      await person.chord(Key.ALT, 'o')
      await person.until('it is closed', async () => (await wide()) < 1)
      await driver.navigate().refresh()
      await person.see('.drawing g[data-block]')
      expectTrue((await wide()) < 1, 'and stays closed')
      await person.chord(Key.ALT, 'o')
      await person.until('it is back', async () => (await wide()) > 100)
    }

    /** A set of guides asked for in its equation; what cannot be read stands to be mended. */
    async function guides() {
      await person.open(`${site.address}/projects/${PROJECT}/grid/guides`)
      const columns = await person.see('[aria-label="columns"]')
      await columns.sendKeys(Key.chord(Key.CONTROL, 'a'), 'six', Key.TAB)
      await person.until('it is said', async () =>
        (await person.text('.making [role=alert]')).includes('“six”'),
      )
      expectEqual(await columns.getAttribute('value'), 'six', 'what was typed stands')
      await columns.sendKeys(Key.chord(Key.CONTROL, 'a'), '6', Key.TAB)
      await person.saved()
      const count = async () =>
        Object.keys((await documentsOf(site, PROJECT)).documents.site.records.guides).length
      const before = await count()
      const rows = await person.see('[aria-label="rows"]')
      await rows.sendKeys(Key.chord(Key.CONTROL, 'a'), Key.DELETE, Key.TAB)
      await person.press('Make these')
      // Twelve edges of six columns, of which the outer ones are the margins; top and foot.
      await person.until('guides at the edges', async () => (await count()) === before + 14)
    }
  },
}
