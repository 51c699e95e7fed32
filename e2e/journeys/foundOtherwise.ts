import { expectEqual, expectTrue } from '../expect'
import { ALL_LOOKED_AT, commitParts, documentsOf, type Journey } from './journey'

const DEMO = 'skerrinferries00'
const HOME = 'pagehome00000000'
const OVERLAY = 'overlastboats000'

/** What is wrong only with larger text, and with what is shown over a page: found, led to, mended. */
export const foundOtherwise: Journey = {
  name: 'found with larger text and over a page',
  async run({ person, site }) {
    const { documents } = await documentsOf(site, DEMO)
    const heading = Object.values(documents[HOME].records.blocks).find(
      ({ name }) => name === 'Notices heading',
    )
    const set = (collection: string, id: string, path: string[], value: unknown) => ({
      ...{ type: 'set', collection, id, path, value },
    })
    await commitParts(site, DEMO, [
      {
        ...{ document: 'site', kind: 'site' },
        operations: [set('overlays', OVERLAY, ['veil'], { colour: '#17211e', strength: 0.03 })],
      },
      {
        ...{ document: HOME, kind: 'drawing' },
        operations: [set('blocks', String(heading?.id), ['place', 'minWidth'], { value: 14, unit: 'rem' })],
      },
    ])
    const open = () => person.open(`${site.address}/projects/${DEMO}/review`)
    const found = (words: string) =>
      person.until(
        `“${words}” is found`,
        async () => (await person.text('.review')).includes(words),
        ALL_LOOKED_AT,
      )

    await open()
    const larger = 'Notices heading runs out of the page'
    await found(larger)
    expectTrue((await person.text('.review')).includes('with text at 200 %'), 'with what it needs')
    await person.press(larger)
    await person.until('the mockup shows where it is so', async () =>
      (await person.text('.sweep')).includes('with text at 200 %'),
    )
    expectEqual(await person.text('.handle[role=slider]'), '390 px', 'at its band')

    await open()
    const alike = 'has the ground of the page it lies over'
    await found(alike)
    await person.press(alike)
    await person.press('Veil the page behind it')
    await person.saved()
    const veil = (await documentsOf(site, DEMO)).documents.site.records.overlays[OVERLAY].veil
    expectTrue(Number((veil as { strength: number }).strength) > 0.4, 'the page steps back')
    await person.until('it is found no longer', async () =>
      (await person.text('.finding')).includes('Mended'),
    )
  },
}
