import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { By, Key } from 'selenium-webdriver'
import { expectEqual, expectTrue } from '../expect'
import { documentsOf, type Journey } from './journey'

const PROJECT = 'skerrinferries00'

/** The demo's plan: a page others refer to is deleted and brought back; a collection is filled; the profile changes. */
export const demoPlan: Journey = {
  name: 'the plan of the demo',
  async run({ person, site }) {
    const { driver } = person
    const state = async () => (await documentsOf(site, PROJECT)).documents
    const before = await state()

    await person.open(`${site.address}/projects/${PROJECT}/map`)
    await person.see('.card')
    await driver
      .findElement(By.xpath('//div[contains(@class,"spot")][.//b[normalize-space()="Timetable"]]'))
      .click()
    await person.keys(Key.DELETE)
    // A dialogue that is still coming in says nothing yet.
    for (const words of [
      'Main menu: Timetable',
      'Buy a crossing for today',
      'C-003 Sailings',
      'from other pages',
    ])
      await person.until(`the dialog names ${words}`, async () =>
        (await person.text('.el-dialog:has(.do)')).includes(words),
      )
    await person.press('Delete it')
    await person.until('it is gone', async () => !('pagetimetable000' in (await state()).site.records.pages))
    await person.chord(Key.CONTROL, 'z')
    await person.until('it is back', async () => 'pagetimetable000' in (await state()).site.records.pages)
    expectEqual(
      JSON.stringify(sorted((await state()).site)),
      JSON.stringify(sorted(before.site)),
      'with all that referred to it',
    )

    await person.open(`${site.address}/projects/${PROJECT}/map/content`)
    await person.press('Add a collection')
    await person.choose('.tools .choice-field', 'Sailings')
    await person.until('sailings are there', async () => {
      const documents = Object.values(await state())
      return documents.some(
        ({ records }) =>
          records.settings?.collection?.service === 'sailings' && Object.keys(records.rows).length > 20,
      )
    })

    await person.open(`${site.address}/projects/${PROJECT}/map/brief`)
    await person.press('Map and style only')
    await person.until('the stage line follows', async () => (await person.all('.stages li')).length === 2)
    await person.chord(Key.CONTROL, 'z')
    await person.until('and back', async () => (await person.all('.stages li')).length === 8)

    await attachFile()

    await person.press('Make it a page')
    await person.until('the idea is a page', async () =>
      Object.values((await state()).site.records.pages).some(
        ({ title }) => title === 'A live picture of the harbour',
      ),
    )

    /** A file that is no picture is kept, handed back as it was, and travels in the project file. */
    async function attachFile() {
      const folder = mkdtempSync(join(tmpdir(), 'nolvex-'))
      const words = '<script>alert(1)</script> the old timetable'
      writeFileSync(join(folder, 'timetable.html'), words)
      await (await person.see('.files input[type=file]')).sendKeys(join(folder, 'timetable.html'))
      await person.until('the file is attached', async () => (await person.all('a[download]')).length === 1)
      rmSync(folder, { recursive: true })
      const address = (await (await person.see('a[download]')).getAttribute('href')) as string
      const response = await fetch(address)
      expectEqual(await response.text(), words, 'the file is handed back')
      expectTrue(
        response.headers.get('content-disposition')?.startsWith('attachment'),
        'to be saved, never shown',
      )
      expectEqual(response.headers.get('content-type'), 'application/octet-stream', 'as no kind of page')
      const file = await (await fetch(`${site.address}/api/projects/${PROJECT}/file`)).arrayBuffer()
      const init = { method: 'POST', headers: { 'content-type': 'application/zip' }, body: file }
      const opened = await site.ask<{ id: string }>('/api/projects/open', init)
      const { assets } = await site.ask<{ assets: { name: string }[] }>(`/api/projects/${opened.id}/assets`)
      expectTrue(
        assets.some(({ name }) => name === 'timetable.html'),
        'and travels with the project',
      )
    }
  },
}

/** The same whatever the order its keys came in. */
function sorted(value: unknown): unknown {
  if (typeof value !== 'object' || value === null || Array.isArray(value)) return value
  return Object.fromEntries(
    Object.entries(value)
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([key, below]) => [key, sorted(below)]),
  )
}
