import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { strFromU8, unzipSync } from 'fflate'
import sharp from 'sharp'
import { expectEqual, expectTrue } from '../expect'
import { exported } from './exported'
import { documentsOf, type Journey } from './journey'

const DEMO = 'skerrinferries00'
const HOME = 'pagehome00000000'
/** the main colour of the demo's guide */
const MAIN = '#14506b'

async function seaPicture(): Promise<string> {
  const path = join(mkdtempSync(join(tmpdir(), 'nolvex-')), 'sea.png')
  await sharp({ create: { width: 641, height: 479, channels: 3, background: '#3e5c76' } }).toFile(path)
  return path
}

/** The drawing of a wireframe is finished in place: dressed by the guide, held against what it was, and taken away. */
export const mockup: Journey = {
  name: 'a wireframe becomes a mockup',
  async run({ person, site }) {
    const { driver } = person
    const drawing = () =>
      driver.executeScript<string>('return document.querySelector(".drawing")?.innerHTML ?? ""')
    const isDressed = async () => (await drawing()).includes(MAIN)

    // The same view: what is selected and where one is stays.
    await person.open(`${site.address}/projects/${DEMO}/wireframe/${HOME}`)
    await person.see('.outline [data-outline]')
    await person.see('.drawing g')
    await person.selectBlock('Find a sailing')
    expectTrue(!(await isDressed()), 'a wireframe is grey')
    await driver.executeScript(
      `[...document.querySelectorAll('.stages a')].find((one) => one.textContent.includes('Mockup')).click()`,
    )
    await person.until('it is dressed by the guide', isDressed)
    expectTrue((await driver.getCurrentUrl()).endsWith(`/mockup/${HOME}`), 'the page one was on')
    expectTrue((await person.text('.particulars')).includes('Find a sailing'), 'and what was selected')
    expectTrue((await person.text('.standing')).includes('not approved yet'), 'how the guide stands is said')

    await person.press('to finish')
    expectTrue(
      (await person.text('.panel')).includes('no token of the guide'),
      'what is still to come is listed',
    )

    await person.press('to finish')

    // Beside and divided.
    await driver.executeScript('document.querySelector("input[value=beside]").click()')
    await person.until('the wireframe beside it', async () => (await person.text('.other')).includes('Plain'))
    await driver.executeScript('document.querySelector("input[value=divided]").click()')
    const divider = await person.see('.divider')
    await divider.sendKeys('\uE011')
    await person.until(
      'the line is at the left',
      async () => (await divider.getAttribute('aria-valuenow')) === '0',
    )
    await divider.sendKeys('\uE014')
    await person.until('the keys move it', async () => (await divider.getAttribute('aria-valuenow')) === '1')

    // A block for the mockup alone.
    await person.saved()
    const { documents } = await documentsOf(site, DEMO)
    const [name] = Object.values(documents[HOME].records.blocks)
      .filter(({ name: one }) => one === 'Intro')
      .map(({ id }) => String(id))
    await driver.executeScript('document.querySelector("input[value=finished]").click()')
    await person.selectBlock('Intro')
    await driver.executeScript(
      `[...document.querySelectorAll('.particulars button')].filter((one) => /more/.test(one.textContent)).forEach((one) => one.click())`,
    )
    await person.choose('[data-field="shows"]', 'the mockup only')
    await person.saved()
    expectEqual(
      (await documentsOf(site, DEMO)).documents[HOME].records.blocks[name].shows,
      'mockup',
      'it is for mockups',
    )
    const taken = async (finish: string) =>
      strFromU8(await exported(site, DEMO, { format: 'svg', page: HOME, width: 1440, finish }))
    const words = 'nobody books a window seat'
    const [finished, plain] = [await taken('finished'), await taken('plain')]
    expectTrue(
      finished.includes(words) && finished.includes(MAIN),
      'the mockup leaves with it, in the guide’s colours',
    )
    expectTrue(!plain.includes(words) && !plain.includes(MAIN), 'the wireframe without it, in greys')
    const html = unzipSync(await exported(site, DEMO, { format: 'html', page: HOME, finish: 'finished' }))
    expectTrue(strFromU8(html['index.html']).includes(words), 'and so does its HTML')
    await person.press('Undo')

    // Another picture stands wherever one stood; Undo gives it back.
    await person.open(`${site.address}/projects/${DEMO}`)
    await person.press('Pictures and files')
    await person.click('[aria-label^="Source and licence of harbour.jpg"]')
    await person.fill('.picture-credit input[aria-label="Comes from"]', 'Drawn for the line')
    await person.until('it is kept where it is from', async () => {
      const { credits } = (await documentsOf(site, DEMO)).documents.site.records
      return credits.assetharbour0000?.source === 'Drawn for the line'
    })
    await (await person.see('.el-dialog input[type=file]')).sendKeys(await seaPicture())
    const hasNew = async () =>
      JSON.stringify((await documentsOf(site, DEMO)).documents).includes('"width":641,"height":479')
    await person.until('it stands there with the size it has itself', hasNew)
    await person.driver.executeScript(`document.querySelector('.el-dialog__headerbtn').click()`)
    // Until it has faded it would take the press meant for what is under it.
    await person.until('the dialog is away', async () =>
      driver.executeScript<boolean>(
        `return [...document.querySelectorAll('.el-overlay')].every((one) => getComputedStyle(one).display === 'none')`,
      ),
    )
    await person.press('Undo')
    await person.until('and goes by Undo', async () => !(await hasNew()))

    // Ticked off in the Ledger, it is counted.
    await person.open(`${site.address}/projects/${DEMO}`)
    await person.see('[aria-label="Finish Refunds"]')
    await driver.executeScript(
      `document.querySelector('[aria-label="The mockup of Refunds is done"]').closest('label').click()`,
    )
    await person.until('the stage line counts it', async () =>
      (await person.text('.stages')).includes('13 of 16'),
    )
    await person.click('[aria-label="Finish Refunds"]')
    await person.until('and leads there', async () => (await driver.getCurrentUrl()).includes('/mockup/'))
  },
}
