import { performance } from 'node:perf_hooks'
import { launchBrowser, setViewport } from '../browser'
import { Person } from '../person'
import { Site } from '../site'
import { withTestDatabase } from '../testDatabase'
import { firstLoad, particularsShown } from './controls'
import { pulledThroughWidths } from './gridFigures'
import { mapOnScreen } from './mapOf2000'
import { median, p95 } from './timing'
import { wireframes } from './wireframes'

const PROJECT = 'emptyproject0000'
const PAGE = 'benchpage0000000'
const BLOCKS = 2000
const FRAMES = 300

/** Figures of the application itself: changes acknowledged, the demo on screen, a block dragged among 2,000. */
export async function inTheApplication(): Promise<void> {
  await withTestDatabase(async (database) => {
    const site = await Site.start(database, 'bench')
    const { driver, close } = await launchBrowser()
    try {
      await setViewport(driver, 1280, 800)
      const person = new Person(driver)
      await acknowledged(site)
      const started = performance.now()
      await person.open(`${site.address}/projects/skerrinferries00/wireframe`)
      await person.see('.drawing g')
      console.log(`the demo project on screen after ${Math.round(performance.now() - started)} ms, cold`)
      await firstLoad(person, site)
      await particularsShown(person, site)
      await dragged(person, site)
      await pulledThroughWidths(person, site)
      await mapOnScreen(person, site)
      await wireframes(person, site, commit)
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

async function dragged(person: Person, site: Site) {
  const operations = Array.from({ length: BLOCKS }, (_, index) => {
    const id = `b${String(index).padStart(15, '0')}`
    const section = `b${String(Math.floor(index / 20) * 20).padStart(15, '0')}`
    const isSection = index % 20 === 0
    const more = isSection
      ? { kind: 'section' }
      : {
          kind: 'text',
          parent: section,
          text: [{ insert: `Block ${index} of many` }],
          place: { column: { span: 3 } },
        }
    return {
      type: 'put',
      collection: 'blocks',
      id,
      record: { id, order: `a${String(index).padStart(5, '0')}`, ...more },
    }
  })
  await commit(site, 'cblocks000000000', [{ document: PAGE, kind: 'drawing', operations }])
  await person.open(`${site.address}/projects/${PROJECT}/wireframe/${PAGE}`)
  await person.see('.drawing g')
  const frames = (await person.driver.executeAsyncScript(
    `const [count, done] = arguments
     const sheet = document.querySelector('.sheet')
     const r = document.querySelectorAll('.drawing g')[2].getBoundingClientRect()
     const fire = (type, x, y) => sheet.dispatchEvent(new PointerEvent(type, { bubbles: true, clientX: x, clientY: y, pointerId: 1, button: 0 }))
     sheet.setPointerCapture = () => {}
     fire('pointerdown', r.left + 5, r.top + 5)
     const times = []
     let last = performance.now()
     const step = (now) => {
       times.push(now - last); last = now
       if (times.length > count) { fire('pointerup', 0, 0); return done(times.slice(1)) }
       fire('pointermove', r.left + 5 + times.length % 200, r.top + 5 + times.length % 300)
       requestAnimationFrame(step)
     }
     requestAnimationFrame(step)`,
    FRAMES,
  )) as number[]
  console.log(
    `dragging among ${BLOCKS} blocks: frame median ${median(frames).toFixed(0)} ms, p95 ${p95(frames).toFixed(0)} ms over ${FRAMES} frames`,
  )
}
