import { Key } from 'selenium-webdriver'
import { expectEqual, expectTrue } from '../expect'
import { commitParts, documentsOf, type Journey } from './journey'

const PAGES = `Home
  Bread
    Rye
    Wheat
  Opening hours
  Prices
  Contact
  Imprint`

/** From a pasted list of titles to wireframes of all pages, which are then walked through. */
export const draftSite: Journey = {
  name: 'a site drafted from a list of titles',
  async run({ person, site }) {
    const { driver } = person
    const headers = { 'content-type': 'application/json' }
    const body = JSON.stringify({ name: 'Larder' })
    const { id } = await site.ask<{ id: string }>('/api/projects', { method: 'POST', headers, body })
    await person.open(`${site.address}/projects/${id}/map`)
    await person.press('Bring in a list…')
    await person.paste('.el-dialog textarea', PAGES)
    await person.press('Add 8 pages to the map')
    await person.saved()

    await person.open(`${site.address}/projects/${id}/wireframe`)
    await person.until('the offer names sections', async () =>
      (await person.text('.offer')).includes('Welcome as words beside a picture'),
    )
    await person.press('Draft all pages…')
    await person.until('all are listed', async () => (await person.text('.el-dialog')).includes('Imprint'))
    await person.press('Draft 8 pages')
    await person.saved()
    const drawn = await drawings()
    expectEqual(drawn.length, 8, 'all pages are drawn')
    const { documents } = await documentsOf(site, id)
    const { sections, menus } = documents.site.records
    for (const blocks of drawn)
      for (const block of Object.values(blocks))
        if (!block.parent)
          expectTrue(sections[String(block.section)], `${String(block.name)} is a section of the map`)
    expectEqual(
      Object.values(documents.style.records.shared).map(({ name }) => name),
      ['Header', 'Footer'],
      'what stands on all pages is shared',
    )
    expectEqual(
      Object.values(menus)
        .map(({ name }) => name)
        .sort(),
      ['Footer', 'Main'],
      'and there are menus',
    )

    await person.chord(Key.CONTROL, 'z')
    await person.saved()
    expectEqual((await drawings()).length, 0, 'one undo takes all of it back')
    await person.chord(Key.CONTROL, Key.SHIFT, 'z')
    await person.saved()
    expectEqual((await drawings()).length, 8, 'and redo brings it back')

    await person.keys('p')
    await person.see('.shelf [data-pattern=quotes]')
    await person.fill('[aria-label="Find a pattern"]', 'faq')
    await person.click('[data-pattern=questions]')
    await person.press('Put it on the page')
    await person.until(
      'the section is put',
      async () =>
        (await person.all('[data-outline]')).length > 0 &&
        (await person.text('.outline, .left')).includes('Questions'),
    )
    await person.keys('s')
    await person.saved()
    expectEqual(
      (await documentsOf(site, id)).documents.site.records.settings.site.wireframe,
      'sketch',
      'and everybody sees it in sketch',
    )

    await mapChanged()

    // Dressed in one step, and every picture that is missing made up: one step, and one back.
    await person.open(`${site.address}/projects/${id}/mockup`)
    await person.see('.drawing g')
    await person.press('to finish')
    await person.press('Make up all')
    await person.until('no picture is missing', async () => {
      const panel = await person.text('.panel')
      return !panel.includes('no picture yet') && panel.includes('words that only stand in')
    })
    await person.until('and all are seen', async () => (await person.all('.drawing image')).length > 2)

    // Words are written in the list, one after the other, and lead to a copy's original where they are its.
    await person.click('.panel textarea')
    await person.keys('Bread that took its time.', Key.ENTER, 'We knead at four in the morning.', Key.ENTER)
    await person.until('both are written', async () => {
      const { documents } = await documentsOf(site, id)
      const said = JSON.stringify(documents)
      return said.includes('Bread that took its time.') && said.includes('We knead at four in the morning.')
    })
    await person.press('Footer text 2')
    await person.until('the original is open', async () =>
      (await person.text('main')).includes('copies follow'),
    )

    await person.open(`${site.address}/projects/${id}/walkthrough`)
    await driver.switchTo().frame(await person.see('iframe'))
    await person.until('the page plays', async () => (await person.text('h1')) === 'Larder')
    await driver.executeScript(
      `[...document.querySelectorAll('nav a')].find((a) => a.textContent === 'Prices').click()`,
    )
    await person.until('links lead on', async () => (await person.text('h1')) === 'Prices')
    await driver.switchTo().defaultContent()

    /** A section renamed and one taken off the map: the drawing says so, takes one over and is left as it is in the other. */
    async function mapChanged() {
      const now = (await documentsOf(site, id)).documents
      const home = Object.values(now.site.records.pages).find(({ title }) => title === 'Home')
      const own = Object.values(now.site.records.sections).filter(({ page }) => page === home?.id)
      const [first, second] = own.map((section) => String(section.id))
      await commitParts(site, id, [
        {
          document: 'site',
          kind: 'site',
          operations: [
            { type: 'set', collection: 'sections', id: first, path: ['name'], value: 'Come in' },
            { type: 'remove', collection: 'sections', id: second },
          ],
        },
      ])
      await person.open(`${site.address}/projects/${id}/wireframe/${String(home?.id)}`)
      await person.press('Map differs: 2')
      await person.until('both are listed', async () =>
        (await person.text('.difference')).includes('Come in'),
      )
      await person.press('Rename')
      await person.saved()
      await person.press('Leave it')
      await person.until('nothing is open', async () =>
        (await person.text('.difference')).includes('left as it is drawn'),
      )
      const tops = Object.values((await documentsOf(site, id)).documents[String(home?.id)].records.blocks)
      expectTrue(
        tops.some(({ name }) => name === 'Come in'),
        'the drawing has the new name',
      )
      expectTrue(
        tops.some(({ section }) => section === second),
        'and what was left is still drawn',
      )
    }

    async function drawings() {
      const { documents: all } = await documentsOf(site, id)
      return Object.keys(all.site.records.pages).flatMap((page) => {
        const blocks = all[page]?.records.blocks ?? {}
        return Object.keys(blocks).length ? [blocks] : []
      })
    }
  },
}
