import { Key } from 'selenium-webdriver'
import { expectEqual, expectTrue } from '../expect'
import type { Person } from '../person'
import { ALL_LOOKED_AT, commitParts, documentsOf, type Journey } from './journey'

const DEMO = 'skerrinferries00'
const HOME = 'pagehome00000000'

/** A page is spoilt by hand in several ways and mended through findings alone: each led to, shown, mended or left. */
export const spoiltPage: Journey = {
  name: 'a spoilt page mended',
  async run({ person, site }) {
    const blocks = async () => (await documentsOf(site, DEMO)).documents[HOME].records.blocks
    const idOf = async (name: string) =>
      String(Object.values(await blocks()).find((block) => block.name === name)?.id)
    const set = async (name: string, path: string[], value: unknown) => ({
      ...{ type: 'set', collection: 'blocks', id: await idOf(name) },
      ...{ path, value },
    })
    const operations = [
      await set('Intro', ['look', 'colour'], { hex: '#9db0b8' }),
      await set('Notices heading', ['tag'], 'h5'),
      await set('Headline', ['place', 'minWidth'], { value: 1100, unit: 'px' }),
      await set('Hero words', ['arrange', 'gap'], { value: 19, unit: 'px' }),
      await set('Notice list', ['arrange', 'gap'], { value: 19, unit: 'px' }),
      await set('Pier works', ['text'], [{ insert: 'No boats at the quayhut.' }]),
    ]
    await commitParts(site, DEMO, [{ document: HOME, kind: 'drawing', operations }])

    await person.open(`${site.address}/projects/${DEMO}/review`)
    const says = () => person.text('.review')
    const isDone = async () => {
      const words = await says()
      return words.includes('Intro stands out') && !/Looking at|at every width…/.test(words)
    }
    await person.until('all was looked at', isDone, ALL_LOOKED_AT)
    const words = await says()
    for (const found of ['Notices heading is h5', 'Headline runs out of', 'has gaps off the scale: 19 px'])
      expectTrue(words.includes(found), `it says “${found}”`)

    await walked(person)
    const { at, look } = (await blocks())[await idOf('Intro')] as unknown as Record<string, object>
    expectTrue(JSON.stringify({ at, look }).includes('token'), 'the words have a colour of the guide again')

    await person.open(`${site.address}/projects/${DEMO}/review`)
    await person.until('what was mended is gone', async () => {
      const now = await says()
      return now.includes('Notices heading is h5') && !now.includes('Intro stands out')
    })
    await left(person, says)
    await silenced(person, says)
    await person.press('It is a word')
    await person.until('it is one of the project’s own', async () => {
      const now = await says()
      return now.includes('Words of the project’s own') && !now.includes('“quayhut” in')
    })

    await person.press('Mend all')
    await person.saved()
    await person.until('all of a kind are mended', async () => !(await says()).includes('gaps off the scale'))
    const gap = (await blocks())[await idOf('Notice list')].arrange as { gap: object }
    expectTrue(JSON.stringify(gap.gap).includes('token'), 'with the guide’s own step')

    await swept(person, site.address)
    await met(person)
  },
}

/** From the list to the page: the finding stands above it, its change is shown and made, and the next one follows. */
async function walked(person: Person) {
  await person.press('Intro stands out')
  await person.until('the page is shown', async () =>
    (await person.text('.finding')).includes('Intro stands out'),
  )
  await person.until('what it is about is marked', async () => (await person.all('.marked')).length > 0)
  await person.click('.finding .el-button--primary')
  await person.saved()
  await person.until('it is said to be mended', async () =>
    (await person.text('.finding')).includes('Mended'),
  )
  await person.press('Next')
  await person.until('the next one follows', async () => !(await person.text('.finding')).includes('Intro'))
}

async function left(person: Person, says: () => Promise<string>) {
  await person.driver.executeScript(
    `[...document.querySelectorAll('.review li')].find((li) => li.textContent.includes('Notices heading is h5'))
       .querySelector('button:last-of-type').click()`,
  )
  await person.until('the panel takes the keys', () =>
    person.driver.executeScript<boolean>(`return document.activeElement.closest('.pop-panel') !== null`),
  )
  await person.keys(Key.TAB, 'The client asked for it', Key.ENTER)
  await person.saved()
  await person.until('it is left with its reason', async () => {
    const words = await says()
    return words.includes('Left as they are') && words.includes('The client asked for it')
  })
}

async function silenced(person: Person, says: () => Promise<string>) {
  await person.driver.executeScript(
    `[...document.querySelectorAll('.review section')].find((one) => one.textContent.includes('Content that is missing'))
       .querySelector('.silence').click()`,
  )
  await person.until('the rule is silent', async () => (await says()).includes('Silent in this project'))
  await person.press('Let it speak')
  await person.until('and speaks again', async () => !(await says()).includes('Silent in this project'))
}

/** Under the width rail stands where the headline is too wide; a click goes there. */
async function swept(person: Person, address: string) {
  await person.open(`${address}/projects/${DEMO}/mockup/${HOME}`)
  await person.see('.stretch.grave')
  await person.click('.stretch.grave')
  await person.until('the page shows at the worst width', async () =>
    /^\d+ px$/.test(await person.text('.handle[role=slider]')),
  )
  expectEqual(await person.text('.handle[role=slider]'), '320 px', 'which is the narrowest')
  await person.chord(Key.ALT, 'n')
  await person.until('findings stand beside the drawing', async () =>
    (await person.text('.panel')).includes('Headline runs out of'),
  )
}

/** What the eye meets first is numbered on the page, with why, what was meant, and who sees it without scrolling. */
async function met(person: Person) {
  await person.chord(Key.ALT, 'y')
  await person.until('blocks are listed', async () => (await person.all('.panel ol li')).length > 3)
  const says = () => person.text('.panel')
  expectTrue((await says()).includes('because of its'), 'it says why')
  await person.until('they are numbered on the page', async () =>
    (await person.text('.marked span')).includes('1'),
  )
  await person.until('visitors are counted', async () => /\d %\s+see/.test(await says()))
  await person.choose('.panel .choice-field', 'squinting')
  await person.see('.drawing.squint')
  await person.click('.panel .head button')
  await person.until(
    'the page is as drawn again',
    async () => (await person.all('.drawing.squint')).length === 0,
  )
}
