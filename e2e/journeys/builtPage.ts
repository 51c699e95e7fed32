import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate'
import { expectEqual, expectTrue } from '../expect'
import { exported } from './exported'
import type { Journey } from './journey'

const PROJECT = 'skerrinferries00'

/** What a developer made of a page is compared with its drawing at every band: as drawn, changed, and hostile. */
export const builtPage: Journey = {
  name: 'a built page compared with its drawing',
  async run({ person, site }) {
    const folder = mkdtempSync(join(tmpdir(), 'nolvex-'))
    const write = (name: string, bytes: string | Uint8Array) => {
      writeFileSync(join(folder, name), bytes)
      return join(folder, name)
    }
    const choose = async (path: string) => (await person.see('input[aria-label="Built page"]')).sendKeys(path)
    const list = () => person.text('.built-list')
    const read = () =>
      person.until('it is laid out at every band', async () => {
        const words = await list()
        return words.includes('At each band') && !words.includes('Laying it out')
      })

    const zip = await exported(site, PROJECT, {
      ...{ format: 'html', page: 'pagehome00000000', finish: 'finished' },
    })
    await person.open(`${site.address}/projects/${PROJECT}/review/built`)
    await choose(write('home.zip', zip))
    await read()
    expectEqual((await list()).match(/: as drawn/g)?.length, 3, 'built from our own HTML it is as drawn')

    const html = strFromU8(unzipSync(zip)['index.html'])
    const changed = html
      .replace('Small boats, three isles', 'Great boats, three isles')
      .replace('</style>', '.find-a-sailing { margin-left: 18px; background: #b3261e }</style>')
      .replace(/<h2[^>]*>Three isles<\/h2>/, '')
    expectTrue(changed.length < html.length + 40, 'it is another page')
    await person.press('Open another')
    await choose(write('changed.zip', zipSync({ 'site/index.html': strToU8(changed) })))
    await read()
    const words = await list()
    for (const one of [
      'Isles heading is not there',
      'Headline says “Great boats, three isles”, drawn “Small boats, three isles”',
      'Find a sailing stands 18 px further right than drawn',
      'Find a sailing is on #b3261e',
    ])
      expectTrue(words.includes(one), `it says “${one}” in ${words}`)
    await person.press('stands 18 px further right')
    await person.see('rect.as-drawn')
    await person.see('rect.as-built.pointed')
    await person.press('Narrow')
    await person.until(
      'the frame is as wide',
      async () => (await person.number(`return document.querySelector('iframe').clientWidth`)) === 390,
    )

    await person.press('Open another')
    const hostile = `<body onload="parent.document.title='taken'"><script>parent.document.title = 'taken'</script>
      <style>@font-face { font-family: x; src: url(https://elsewhere.example/x.woff2) } p { font-family: x; background: url(https://elsewhere.example/p.png) }</style>
      <p>${'words '.repeat(2000)}</p><a href="javascript:parent.document.title='taken'">press</a><iframe src="https://elsewhere.example"></iframe></body>`
    await choose(write('hostile.html', hostile))
    await read()
    expectTrue((await person.driver.getTitle()) !== 'taken', 'nothing in it ran')
    const asked = await person.driver.executeScript<string[]>(
      `return performance.getEntriesByType('resource').map(({ name }) => name).filter((name) => name.includes('elsewhere'))`,
    )
    expectEqual(asked, [], 'nothing was fetched')
    await person.press('Open another')
    await choose(write('nothing.zip', zipSync({ 'readme.txt': strToU8('no page') })))
    await person.until('a zip without a page is said', async () => (await list()).includes('no HTML file'))
  },
}
