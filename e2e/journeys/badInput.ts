import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { expectTrue } from '../expect'
import { documentsOf, type Journey } from './journey'

const PROJECT = 'skerrinferries00'

/** Wrong files and odd lists: each gets a clear word, and nothing is lost or half done. */
export const badInput: Journey = {
  name: 'wrong files and odd lists',
  async run({ person, site }) {
    const folder = mkdtempSync(join(tmpdir(), 'nolvex-bad-'))
    const whole = Buffer.from(
      await (await fetch(`${site.address}/api/projects/${PROJECT}/file`)).arrayBuffer(),
    )
    const half = join(folder, 'half.zip')
    writeFileSync(half, whole.subarray(0, whole.length / 2))
    await person.open(site.address)
    await (await person.see('input[type=file]')).sendKeys(half)
    await person.until('a cut project file is told', async () =>
      (await person.text('[role=alert]')).includes('cut off'),
    )
    const { projects } = await site.ask<{ projects: unknown[] }>('/api/projects')
    expectTrue(projects.length === 2, 'and no project is left behind')

    await person.open(`${site.address}/projects/${PROJECT}/wireframe`)
    await person.until('the page is there', async () =>
      (await person.text('.drawing')).includes('Small boats'),
    )
    await person.selectBlock('Harbour picture')
    const before = JSON.stringify((await documentsOf(site, PROJECT)).documents)
    await choose('notes.png', 'this is no picture')
    await person.until('a picture that is none is told', async () =>
      (await person.text('.drafting > [role=alert]')).includes('no picture we know'),
    )
    await choose(
      'danger.svg',
      '<svg xmlns="http://www.w3.org/2000/svg" width="40" height="30"><script>alert(1)</script><rect width="40" height="30" onclick="alert(2)"/></svg>',
    )
    await person.until(
      'an SVG is taken',
      async () => JSON.stringify((await documentsOf(site, PROJECT)).documents) !== before,
    )
    const { assets } = await site.ask<{ assets: { id: string; name: string }[] }>(
      `/api/projects/${PROJECT}/assets`,
    )
    const asset = assets.find(({ name }) => name === 'danger.svg')
    const response = await fetch(`${site.address}/api/projects/${PROJECT}/assets/${asset?.id}`)
    const svg = await response.text()
    expectTrue(svg.includes('<rect') && !/script|onclick/.test(svg), 'without its script')
    expectTrue(
      response.headers.get('content-security-policy')?.startsWith('sandbox'),
      'and served where it can run nothing',
    )

    await person.press('Undo')
    await person.saved()
    await person.open(`${site.address}/projects/${PROJECT}`)
    await person.press('Pictures and files…')
    await person.until('the picture that was taken back is used nowhere', async () =>
      (await person.text('.el-dialog .list')).includes('nowhere'),
    )
    await person.press('Delete…')
    await person.press('Delete for good')
    await person.until('and is gone when it is deleted', async () =>
      (await person.text('.el-dialog')).includes('All of them are used.'),
    )

    await person.open(`${site.address}/projects/emptyproject0000/map`)
    await person.driver.executeScript(
      `const real = window.fetch; window.refuse = 500; window.fetch = (path, init) => window.refuse && init?.method === 'POST'
         ? Promise.resolve(new Response('{"error":"Something went wrong on the server."}', { status: window.refuse })) : real(path, init)`,
    )
    await person.press('Add page')
    await person.until('what the server cannot take is set aside', async () =>
      (await person.text('.tools')).includes('Not saved'),
    )
    await person.driver.executeScript('window.refuse = 0')
    await person.press('Not saved')
    await person.press('Try again')
    await person.saved()
    const added = await documentsOf(site, 'emptyproject0000')
    expectTrue(
      Object.keys(added.documents.site.records.pages).length === 1,
      'and made when it is tried again',
    )

    await person.open(`${site.address}/projects/emptyproject0000/map`)
    await person.press('Bring in…')
    const many = Array.from(
      { length: 500 },
      (_, index) =>
        `${index % 7 === 0 ? '' : index % 2 ? '\t' : '   '}- Page ${index}${index % 50 === 0 ? '\n\n' : ''}`,
    )
    await person.paste('.halves textarea', many.join('\r\n'))
    await person.press('Add 500 pages')
    await person.saved()
    const { documents } = await documentsOf(site, 'emptyproject0000')
    expectTrue(Object.keys(documents.site.records.pages).length === 501, '500 pages are added at once')
    await person.until('and those in view are shown', async () => (await person.all('.card')).length > 0)

    async function choose(name: string, content: string) {
      const file = join(folder, name)
      writeFileSync(file, content)
      await (await person.see('.particulars input[type=file]')).sendKeys(file)
    }
  },
}
