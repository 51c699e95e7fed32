import { Key } from 'selenium-webdriver'
import { expectEqual, expectTrue } from '../expect'
import { commitParts, documentsOf, type Journey } from './journey'

const PROJECT = 'emptyproject0000'
const PAGE = 'keyboardpage0000'

/** A whole page drawn by keyboard alone, from the shelf to its columns, gaps and order, and read out meanwhile. */
export const pageByKeyboard: Journey = {
  name: 'a page drawn by keyboard alone',
  async run({ person, site }) {
    const { driver } = person
    await commitParts(site, PROJECT, [
      {
        document: 'site',
        kind: 'site',
        operations: [
          {
            type: 'put',
            collection: 'pages',
            id: PAGE,
            record: { id: PAGE, order: 'zw', title: 'By keyboard' },
          },
        ],
      },
    ])
    await person.open(`${site.address}/projects/${PROJECT}/wireframe/${PAGE}`)
    await person.see('.desk')
    const put = async (what: string) => {
      await person.keys('/')
      await person.keys(what, Key.ENTER, Key.ESCAPE)
      await person.until(`${what} is put`, async () => (await spoken()).length > 0)
    }
    const spoken = () => person.text('[aria-live=polite].visually-hidden')
    const field = async (label: string, words: string) => {
      await person.until(`the keys are at ${label}`, async () =>
        driver.executeScript<boolean>(
          `return document.activeElement?.getAttribute('aria-label') === ${JSON.stringify(label)}`,
        ),
      )
      await person.chord(Key.CONTROL, 'a')
      await person.keys(words, Key.ENTER)
    }
    await put('section')
    await put('heading')
    await person.keys(Key.ENTER)
    await (await person.see('.ql-editor')).sendKeys(Key.chord(Key.CONTROL, 'a'), 'Boats all year', Key.ESCAPE)
    await person.saved()
    // Columns by their own key, the gap from the strip.
    await person.chord(Key.SHIFT, 'q')
    await field('Columns', '1–7')
    await person.saved()
    await person.keys(Key.ESCAPE)
    await driver.executeScript('document.activeElement?.blur()')
    await put('text')
    await put('picture')
    await person.saved()
    expectTrue((await spoken()).includes('Picture'), 'what is selected is said')
    await person.chord(Key.ALT, Key.ARROW_UP)
    await person.keys(Key.ARROW_LEFT)
    await person.until('one goes to the one before', async () => !(await spoken()).startsWith('Picture'))
    await person.chord(Key.ALT, Key.SHIFT, Key.ARROW_RIGHT)
    await person.saved()
    await person.chord(Key.CONTROL, 'd')
    await person.saved()

    const { documents } = await documentsOf(site, PROJECT)
    const blocks = Object.values(documents[PAGE].records.blocks) as {
      kind: string
      parent?: string
      text?: { insert: string }[]
      place?: { column?: { start?: number; span?: number } }
    }[]
    expectEqual(
      blocks.map(({ kind }) => kind).sort(),
      ['picture', 'section', 'text', 'text', 'text'],
      'everything is on the page',
    )
    const heading = blocks.find(({ text }) => text?.[0].insert.startsWith('Boats'))
    expectEqual(
      heading?.place?.column,
      { start: 2, span: 7 },
      'on the columns that were typed, and one farther',
    )
    const lines = await person.all('[role=treeitem]')
    expectEqual(lines.length, 5, 'the tree names all of them')
  },
}
