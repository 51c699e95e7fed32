import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { strToU8, zipSync } from 'fflate'
import { expectEqual, expectTrue } from '../expect'
import { exported } from './exported'
import { documentsOf, type Journey } from './journey'

const PROJECT = 'skerrinferries00'

/** The demo's own exported page gives its grid back; a hostile page does nothing; a picture is marked by hand. */
export const foundGrid: Journey = {
  name: 'a grid found in a page that exists',
  async run({ person, site }) {
    const { driver } = person
    const folder = mkdtempSync(join(tmpdir(), 'nolvex-'))
    const write = (name: string, bytes: string | Uint8Array) => {
      writeFileSync(join(folder, name), bytes)
      return join(folder, name)
    }
    const choose = async (path: string) =>
      (await person.see('input[aria-label="Picture or page"]')).sendKeys(path)
    const best = () => person.text('.found .side-entry')

    await person.open(`${site.address}/projects/${PROJECT}/grid/found`)
    await choose(
      write('home.zip', await exported(site, PROJECT, { format: 'html', page: 'pagehome00000000' })),
    )
    await person.until('its grid', async () =>
      (await best()).includes('12 columns of 87.33, gutters 24, margins 64'),
    )
    await person.choose('.found .choice-field', 'Medium')
    await person.until('used for a band', async () => {
      await person.saved()
      const { bands } = (await documentsOf(site, PROJECT)).documents.site.records
      return (bands.bandmedium000000.grid as { columns: number }).columns === 12
    })

    await person.press('Open another')
    const hostile = `<body onload="parent.document.title='taken'"><script>parent.document.title = 'taken'</script>
      <img src="https://elsewhere.example/a.png" onerror="parent.document.title='taken'" width="300" height="40">
      <link rel="stylesheet" href="https://elsewhere.example/a.css"><style>@import url(https://elsewhere.example/b.css); div { background: url(/api/projects) }</style>
      ${[0, 1, 2, 3].map((at) => `<div style="position:absolute;top:60px;height:40px;left:${40 + at * 250}px;width:220px">${at}</div>`).join('')}
      <div style="position:absolute;top:120px;left:40px;width:470px">two</div><div style="position:absolute;top:120px;left:540px;width:470px">two</div></body>`
    await choose(write('hostile.html', hostile))
    await person.until('its blocks are read', async () =>
      (await person.text('.found')).includes('blocks read'),
    )
    expectTrue((await driver.getTitle()) !== 'taken', 'nothing in it ran')
    const asked = await driver.executeScript<string[]>(
      `return performance.getEntriesByType('resource').map(({ name }) => name).filter((name) => name.includes('elsewhere') || name.endsWith('/api/projects'))`,
    )
    expectEqual(asked, [], 'nothing was fetched')

    await person.press('Open another')
    await choose(write('nothing.zip', zipSync({ 'readme.txt': strToU8('no page') })))
    await person.until('a zip without a page is said', async () =>
      (await person.text('.found [role=alert]')).includes('no HTML file'),
    )

    await choose(
      write(
        'home.png',
        await exported(site, PROJECT, { format: 'png', page: 'pagehome00000000', width: 1440 }),
      ),
    )
    await person.see('.marked img')
    await person.until(
      'it is laid out',
      async () => (await person.number(`return document.querySelector('.marked').clientHeight`)) > 300,
    )
    const marks = [
      [1, 12],
      [1, 5],
      [7, 6],
      [1, 4],
      [5, 4],
      [4, 3],
      [10, 3],
    ]
    const box = await driver.executeScript<{ width: number }>(
      `return { width: document.querySelector('.marked').clientWidth }`,
    )
    const zoom = box.width / 1440
    for (const [index, [start, span]] of marks.entries()) {
      const column = (1312 - 11 * 24) / 12
      const left = (64 + (start - 1) * (column + 24)) * zoom
      const width = (span * column + (span - 1) * 24) * zoom
      await pull(left, 20 + index * 40, width)
    }
    await person.until('the same grid from the marks', async () => {
      const words = await best()
      return words.includes('12 columns of 87') && words.includes('gutters 24')
    })

    /** Pulls a rectangle over the picture, from a place in it, in screen px. */
    async function pull(x: number, y: number, width: number) {
      const corner = await driver.executeScript<{ left: number; top: number }>(
        `const box = document.querySelector('.marked').getBoundingClientRect(); return { left: box.left, top: box.top }`,
      )
      const from = { x: Math.round(corner.left + x), y: Math.round(corner.top + y) }
      const to = { x: Math.round(corner.left + x + width), y: from.y + 24 }
      const middle = { x: Math.round((from.x + to.x) / 2), y: from.y + 10 }
      const actions = driver.actions({ async: true }).move(from).press()
      await actions.move(middle).move(to).release().perform()
    }
  },
}
