import { performance } from 'node:perf_hooks'
import { exported } from '../journeys/exported'
import { documentsOf } from '../journeys/journey'
import type { Person } from '../person'
import type { Site } from '../site'
import { median } from './timing'

const DEMO = 'skerrinferries00'
const HOME = 'pagehome00000000'
const FULL = 'pagefull00000000'
const BLOCKS = 500
const TURNS = 7

type Commit = (site: Site, id: string, parts: object[], project: string) => Promise<void>

/** A page of 500 blocks opened, a menu changed while a page is open, and the demo as a pack. */
export async function wireframes(person: Person, site: Site, commit: Commit): Promise<void> {
  await opened(person, site, commit)
  await menuChanged(person, site, commit)
  await packed(site)
}

async function opened(person: Person, site: Site, commit: Commit) {
  const page = { id: FULL, order: 'zz', title: 'Full' }
  const put = (collection: string, record: { id: string }) => ({
    type: 'put',
    collection,
    id: record.id,
    record,
  })
  const blocks = Array.from({ length: BLOCKS }, (_, index) => {
    const id = `f${String(index).padStart(15, '0')}`
    const section = `f${String(Math.floor(index / 25) * 25).padStart(15, '0')}`
    const text = [{ insert: `Block ${index} of a full page` }]
    const more =
      index % 25
        ? { kind: 'text', parent: section, text, place: { column: { span: 3 } } }
        : { kind: 'section' }
    return put('blocks', { id, order: `a${String(index).padStart(5, '0')}`, ...more } as unknown as {
      id: string
    })
  })
  await commit(
    site,
    'cfullpage0000000',
    [{ document: 'site', kind: 'site', operations: [put('pages', page)] }],
    DEMO,
  )
  await commit(site, 'cfullblocks00000', [{ document: FULL, kind: 'drawing', operations: blocks }], DEMO)
  await person.open(`${site.address}/projects/${DEMO}/wireframe/${HOME}`)
  await person.see('.drawing g')
  const go = (to: string, says: string) =>
    person.driver.executeAsyncScript<number>(
      `const [to, says, done] = arguments
       const started = performance.now()
       history.pushState(history.state, '', to)
       dispatchEvent(new PopStateEvent('popstate', { state: history.state }))
       const look = () => document.querySelector('.drawing')?.textContent.includes(says)
         ? requestAnimationFrame(() => done(performance.now() - started))
         : requestAnimationFrame(look)
       look()`,
      to,
      says,
    )
  const [full, small]: number[][] = [[], []]
  for (let turn = 0; turn < TURNS; turn++) {
    full.push(await go(`/projects/${DEMO}/wireframe/${FULL}`, 'Block 1 of a full page'))
    small.push(await go(`/projects/${DEMO}/wireframe/${HOME}`, 'Small boats'))
  }
  const [own, peer] = [median(full), median(small)]
  console.log(
    `a page of ${BLOCKS} blocks opened: ${own.toFixed(0)} ms, the demo's first page ${peer.toFixed(0)} ms, ratio ${(own / peer).toFixed(1)}`,
  )
}

async function menuChanged(person: Person, site: Site, commit: Commit) {
  await person.open(`${site.address}/projects/${DEMO}/wireframe/${HOME}`)
  await person.see('.drawing g')
  const { documents } = await documentsOf(site, DEMO)
  const [entry] = Object.values(documents.site.records.menuEntries).filter(
    ({ page }) => page === 'pagefares0000000',
  )
  const times: number[] = []
  for (let turn = 0; turn < TURNS; turn++) {
    const label = `Fares ${turn}`
    const shown = person.driver.executeAsyncScript<void>(
      `const [label, done] = arguments
       const look = () => (document.querySelector('.drawing').textContent.includes(label) ? done() : requestAnimationFrame(look))
       look()`,
      label,
    )
    const started = performance.now()
    const operation = { type: 'set', collection: 'menuEntries', id: entry.id, path: ['label'], value: label }
    await commit(
      site,
      `cmenu${turn}0000000000`,
      [{ document: 'site', kind: 'site', operations: [operation] }],
      DEMO,
    )
    const acknowledged = performance.now() - started
    await shown
    times.push(performance.now() - started)
    if (turn === TURNS - 1)
      console.log(
        `a menu changed elsewhere shows in an open drawing: ${median(times).toFixed(0)} ms after it was sent; acknowledged after ${acknowledged.toFixed(0)} ms`,
      )
  }
}

async function packed(site: Site) {
  const started = performance.now()
  const bytes = await exported(site, DEMO, {
    format: 'pack',
    file: 'pdf',
    date: '2026-06-01',
    finish: 'sketch',
  })
  const took = (performance.now() - started) / 1000
  console.log(
    `the demo as a PDF pack, all pages at 3 bands: ${took.toFixed(1)} s, ${(bytes.length / 1e6).toFixed(1)} MB`,
  )
}
