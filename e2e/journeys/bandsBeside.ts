import { Key } from 'selenium-webdriver'
import { expectEqual, expectTrue } from '../expect'
import { documentsOf, type Journey } from './journey'

const PROJECT = 'skerrinferries00'
const HOME = 'pagehome00000000'
const NARROW = 'bandnarrow000000'

/** A page at all bands beside one another: drawn on in one of them, listed by what differs, given back, and for all bands. */
export const bandsBeside: Journey = {
  name: 'all bands side by side',
  async run({ person, site }) {
    const { driver } = person
    await person.open(`${site.address}/projects/${PROJECT}/wireframe/${HOME}`)
    await person.see('.drawing g')
    await person.keys('v')
    await person.until('three pages', async () => (await person.all('.band-sheet .drawing g')).length > 60)
    const captions = await Promise.all((await person.all('.band-sheet b')).map((one) => one.getText()))
    expectEqual(captions, ['Wide 1440 · lead', 'Medium 834', 'Narrow 390'], 'each with its width')

    // A press in the narrow one makes it the band that is edited.
    const [, , narrow] = await person.all('.band-sheet .sheet')
    await driver.actions({ async: true }).move({ origin: narrow }).press().release().perform()
    await person.until(
      'the narrow band is edited',
      async () => (await person.text('.handle[role=slider]')) === '390 px',
    )
    await person.selectBlock('Hero words')
    expectEqual((await person.all('.band-sheet [data-selected]')).length, 3, 'selected in all of them')
    await gap('9')
    expectEqual(await gaps(), [24, 9], 'changed at the narrow band alone')
    await (await person.all('.band-sheet figcaption button')).at(-1)?.click()
    await person.until('what differs is listed', async () =>
      (await person.text('.panel')).includes('Hero words'),
    )
    await driver.executeScript(
      `[...document.querySelectorAll('.panel button')].find((one) => one.getAttribute('aria-label') === 'Give back gap of Hero words').click()`,
    )
    await person.saved()
    expectEqual(await gaps(), [24, undefined], 'given back')
    await person.press('Close')

    await gap('9')
    await person.press('All bands')
    await gap('16')
    expectEqual(await gaps(), [16, undefined], 'for all bands, and none keeps its own')
    await driver.executeScript('document.activeElement?.blur()')
    await person.keys('v')
    await person.until('one page again', async () => (await person.all('.band-sheet')).length === 0)
    for (let step = 0; step < 3; step++) await person.chord(Key.CONTROL, 'z')
    await person.saved()
    expectTrue((await gaps())[0] === 24, 'and all taken back')

    async function gap(typed: string) {
      await person.fill('[data-field="arrange.gap"] input', typed)
      await person.saved()
    }
    async function gaps() {
      const { documents } = await documentsOf(site, PROJECT)
      const block = Object.values(documents[HOME].records.blocks).find(({ name }) => name === 'Hero words')
      interface Gapped {
        arrange?: { gap?: { value?: number; token?: string } }
      }
      const { tokens } = documents.style.records as unknown as {
        tokens: Record<string, { value: { value: number } }>
      }
      /** px, by way of the guide where it names one of its gaps */
      const px = ({ arrange }: Gapped = {}) =>
        arrange?.gap?.token ? tokens[arrange.gap.token].value.value : arrange?.gap?.value
      const { at = {}, ...own } = block as Gapped & { at?: Record<string, Gapped> }
      return [px(own), px(at[NARROW])]
    }
  },
}
