import { expectTrue } from '../expect'
import { commitParts, documentsOf, type Journey } from './journey'

const DEMO = 'skerrinferries00'
const HOME = 'pagehome00000000'

/** What is found on drawings: listed with the map's findings, each a way to its place, some with a fix. */
export const reviewed: Journey = {
  name: 'findings on drawings',
  async run({ person, site }) {
    const wide = { id: 'muchtoowide00000', order: 'zz', kind: 'box', name: 'Too wide' }
    const { documents } = await documentsOf(site, DEMO)
    const hero = Object.values(documents[HOME].records.blocks).find(({ name }) => name === 'Hero words')
    const record = { ...wide, parent: String(hero?.id), place: { width: { value: 900, unit: 'px' } } }
    await commitParts(site, DEMO, [
      {
        document: HOME,
        kind: 'drawing',
        operations: [{ type: 'put', collection: 'blocks', id: wide.id, record }],
      },
    ])
    await person.open(`${site.address}/projects/${DEMO}/review`)
    const says = () => person.text('.review')
    await person.until('all pages were looked at', async () => {
      const words = await says()
      // As they are painted they are looked at for what is met first, which takes longer.
      return words.includes('Too wide runs out of') && !/Looking at (the|\d)/.test(words)
    })
    expectTrue((await says()).includes('“Home” at Narrow'), 'at the band where it does')
    expectTrue((await person.text('.stages')).includes(' found'), 'the stage line counts')

    await person.press('Plan it')
    await person.saved()
    await person.until(
      'what was mended is gone',
      async () => !(await says()).includes('is no section of the map'),
    )
    const { sections } = (await documentsOf(site, DEMO)).documents.site.records
    expectTrue(
      Object.values(sections).some(
        ({ name, page }) => name === 'Nothing found' && page === 'pagenotfound0000',
      ),
      'and the map has the section',
    )

    await person.choose('.stage-strip input[aria-label=Page]', 'Home')
    await person.until('only those of a page', async () => !(await says()).includes('C-006'))
    await person.press('Too wide runs out of the page')
    await person.until(
      'the page shows at that band',
      async () => (await person.text('.handle[role=slider]')) === '390 px',
    )
    await person.until(
      'the block is selected',
      async () => (await person.all('[data-selected=muchtoowide00000]')).length === 1,
    )
    // A rule the project has no use for is silent in it.
    await person.open(`${site.address}/projects/${DEMO}/review/rules`)
    await person.fill('.rules input[placeholder^=Type]', 'off the scale')
    await person.click('.rules [data-rule=offScale] .el-checkbox')
    await person.saved()
    await person.press('Findings')
    await person.until('what it found is not listed', async () => {
      const words = await says()
      return words.includes('Silent in this project') && !words.includes('has gaps off the scale')
    })

    await person.open(`${site.address}/projects/${DEMO}`)
    await person.until('the Ledger counts it too', async () =>
      /\b[2-9]\b/.test(await person.text('main.ledger')),
    )
  },
}
