import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { expectEqual, expectTrue } from '../expect'
import { exported } from './exported'
import { documentsOf, type Journey } from './journey'

const PROJECT = 'emptyproject0000'

/** From an audience file to agreed bands and a sheet, on an empty project; then a change, and the line says so. */
export const gridAgreed: Journey = {
  name: 'from an audience file to an agreed grid',
  async run({ person, site }) {
    const folder = mkdtempSync(join(tmpdir(), 'nolvex-'))
    const records = async () => {
      await person.saved()
      return (await documentsOf(site, PROJECT)).documents.site.records
    }
    await person.open(`${site.address}/projects/${PROJECT}/grid/audience`)
    const table = join(folder, 'audience.csv')
    const rows = Array.from({ length: 40_000 }, (_, index) => {
      const [width, height] = [
        [390, 740],
        [412, 780],
        [820, 1100],
        [1440, 800],
      ][index % 4]
      return `${index % 9};${width + (index % 3)}x${height};${index === 7 ? 'many' : 2}`
    })
    writeFileSync(table, `Country;Viewport size;Sessions\n${rows.join('\n')}\n`)
    await person.press('From a file')
    await (await person.see('input[aria-label="Audience file"]')).sendKeys(table)
    await person.until('a preview', async () =>
      (await person.text('.el-dialog .ruled')).includes('390 × 740, 2 visits'),
    )
    await person.press('Read the whole file')
    await person.until('what was left out is said', async () =>
      (await person.text('.el-dialog [role=status]')).includes('“many” is no number of visits'),
    )
    await person.press('Use this audience')
    const { audience } = await records()
    const sizes = audience.audience.sizes as [number, number, number][]
    expectEqual(
      sizes.reduce((sum, [, , visits]) => sum + visits, 0),
      79_998,
      'every visit but the odd row’s is counted',
    )
    await person.until('charts are drawn', async () => (await person.all('.audience-chart svg')).length === 4)
    await person.press('Take these 3 bands')
    await person.until('three bands from the audience', async () => {
      const bands = Object.values((await records()).bands)
      return (
        bands
          .map(({ from }) => Number(from))
          .sort((a, b) => a - b)
          .join() === '0,820,1440'
      )
    })

    await person.open(`${site.address}/projects/${PROJECT}/grid/agreement`)
    await person.fill('[aria-label="Ask"]', 'May grids nest?')
    await person.until('one question open', async () =>
      (await person.text('.agreement')).includes('1 question is not'),
    )
    await person.fill('.agreement input[placeholder^="names"]', 'Ada, Bo')
    await person.until('agreed', async () =>
      (await person.text('.agreement')).includes('Nothing changed since'),
    )
    expectTrue((await person.text('pre')).includes('@media (width < 1440px)'), 'the CSS has the bands')
    expectTrue(
      (await person.text('.sheet-picture')).includes('Agreed by Ada, Bo'),
      'the sheet says who agreed',
    )

    await person.open(`${site.address}/projects/${PROJECT}/grid`)
    await person.fill('[aria-label="margin of Narrow"]', '1.5em')
    await person.until('a unit is understood', async () => {
      const { bands } = await records()
      return Object.values(bands).some(({ grid }) => (grid as { margin: number }).margin === 24)
    })
    await person.until('the stage line says it changed', async () =>
      (await person.text('.stages')).includes('changed since'),
    )
    await person.open(`${site.address}/projects/${PROJECT}/grid/agreement`)
    await person.until('the difference is shown', async () =>
      (await person.text('.agreement')).includes('Narrow: margin was 16, is 24'),
    )
    const input = { format: 'grid', file: 'svg', paper: 'A4', date: '2026-01-02' }
    const svg = new TextDecoder().decode(await exported(site, PROJECT, input))
    expectTrue(svg.includes('Agreed by Ada, Bo'), 'the sheet that leaves says who agreed')
    expectTrue(svg.includes('It has changed since.'), 'and that it changed')
  },
}
