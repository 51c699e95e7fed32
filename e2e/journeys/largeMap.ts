import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { Key } from 'selenium-webdriver'
import { expectEqual, expectTrue } from '../expect'
import { documentsOf, type Journey } from './journey'

const PROJECT = 'emptyproject0000'
const COUNT = 2000

/** A sitemap of 2,000 addresses read from a file, found through, edited in the table, and taken back. */
export const largeMap: Journey = {
  name: 'a map of 2,000 pages',
  async run({ person, site }) {
    const folder = mkdtempSync(join(tmpdir(), 'nolvex-'))
    try {
      const file = join(folder, 'sitemap.xml')
      writeFileSync(file, sitemap())
      await person.open(`${site.address}/projects/${PROJECT}/map`)
      await person.press('Bring in a list…')
      await (await person.see('.el-dialog input[type=file]')).sendKeys(file)
      await person.press(`Add ${COUNT} pages`)
      await person.until('all are kept', async () => {
        await person.saved()
        return Object.keys((await documentsOf(site, PROJECT)).documents.site.records.pages).length === COUNT
      })
      const mounted = (await person.all('.card')).length
      expectTrue(mounted > 0 && mounted <= COUNT, 'cards in view are mounted')

      await (await person.see('.find input')).sendKeys('Part 7 page 42', Key.ENTER)
      await person.until('it is found and shown', async () =>
        (await person.text('.particulars h2')).includes('Part 7 page 42'),
      )
      await person.until(
        'only cards near it are mounted',
        async () => (await person.all('.card')).length < 200,
      )

      await person.click('.stage-strip nav a[href$="/map/table"]')
      await person.until('few rows are mounted', async () => {
        const rows = (await person.all('.rows .row')).length
        return rows > 5 && rows < 80
      })
      await typeOnInTable()
      const wrong = join(folder, 'broken.xml')
      writeFileSync(wrong, sitemap().slice(0, 900))
      await person.press('Bring in…')
      await (await person.see('.el-dialog input[type=file]')).sendKeys(wrong)
      await person.until('the error names the line', async () =>
        /broken at line \d+/.test(await person.text('.el-dialog [role=alert]')),
      )
    } finally {
      rmSync(folder, { recursive: true })
    }

    /** Enter adds a page, typing names it, Tab puts it below the one before, and undo takes it all back. */
    async function typeOnInTable() {
      await person.click('.rows .row')
      await person.chord(Key.SHIFT, Key.ENTER)
      const field = await person.see('.title input')
      await field.sendKeys(Key.chord(Key.CONTROL, 'a'), 'Typed one', Key.ENTER)
      const next = await person.see('.title input')
      await next.sendKeys(Key.chord(Key.CONTROL, 'a'), 'Typed two', Key.TAB)
      await person.until('named', async () => {
        const { documents } = await documentsOf(site, PROJECT)
        const pages = Object.values(documents.site.records.pages) as {
          id: string
          title: string
          parent?: string
        }[]
        const one = pages.find(({ title }) => title === 'Typed one')
        const two = pages.find(({ title }) => title === 'Typed two')
        return one !== undefined && two?.parent === one.id
      })
      await person.keys(Key.ESCAPE)
      for (let step = 0; step < 5; step++) await person.chord(Key.CONTROL, 'z')
      await person.saved()
      const { documents } = await documentsOf(site, PROJECT)
      expectEqual(Object.keys(documents.site.records.pages).length, COUNT, 'undone')
    }
  },
}

function sitemap(): string {
  const urls = Array.from({ length: COUNT }, (_, index) => {
    if (index === 0) return 'https://large.example/'
    const part = index % 20
    return index <= 20
      ? `https://large.example/part-${index % 20}`
      : `https://large.example/part-${part}/part-${part}-page-${Math.floor(index / 20)}`
  })
  const list = urls.map((url) => `<url><loc>${url}</loc></url>`).join('\n')
  return `<?xml version="1.0" encoding="UTF-8"?>\n<urlset xmlns="http://www.sitemaps.org/schemas/sitemap/0.9">\n${list}\n</urlset>`
}
