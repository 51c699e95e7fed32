import { Key } from 'selenium-webdriver'
import { expectTrue } from '../expect'
import { ALL_LOOKED_AT, commitParts, documentsOf, type Journey } from './journey'

const DEMO = 'skerrinferries00'
const HOME = 'pagehome00000000'

/** Words that shout down the headline are found, and the least change that puts it right is tried, shown and made. */
export const metInOrder: Journey = {
  name: 'what is met first put in order',
  async run({ person, site }) {
    const { documents } = await documentsOf(site, DEMO)
    const recordsOf = (document: string, collection: string) =>
      Object.values(documents[document].records[collection])
    const intro = recordsOf(HOME, 'blocks').find(({ name }) => name === 'Intro')
    const largest = recordsOf('style', 'levels').find(({ role }) => role === 'h1')
    const set = (path: string[], value: unknown) => ({
      ...{ type: 'set', collection: 'blocks', id: String(intro?.id), path, value },
    })
    const operations = [
      set(['look', 'level'], String(largest?.id)),
      set(['look', 'colour'], { hex: '#b3261e' }),
    ]
    await commitParts(site, DEMO, [{ document: HOME, kind: 'drawing', operations }])

    await person.open(`${site.address}/projects/${DEMO}/review`)
    const found = 'Intro is met before Headline'
    await person.until(
      'it is found',
      async () => (await person.text('.review')).includes(found),
      ALL_LOOKED_AT,
    )
    await person.press(found)
    const strip = () => person.text('.finding')
    await person.until('a change that mends it stands above the page', async () =>
      (await strip()).includes('Set Intro in'),
    )
    await person.click('.finding .el-button--primary')
    await person.saved()
    await person.until('it is mended', async () => (await strip()).includes('Mended'))
    await person.chord(Key.CONTROL, 'z')
    await person.saved()

    // The same beside the page, tried when one asks for it.
    await person.chord(Key.ALT, 'y')
    const panel = () => person.text('.panel')
    await person.until('the panel says it, too', async () => (await panel()).includes(found))
    await person.press('What would put it right?')
    await person.until('a change is found', async () => (await panel()).includes('Set Intro in'))
    await person.press('Change it so')
    await person.saved()
    await person.until('it is met as it was meant', async () =>
      (await panel()).includes('That is how it is met'),
    )
    expectTrue(/Balance\s+\d+ %/.test(await panel()), 'the whole is told in figures')

    await person.choose('.panel .choice-field', 'what stands out')
    await person.see('img.heat')
    await person.click('.panel .head button')
    await person.until('the page is as drawn', async () => (await person.all('img.heat')).length === 0)

    await person.open(`${site.address}/projects/${DEMO}/review`)
    await person.press('Report')
    await person.press('HTML')
    await person.until('it is being made', async () => /as HTML: \d+ %/.test(await person.text('.pop-panel')))
    await person.press('Cancel')
    await person.until('or not', async () => !(await person.text('.pop-panel')).includes('as HTML'))
  },
}
