import { Key } from 'selenium-webdriver'
import { expectEqual } from '../expect'
import { documentsOf, type Journey } from './journey'

const DEMO = 'skerrinferries00'

/** A block pulled from the shelf to its place on the page, and words in it that lead somewhere. */
export const shelf: Journey = {
  name: 'a block pulled from the shelf, and a link in its words',
  async run({ person, site }) {
    await person.open(`${site.address}/projects/${DEMO}/wireframe`)
    await person.see('.drawing g')
    await person.selectBlock('Intro')
    const before = await around('Intro')
    await (await pullBelowSelected()).perform()
    await person.see('.mark')
    const escape = () => person.keys(Key.ESCAPE)
    await escape()
    await person.driver.actions().release().perform()
    expectEqual(await around('Intro'), before, 'broken off by Escape')

    await (await pullBelowSelected()).release().perform()
    await person.saved()
    expectEqual(
      await around('Intro'),
      before.flatMap((name) => (name === 'Intro' ? ['Intro', 'Lead'] : [name])),
      'after the block it was let go below',
    )

    await person.keys(Key.ENTER)
    await person.see('.marks')
    await person.press('Link…')
    await person.fill('[aria-label="Where the words lead"]', 'nowhere')
    await person.until('told what an address is', async () =>
      (await person.text('.marks [role=alert]')).includes('“nowhere” is no address'),
    )
    await person.fill('[aria-label="Where the words lead"]', '/help')
    await escape()
    await person.saved()
    const links = Object.values(await blocks()).flatMap(({ text }) =>
      ((text ?? []) as { attributes?: { link?: string } }[]).flatMap(
        ({ attributes }) => attributes?.link ?? [],
      ),
    )
    expectEqual(links, ['/help'], 'the words lead there')

    /** A pull from the shelf that lies in the lower half of what is selected. */
    async function pullBelowSelected() {
      const origin = await person.see('[data-selected]')
      const { height } = await origin.getRect()
      const from = await person.see('[data-shelf=lead]')
      const onto = { origin, y: Math.round(height / 2) - 1, duration: 100 }
      return person.driver.actions({ async: true }).move({ origin: from }).press().move(onto)
    }

    async function blocks() {
      const { documents } = await documentsOf(site, DEMO)
      const home = Object.values(documents).find(({ records }) =>
        Object.values(records.blocks ?? {}).some(({ name }) => name === 'Intro'),
      )
      return home?.records.blocks ?? {}
    }

    /** names of what stands together with a block, in order */
    async function around(name: string) {
      const all = Object.values(await blocks())
      const parent = all.find((block) => block.name === name)?.parent
      return all
        .filter((block) => block.parent === parent)
        .sort((a, b) => (String(a.order) < String(b.order) ? -1 : 1))
        .map((block) => block.name)
    }
  },
}
