import { Key } from 'selenium-webdriver'
import { expectEqual, expectTrue } from '../expect'
import { documentsOf, type Journey } from './journey'

const PROJECT = 'skerrinferries00'

interface BandRecord {
  name: string
  from: number
  grid: { columns: number; gutter: number; margin: number; contentWidth?: number }
}

/** The demo's bands: figures typed and stepped, one that cannot be, a band split and taken away, all undone. */
export const gridBands: Journey = {
  name: 'bands and their column grids',
  async run({ person, site }) {
    const { driver } = person
    const bands = async () => {
      await person.saved()
      const records = (await documentsOf(site, PROJECT)).documents.site.records.bands
      return (Object.values(records) as unknown as BandRecord[]).sort((a, b) => a.from - b.from)
    }
    const figure = (name: string) => `[aria-label="${name}"]`

    await person.open(`${site.address}/projects/${PROJECT}/grid`)
    await person.fill(figure('margin of Medium'), '36')
    expectEqual((await bands())[1].grid.margin, 36, 'the margin is typed')
    expectEqual(await value('column of Medium'), '74.25', 'the column gives way')
    await person.fill(figure('column of Medium'), '73')
    expectEqual((await bands())[1].grid.margin, 41, 'a typed column moves the margin')
    await (
      await person.see(figure('gutter of Medium'))
    ).sendKeys(Key.ARROW_UP, Key.chord(Key.SHIFT, Key.ARROW_UP))
    expectEqual((await bands())[1].grid.gutter, 35, 'stepped by one and by ten')

    const before = (await bands())[1].grid
    await person.fill(figure('margin of Medium'), '800')
    await person.until('it says what cannot be', async () =>
      (await person.text('[role=alert]')).includes('no room for columns'),
    )
    expectEqual((await bands())[1].grid, before, 'and keeps the grid')

    await person.click(`[data-band="bandmedium000000"] .do .el-button`)
    await person.fill('[aria-label="Width to split at"]', '900')
    await person.until('four bands', async () => (await bands()).length === 4)
    expectEqual(
      (await bands()).map(({ name, from }) => `${name} ${from}`),
      ['Narrow 0', 'Medium 2 680', 'Medium 900', 'Wide 1120'],
      'the part farther from the lead is new',
    )
    await person.press('Join with Wide')
    await person.until('three bands', async () => (await bands()).length === 3)
    const { documents } = await documentsOf(site, PROJECT)
    const left = JSON.stringify(documents.pagehome00000000.records)
    expectTrue(!left.includes('bandmedium000000'), 'no value is left behind')
    await driver.executeScript('document.activeElement.blur()')
    for (let step = 0; step < 6; step++) await person.chord(Key.CONTROL, 'z')
    await person.until('all is as it was', async () => {
      const [, medium] = await bands()
      return medium.from === 680 && medium.grid.margin === 32 && medium.grid.gutter === 24
    })

    async function value(name: string): Promise<string> {
      return (await (await person.see(figure(name))).getAttribute('value')) ?? ''
    }
  },
}
