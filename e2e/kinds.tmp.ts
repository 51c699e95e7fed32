import { writeFileSync } from 'node:fs'
import { launchBrowser, setViewport } from './browser'
import { Person } from './person'
import { Site } from './site'
import { withTestDatabase } from './testDatabase'
const demo = 'skerrinferries00'
const wait = (ms: number) => new Promise((r) => setTimeout(r, ms))
await withTestDatabase(async (database) => {
  const site = await Site.start(database, 'shots')
  const { driver, close } = await launchBrowser()
  try {
    await setViewport(driver, 1280, 800)
    const p = new Person(driver)
    await p.open(site.address + `/projects/${demo}/wireframe`); await wait(1500)
    const pages = await driver.executeScript('return [...document.querySelectorAll("body *")].length')
    // go to Timetable page, which is empty
    const { documents } = await site.ask<any>(`/api/projects/${demo}/documents`)
    const tt = Object.values(documents.site.records.pages as Record<string, any>).find((x) => x.title === process.argv[2])!
    await p.open(site.address + `/projects/${demo}/wireframe/${(tt as any).id}`); await wait(1500)
    await p.press('Put a section'); await wait(300)
    let n = 0
    for (const group of process.argv.slice(3)) {
      for (const item of group.split(',')) {
        const [id, ...keys] = item.split('+')
        await driver.executeScript(`document.querySelector('[data-shelf="${id}"]').click()`)
        await wait(350)
        for (const k of keys) { await p.keys(k); await wait(200) }
      }
      await wait(600)
      writeFileSync(`/tmp/shots/k${++n}.png`, Buffer.from(await driver.takeScreenshot(), 'base64'))
    }
    for (const l of await driver.manage().logs().get('browser').catch(() => [])) console.log(l.message.slice(0, 300))
  } finally { await close(); await site.stop() }
})
