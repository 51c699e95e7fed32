import { mkdirSync, readFileSync, writeFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { join } from 'node:path'
import { expectTrue } from '../expect'
import { ROOT } from '../site'
import type { Journey } from './journey'

const axe = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8')
const DEMO = '/projects/skerrinferries00'

const views: [name: string, path: string, ready: string, prepare?: string][] = [
  ['projects', '/', '.card h2'],
  ['ledger', DEMO, '.picture img'],
  ['map', `${DEMO}/map`, '.card'],
  ['map-table', `${DEMO}/map/table`, '.rows .row', `document.querySelectorAll('.rows .row')[1].click()`],
  ['map-menus', `${DEMO}/map/menus`, '[data-menu] li'],
  ['map-journeys', `${DEMO}/map/journeys`, '.journey li'],
  ['map-content', `${DEMO}/map/content`, '.rows .row'],
  ['map-brief', `${DEMO}/map/brief`, '.brief'],
  ['map-findings', `${DEMO}/map/findings`, '.board section'],
  [
    'wireframe',
    `${DEMO}/wireframe`,
    '.drawing g',
    `[...document.querySelectorAll('[data-outline]')].find(b => b.textContent.includes('Intro')).click()`,
  ],
  ['grid', `${DEMO}/grid`, '.equation'],
  ['grid-guides', `${DEMO}/grid/guides`, '.guide-sheet svg'],
  ['grid-screens', `${DEMO}/grid/screens`, 'figure svg'],
  ['grid-audience', `${DEMO}/grid/audience`, '.audience-chart svg'],
  ['grid-sizing', `${DEMO}/grid/sizing`, '.windows section svg'],
  ['grid-found', `${DEMO}/grid/found`, '.invitation'],
  ['grid-agreement', `${DEMO}/grid/agreement`, '.sheet-picture'],
  ['coming', `${DEMO}/style`, '.sheet'],
]

/** Every main view passes axe without a serious finding, logs no error, and can be pictured for the docs. */
export const looksAndAccess: Journey = {
  name: 'the views themselves',
  async run({ person, site }) {
    const { driver } = person
    const folder = process.env.SCREENSHOTS && join(ROOT, 'docs/screenshots')
    if (folder) mkdirSync(folder, { recursive: true })
    for (const [name, path, ready, prepare] of views) {
      await person.open(site.address + path)
      await person.see(ready)
      if (prepare) await driver.executeScript(prepare)
      await driver.sleep(700)
      if (folder && name !== 'coming')
        writeFileSync(join(folder, `${name}.png`), await driver.takeScreenshot(), 'base64')
      const findings = await check()
      expectTrue(findings.length === 0, `${name} has no serious finding: ${findings.join('; ')}`)
    }
    const logs = await driver.manage().logs().get('browser')
    const errors = logs.filter(({ level }) => level.name === 'SEVERE').map(({ message }) => message)
    expectTrue(errors.length === 0, `nothing is refused or thrown: ${errors.join('; ')}`)

    async function check(): Promise<string[]> {
      await driver.executeScript(axe)
      const { violations } = (await driver.executeAsyncScript(
        `const done = arguments[0]; axe.run(document, { resultTypes: ['violations'] }).then(done)`,
      )) as { violations: { id: string; impact: string; nodes: { target: string[] }[] }[] }
      return violations
        .filter(({ impact }) => impact === 'serious' || impact === 'critical')
        .map(
          ({ id, nodes }) =>
            `${id} at ${nodes
              .slice(0, 3)
              .map(({ target }) => target.join(' '))
              .join(', ')}`,
        )
    }
  },
}
