import { Key } from 'selenium-webdriver'
import { expectEqual } from '../expect'
import { documentsOf, type Journey } from './journey'

/** A site planned with the keyboard alone, then a page moved by mouse. */
export const mapByKeyboard: Journey = {
  name: 'plan a map by keyboard and by mouse',
  async run({ person, site }) {
    await person.open(`${site.address}/projects/emptyproject0000/map`)
    await person.see('.stage .invitation')
    await person.keys(Key.ENTER)
    await name('Home')
    await person.chord(Key.SHIFT, Key.ENTER)
    await name('Prices')
    await person.keys(Key.ENTER)
    await name('Contact')
    await person.keys(Key.ENTER)
    await name('Rooms')
    expectEqual(await outline(), ['Home', '-Prices', '-Contact', '-Rooms'], 'typed pages')

    await person.chord(Key.ALT, Key.ARROW_LEFT)
    expectEqual(await outline(), ['Home', '-Prices', '-Rooms', '-Contact'], 'moved before its neighbour')
    await person.chord(Key.ALT, Key.ARROW_DOWN)
    expectEqual(await outline(), ['Home', '-Prices', '--Rooms', '-Contact'], 'moved below its neighbour')
    await person.chord(Key.ALT, Key.ARROW_UP)
    expectEqual(await outline(), ['Home', '-Prices', '-Rooms', '-Contact'], 'moved out again')
    await person.keys(Key.F2)
    await name('Our rooms')
    await person.keys(Key.ARROW_LEFT, Key.DELETE)
    expectEqual(await outline(), ['Home', '-Our rooms', '-Contact'], 'deleted')
    await person.chord(Key.CONTROL, 'z')
    expectEqual(await outline(), ['Home', '-Prices', '-Our rooms', '-Contact'], 'and brought back')

    const [from, to] = (await person.driver.executeScript(
      `const at = (name) => [...document.querySelectorAll('.card')].find(c => c.querySelector('b').textContent === name).getBoundingClientRect(); return [at('Contact'), at('Our rooms')]`,
    )) as DOMRect[]
    await person.driver.executeScript(
      `[...document.querySelectorAll('.spot')].find(c => c.querySelector('b').textContent === 'Contact').id = 'carried'`,
    )
    await person.drag('#carried', Math.round(to.left - from.left), Math.round(to.top - from.top))
    expectEqual(await outline(), ['Home', '-Prices', '-Our rooms', '--Contact'], 'dropped onto another page')

    async function name(title: string) {
      const field = await person.see('.rename input')
      await field.sendKeys(Key.chord(Key.CONTROL, 'a'), title, Key.ENTER)
      await person.until('the name is kept', async () => (await person.all('.rename')).length === 0)
    }

    async function outline(): Promise<string[]> {
      await person.saved()
      const { documents } = await documentsOf(site, 'emptyproject0000')
      const pages = Object.values(documents.site.records.pages) as {
        id: string
        parent?: string
        order: string
        title: string
      }[]
      const walk = (parent: string | undefined, depth: number): string[] =>
        pages
          .filter((page) => page.parent === parent)
          .sort((a, b) => (a.order < b.order ? -1 : 1))
          .flatMap((page) => [`${'-'.repeat(depth)}${page.title}`, ...walk(page.id, depth + 1)])
      return walk(undefined, 0)
    }
  },
}
