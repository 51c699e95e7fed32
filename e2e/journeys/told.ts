import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { expectEqual } from '../expect'
import { documentsOf, type Journey } from './journey'

const DEMO = 'skerrinferries00'
const ORREL = 'pageorrel0000000'
const SCAN =
  '<svg xmlns="http://www.w3.org/2000/svg" width="400" height="600"><rect width="400" height="600" fill="#ccc"/></svg>'

/** What a drawing says beside what it draws: notes, where words come from, what stands for them, a scan below. */
export const told: Journey = {
  name: 'notes, content and a scan',
  async run({ person, site }) {
    await person.open(`${site.address}/projects/${DEMO}/wireframe/${ORREL}`)
    await person.see('.drawing g')

    await person.selectBlock('Landing heading')
    const note = await person.see('[data-field=note] textarea')
    await note.sendKeys('Says when the ramp is out.')
    await person.driver.executeScript('arguments[0].blur()', note)
    await person.saved()
    await person.until(
      'the note is numbered on the page',
      async () => (await person.text('[data-tag=note]')) === '1',
    )
    await person.driver.executeScript('document.activeElement.blur()')
    await person.keys('n')
    await person.until('and hidden by key', async () => (await person.all('[data-tag=note]')).length === 0)

    await person.choose('[data-field=content] input', 'C-006')
    await person.saved()
    await person.until('what is missing is marked', async () =>
      (await person.text('[data-tag=missing]')).includes('C-006 missing'),
    )
    const block = Object.values((await blocks(ORREL)) ?? {}).find(({ name }) => name === 'Landing heading')
    expectEqual(block?.note, 'Says when the ramp is out.', 'the note is kept')

    await person.press('Show…')
    await person.choose('.show .choice-field', 'Lines')
    await person.saved()
    await person.until(
      'lines stand for words',
      async () => !(await person.text('.drawing')).includes('Coming ashore'),
    )
    await scaleScan()

    async function scaleScan() {
      const folder = mkdtempSync(join(tmpdir(), 'nolvex-'))
      try {
        const file = join(folder, 'scan.svg')
        writeFileSync(file, SCAN)
        await (await person.see('.show input[type=file]')).sendKeys(file)
        await person.saved()
        await person.press('Scale by two points…')
        const sheet = await person.see('.scale')
        const press = (x: number) =>
          person.driver
            .actions({ async: true })
            .move({ origin: sheet, x, y: -200 })
            .press()
            .release()
            .perform()
        const before = await underlay()
        await press(-100)
        await press(100)
        const field = await person.see('.el-message-box input')
        await field.sendKeys('960')
        await person.press('Scale it')
        await person.saved()
        const after = await underlay()
        expectEqual(after.width === before.width, false, 'the scan has another size')
        expectEqual(Math.round((after.width / after.height) * 100), 67, 'and its own ratio')
      } finally {
        rmSync(folder, { recursive: true })
      }
    }
    async function underlay() {
      const { documents } = await documentsOf(site, DEMO)
      return documents.site.records.pages[ORREL].underlay as { width: number; height: number }
    }
    async function blocks(page: string) {
      return (await documentsOf(site, DEMO)).documents[page].records.blocks
    }
  },
}
