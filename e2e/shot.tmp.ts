import { writeFileSync } from 'node:fs'
import { launchBrowser, setViewport } from './browser'
import { Person } from './person'
import { Site } from './site'
import { withTestDatabase } from './testDatabase'
const PROJECT = 'skerrinferries00'
const shots: [string, string, ((p: Person) => Promise<unknown>)?][] = [
  ['draft', `/projects/${PROJECT}/wireframe`],
  ['draft-notices', `/projects/${PROJECT}/wireframe`, async (p) => { await p.driver.executeScript(`document.querySelector('.desk').scrollTop = 1200`); await p.driver.executeScript(`[...document.querySelectorAll('[data-outline]')].find((e)=>e.textContent.includes('Between notices')).click()`); await new Promise((r) => setTimeout(r, 600)) }],
  ['agree', `/projects/${PROJECT}/grid/agreement`],
]
await withTestDatabase(async (database) => {
  const site = await Site.start(database, 'shots')
  const { driver, close } = await launchBrowser()
  try {
    await setViewport(driver, 1280, 800)
    const person = new Person(driver)
    for (const [name, path, act] of shots.filter(([n]) => !process.argv[2] || n.startsWith(process.argv[2]))) {
      await person.open(site.address + path)
      await new Promise((r) => setTimeout(r, 2500))
      await act?.(person)
      writeFileSync(`/tmp/shot-${name}.png`, await driver.takeScreenshot(), 'base64')
    }
  } finally { await close(); await site.stop() }
})
