import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { Key } from 'selenium-webdriver'
import { expectEqual, expectTrue } from '../expect'
import { documentsOf, type Journey } from './journey'

const DEMO = 'skerrinferries00'
const HOME = 'pagehome00000000'
const SAILINGS = 'collectionsail00'

/** Drawn once, shown often: blocks shared between pages, and a series over the rows of a collection. */
export const repeated: Journey = {
  name: 'shared blocks and series',
  async run({ person, site }) {
    const { driver } = person
    await person.open(`${site.address}/projects/${DEMO}/wireframe/${HOME}`)
    await person.see('.drawing g')
    await shareAndCopy()
    await editOriginal()
    await cutLoose()
    await drawSeries()
    await fillSeries()
    await keepPattern()

    async function shareAndCopy() {
      await person.selectBlock('Tansay')
      await person.chord(Key.ALT, 's')
      await person.fill('.el-dialog input[aria-label=Name]', 'Isle card')
      await person.saved()
      expectEqual((await copies()).length, 1, 'a copy stands where it was drawn')
      await person.press('Isle card')
      await person.saved()
      expectEqual((await copies()).length, 2, 'and another was put from the shelf')
      expectTrue((await person.text('.particulars')).includes('2 copies on 1 page'), 'which is said')
    }

    async function editOriginal() {
      await person.chord(Key.ALT, Key.ENTER)
      await person.until('all follow', async () =>
        (await person.text('.follow-strip')).includes('All: 2 copies follow'),
      )
      await person.selectBlock('Tansay name')
      await write('Any isle')
      expectEqual(await wordsOf('Any isle'), 2, 'both say it')
      await person.press('Only this one')
      await write('Just here')
      expectEqual([await wordsOf('Any isle'), await wordsOf('Just here')], [1, 1], 'one says something else')
      await person.press('Done')
      await person.until(
        'the page is edited again',
        async () => (await person.all('.follow-strip')).length === 0,
      )
      await person.selectBlock('Isle card')
      await person.until('what may differ is listed', async () =>
        (await person.text('.particulars')).includes('Tansay name: text'),
      )
    }

    async function cutLoose() {
      await person.chord(Key.ALT, 'i')
      await person.until('it says what stays', async () =>
        (await person.text('.el-message-box')).includes('What it shows now stays'),
      )
      await person.press('Make it independent')
      await person.saved()
      expectEqual((await copies()).length, 1, 'a copy less')
      expectEqual(
        [await wordsOf('Any isle'), await wordsOf('Just here')],
        [1, 1],
        'and nothing looks otherwise',
      )
    }

    async function drawSeries() {
      await person.selectBlock('Until')
      await person.until('all rows follow', async () =>
        (await person.text('.follow-strip')).includes('Series of Sailings'),
      )
      await write('till')
      expectEqual(await wordsOf('till'), 4, 'all four rows say it')
      await person.press('Only row')
      await write('until about')
      expectEqual(
        [await wordsOf('till'), await wordsOf('until about')],
        [3, 1],
        'one row says something else',
      )
      await person.selectBlock('Isle')
      const before = await rows()
      await write('North Tansay')
      const changed = (await rows()).filter((values, index) => values !== before[index])
      expectEqual(changed.length, 1, 'what comes from a row is written there')
      expectTrue(changed[0].includes('North Tansay'), 'as it was typed')
    }

    async function fillSeries() {
      const folder = mkdtempSync(join(tmpdir(), 'nolvex-'))
      try {
        const file = join(folder, 'boats.csv')
        writeFileSync(file, 'to,leaves\nOrrel,09:00\nHask,10:00\n')
        await (await person.see('.particulars input[type=file]')).sendKeys(file)
        await person.until('what was filled is said', async () =>
          (await person.text('.told')).includes('2 rows filled in'),
        )
        await person.saved()
        expectEqual((await rows()).length, 2, 'the collection has those rows')
        await person.chord(Key.CONTROL, 'z')
        await person.saved()
        expectTrue((await rows()).length > 20, 'one undo brings the others back')
      } finally {
        rmSync(folder, { recursive: true })
      }
    }

    async function keepPattern() {
      await person.selectBlock('Notices')
      await person.chord(Key.ALT, 'k')
      await person.fill('.el-dialog input[aria-label=Name]', 'Our notices')
      await person.saved()
      await person.choose('.page input[aria-label=Page]', 'Fares')
      await person.until('the page is open', async () =>
        (await driver.getCurrentUrl()).includes('pagefares0000000'),
      )
      await person.see('.drawing g')
      await person.keys('p')
      await person.press('Our notices')
      await person.press('Put it on the page')
      await person.saved()
      const { documents } = await documentsOf(site, DEMO)
      const names = Object.values(documents.pagefares0000000.records.blocks).map(({ name }) => name)
      expectTrue(names.includes('Notice list'), 'a section of one’s own is put on another page')
    }

    /** Writes in the selected text. */
    async function write(words: string) {
      await person.keys(Key.ENTER)
      await person.see('.ql-editor')
      await person.chord(Key.CONTROL, 'a')
      await person.keys(words, Key.ESCAPE)
      await person.saved()
    }

    /** how often the page says exactly this */
    function wordsOf(words: string) {
      const said = JSON.stringify(words)
      return person.number(
        `return [...document.querySelectorAll('.drawing text')].filter((one) => one.textContent === ${said}).length`,
      )
    }

    async function copies() {
      const { documents } = await documentsOf(site, DEMO)
      const [shared] = Object.values(documents.style.records.shared).filter(
        ({ name }) => name === 'Isle card',
      )
      return Object.values(documents[HOME].records.blocks).filter(
        ({ data }) => (data as { shared?: string } | undefined)?.shared === shared?.id,
      )
    }

    async function rows(): Promise<string[]> {
      const { documents } = await documentsOf(site, DEMO)
      return Object.values(documents[SAILINGS].records.rows).map(({ values }) => JSON.stringify(values))
    }
  },
}
