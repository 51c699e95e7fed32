import { Key } from 'selenium-webdriver'
import { expectEqual, expectTrue } from '../expect'
import { documentsOf, type Journey } from './journey'

const DEMO = 'skerrinferries00'
const HOME = 'pagehome00000000'
const WORDS = 20_000

/** Texts nobody expects: far too long, from right to left, with pictures for letters and signs that are none. */
export const longTexts: Journey = {
  name: 'texts nobody expects',
  async run({ person, site }) {
    await person.open(`${site.address}/projects/${DEMO}/wireframe/${HOME}`)
    await person.see('.drawing g')
    const long = Array.from({ length: WORDS }, (_, index) => `word${index % 97}`).join(' ')
    await write(long)
    expectEqual((await intro()).length, long.length, `${WORDS} words are taken`)
    expectTrue((await person.text('.drawing')).includes('Small boats'), 'and the page still stands')

    await person.keys(Key.ENTER)
    await paste('x '.repeat(120_000))
    await person.until('too much is refused in words', async () =>
      (await person.text('.drafting > [role=alert]')).includes('at most 200,000 characters'),
    )
    await person.keys(Key.ESCAPE)
    await person.saved()
    expectEqual((await intro()).length, long.length, 'and what was there stays')

    const odd = 'שלום לכל הנוסעים, مرحبا بكم 👩‍👩‍👧 ⛴️ e\u0301'
    await write(odd)
    expectEqual(await intro(), odd, 'other scripts are kept as they were typed')
    await person.until('and shown', async () => (await person.text('.drawing')).includes('שלום'))
    await write('bell\u0007 and null-ish\u0001 signs')
    expectTrue((await intro()).includes('signs'), 'signs that are none break nothing')
    const { ok } = await fetch(`${site.address}/api/projects/${DEMO}/file`)
    expectTrue(ok, 'and the project can be taken away')

    /** Writes in the text that is selected, as a paste does. */
    async function write(text: string) {
      await person.selectBlock('Intro')
      await person.keys(Key.ENTER)
      await person.see('.ql-editor')
      await person.chord(Key.CONTROL, 'a')
      await paste(text)
      await person.keys(Key.ESCAPE)
      await person.saved()
    }
    async function paste(text: string) {
      await person.see('.ql-editor')
      await person.driver.executeScript(
        `const data = new DataTransfer()
         data.setData('text/plain', arguments[0])
         document.querySelector('.ql-editor').dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }))`,
        text,
      )
    }
    async function intro(): Promise<string> {
      const { documents } = await documentsOf(site, DEMO)
      const block = Object.values(documents[HOME].records.blocks).find(({ name }) => name === 'Intro')
      return ((block?.text ?? []) as { insert: string }[]).map(({ insert }) => insert).join('')
    }
  },
}
