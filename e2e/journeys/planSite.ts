import { execFileSync } from 'node:child_process'
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { By, Key } from 'selenium-webdriver'
import { expectEqual, expectTrue } from '../expect'
import type { Person } from '../person'
import type { Site } from '../site'
import { documentsOf, type Journey } from './journey'

const PAGES = `Home
\tClimbing
\t\tBoulders
\t\tRopes
\t\tCourses
\tTimes and prices
\t\tPasses
\tChildren
\t\tBirthdays
\t\tHoliday club
\tShop
\tAbout
\t\tTeam
\t\tJobs
\tHelp`

/** A climbing hall's site planned from nothing to the sheet in the proposal, by mouse. */
export const planSite: Journey = {
  name: 'plan a site from nothing to the PDF',
  async run({ person, site }) {
    await person.open(site.address)
    await person.fill('#new-project', 'Climbing hall')
    await person.see('.stage .invitation')
    const project = (await person.driver.getCurrentUrl()).split('/').at(-2) as string
    const records = async () => (await documentsOf(site, project)).documents.site.records
    const view = (name: string) => person.click(`.stage-strip nav a[href$="/map/${name}"]`)

    await bringIn(person, PAGES)
    await person.until('fifteen cards', async () => (await person.all('.card')).length === 15)

    await pick(person, 'Help')
    await person.press('Sections')
    for (const name of ['Search', 'Topics', 'Contact']) {
      const line = await person.see('[aria-label="Name of a new section"]')
      await line.sendKeys(name, Key.ENTER)
    }
    await person.saved()
    expectEqual(Object.values((await records()).sections).length, 3, 'sections are planned')

    await view('menus')
    await person.press('Add a main menu')
    await person.press('Fill it from the tree')
    await person.until('six lines', async () => (await person.all('[data-entry]')).length === 6)
    await dragIntoMenu(person, 'Passes', 'Times and prices')
    await person.until('a sub-level', async () => (await person.text('[data-menu] p')).includes('2 levels'))

    await view('journeys')
    await (await person.see('[aria-label="A new journey"]')).sendKeys('Book a birthday', Key.ENTER)
    for (const title of ['Home', 'Children', 'Birthdays']) await chooseNext(person, title)
    await person.until('a gap', async () => (await person.text('.journey')).includes('1 gap'))
    await view('findings')
    await person.until('the gap is a finding', async () =>
      (await person.text('.board')).includes('Book a birthday, stop 3: no menu and no link leads'),
    )
    await person.press('Add the missing link')
    await person.until(
      'it is gone',
      async () => !(await person.text('.board')).includes('Journeys that break'),
    )
    await view('journeys')
    await person.until('it can be walked', async () =>
      (await person.text('.journey')).includes('walked in 2 clicks'),
    )

    await view('content')
    await person.press('One item for each section')
    await person.until('three items', async () => (await person.all('.rows .row')).length === 3)
    await person.click('.row.head .el-checkbox')
    await person.choose('.particulars [aria-label=State]', 'Final')
    await person.until('all final', async () => (await person.text('.inventory p')).includes('3 of 3 final'))

    await person.press('Take away…')
    await person.saved()
    expectSheet(await sheetOf(site, project))

    await approveAndChange(person)
  },
}

async function bringIn(person: Person, list: string) {
  await person.press('Bring in…')
  await person.see('.halves textarea')
  await person.paste('.halves textarea', list)
  await person.press(' to the map')
}

const pick = (person: Person, title: string) =>
  person.driver
    .findElement(By.xpath(`//div[contains(@class,"spot")][.//b[normalize-space()="${title}"]]`))
    .then((card) => card.click())

/** Pulls a page into the level below a line of a menu. */
async function dragIntoMenu(person: Person, page: string, onto: string) {
  const [from, to] = (await person.driver.executeScript(
    `const from = [...document.querySelectorAll('[data-page]')].find((one) => one.textContent.includes(arguments[0]))
     const line = [...document.querySelectorAll('[data-entry]')].find((one) => one.textContent.includes(arguments[1]))
     from.id = 'pulled'
     const centre = ({ x, y, width, height }) => [Math.round(x + width / 2), Math.round(y + height / 2)]
     return [centre(from.getBoundingClientRect()), centre(line.querySelector('ol').getBoundingClientRect())]`,
    page,
    onto,
  )) as [number, number][]
  // The list looks where it is pulled some times a second.
  await person.drag('#pulled', to[0] - from[0], to[1] - from[1], 80)
}

async function chooseNext(person: Person, title: string) {
  const before = (await person.all('.journey li')).length
  const field = await person.see('.next input')
  await field.sendKeys(title)
  await person.until(
    'it is found',
    async () => (await person.all('.el-select-dropdown__item.is-hovering')).length === 1,
  )
  await field.sendKeys(Key.ENTER)
  await person.until('one stop more', async () => (await person.all('.journey li')).length === before + 1)
}

interface Job {
  id: string
  state: string
}

async function sheetOf(site: Site, project: string): Promise<Buffer> {
  const exports = `/api/projects/${project}/exports`
  const body = JSON.stringify({ format: 'map', file: 'pdf', paper: 'A3', date: '2026-05-31' })
  const init = { method: 'POST', headers: { 'content-type': 'application/json' }, body }
  let job = await site.ask<Job>(exports, init)
  for (let turn = 0; turn < 100 && job.state !== 'done'; turn++) {
    await new Promise((resolve) => setTimeout(resolve, 200))
    job = await site.ask<Job>(`${exports}/${job.id}`)
  }
  const response = await fetch(`${site.address}${exports}/${job.id}/file`)
  return Buffer.from(await response.arrayBuffer())
}

function expectSheet(pdf: Buffer) {
  const folder = mkdtempSync(join(tmpdir(), 'nolvex-'))
  const file = join(folder, 'map.pdf')
  writeFileSync(file, pdf)
  const text = execFileSync('pdftotext', ['-layout', file, '-'], { encoding: 'utf8' })
  rmSync(folder, { recursive: true })
  for (const words of ['Climbing hall', 'Holiday club', 'Times and prices', 'Main menu', 'sheet 2 of 2'])
    expectTrue(text.includes(words), `the sheet says ${words}`)
}

/** The map is approved, then changed: stage line and panel say so, and the approved state can be brought back. */
async function approveAndChange(person: Person) {
  await person.keys(Key.ESCAPE)
  await person.click('.stages .ledger')
  await person.press('Versions and gates')
  await person.choose('.versions [aria-label=Stage]', 'Map')
  await (
    await person.see('.versions form input[placeholder^="names"]')
  ).sendKeys('Ann Other, Ben Other', Key.ENTER)
  await person.until('approved', async () => (await person.text('.stages li')).includes('approved'))
  await person.click('.stages li a')
  await pick(person, 'Jobs')
  await person.keys(Key.DELETE)
  await person.until('changed', async () => (await person.text('.stages li')).includes('changed since'))
  await person.click('.stages .ledger')
  await person.press('Versions and gates')
  await person.until('the change is listed', async () =>
    (await person.text('.versions')).includes('“Jobs” removed'),
  )
  await person.press('Restore')
  await person.until('it is as approved', async () => (await person.text('.stages li')).includes('approved'))
}
