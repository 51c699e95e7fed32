import { performance } from 'node:perf_hooks'
import { launchBrowser, setViewport } from '../browser'
import { Person } from '../person'
import { Site } from '../site'
import { withTestDatabase } from '../testDatabase'
import { firstLoad, particularsShown } from './controls'
import { finishedPages } from './finishedPages'
import { pulledThroughWidths } from './gridFigures'
import { kitOf200 } from './kitOf200'
import { ledgerFollows } from './ledgerFollows'
import { mapOnScreen } from './mapOf2000'
import { onThePage } from './onThePage'
import { median, p95 } from './timing'
import { wireframes } from './wireframes'

const PROJECT = 'emptyproject0000'
const PAGE = 'benchpage0000000'

/**
 * Figures of the application itself: changes acknowledged, the demo on screen, gestures on large pages.
 * @param only what is done on pages, with the style guide, or on mockups
 */
export async function inTheApplication(only?: 'pages' | 'style' | 'mockup'): Promise<void> {
  await withTestDatabase(async (database) => {
    const site = await Site.start(database, 'bench')
    const { driver, close } = await launchBrowser()
    try {
      await setViewport(driver, 1280, 800)
      const person = new Person(driver)
      await driver.manage().setTimeouts({ script: 120_000 })
      if (only === 'style') return await styleFollowed()
      if (only === 'mockup') return await finishedPages(person, site, commit)
      await acknowledged(site)
      if (only === 'pages') return await onThePage(person, site, commit)
      const started = performance.now()
      await person.open(`${site.address}/projects/skerrinferries00/wireframe`)
      await person.see('.drawing g')
      console.log(`the demo project on screen after ${Math.round(performance.now() - started)} ms, cold`)
      await firstLoad(person, site)
      await particularsShown(person, site)
      await onThePage(person, site, commit)
      await pulledThroughWidths(person, site)
      await mapOnScreen(person, site)
      await wireframes(person, site, commit)
      await finishedPages(person, site, commit)
      await styleFollowed()

      async function styleFollowed() {
        await ledgerFollows(person, site)
        await kitOf200(person, site)
      }
    } finally {
      await close()
      await site.stop()
    }
  })
}

async function commit(site: Site, id: string, parts: object[], project = PROJECT): Promise<void> {
  const change = { id, client: 'benchclient00000', base: 0, label: 'bench', parts }
  const init = {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(change),
  }
  const { outcomes } = await site.ask<{ outcomes: { reason: string }[] }>(
    `/api/projects/${project}/changes`,
    init,
  )
  if (outcomes.length) throw new Error(outcomes[0].reason)
}

async function acknowledged(site: Site) {
  const times: number[] = []
  for (let count = 0; count < 200; count++) {
    const id = count === 0 ? PAGE : `p${String(count).padStart(15, '0')}`
    const record = { id, order: `a${String(count).padStart(4, '0')}`, title: id }
    const started = performance.now()
    await commit(site, `c${String(count).padStart(15, '0')}`, [
      { document: 'site', kind: 'site', operations: [{ type: 'put', collection: 'pages', id, record }] },
    ])
    times.push(performance.now() - started)
  }
  console.log(`a change acknowledged: median ${median(times).toFixed(1)} ms, p95 ${p95(times).toFixed(1)} ms`)
}
