import { performance } from 'node:perf_hooks'
import { emptyContent } from '@nolvex/core/content/content'
import { applyChange } from '@nolvex/core/document/apply'
import type { Documents } from '@nolvex/core/document/types'
import { writePagesCsv } from '@nolvex/core/formats/pagesCsv'
import { readPages } from '@nolvex/core/formats/readPages'
import { documentKinds } from '@nolvex/core/resolve/documentKinds'
import { mapFacts } from '@nolvex/core/review/map/mapFacts'
import { mapFindings } from '@nolvex/core/review/map/mapRules'
import { mergePages } from '@nolvex/core/site/mergePages'
import type { Link, Page, SiteDocument } from '@nolvex/core/site/site'
import { treeLayout } from '@nolvex/core/site/treeLayout'
import { usualSite } from '@nolvex/core/site/usualSite'
import type { Person } from '../person'
import type { Site } from '../site'
import { median, p95, timed } from './timing'

const COUNT = 2000
const PROJECT = 'emptyproject0000'
const FRAMES = 200

let made = 0
const newId = () => `m${String(made++).padStart(15, '0')}`
const usually = (work: () => void) => median(Array.from({ length: 15 }, () => timed(work))).toFixed(1)

/** A site of 2,000 pages with a link from each to the page below it. */
function siteOf2000(): SiteDocument {
  const pages: Record<string, Page> = {}
  const links: Record<string, Link> = {}
  for (let index = 0; index < COUNT; index++) {
    const id = `p${String(index).padStart(15, '0')}`
    const parent = index ? `p${String(Math.floor((index - 1) / 6)).padStart(15, '0')}` : undefined
    const order = `a${String(index).padStart(5, '0')}`
    pages[id] = { id, order, title: `Page ${index}`, ...(parent ? { parent } : {}) }
    if (parent) links[`l${id.slice(1)}`] = { id: `l${id.slice(1)}`, from: parent, to: id }
  }
  return { ...usualSite, records: { ...usualSite.records, pages, links } }
}

/** Laying out, analysing and bringing in 2,000 pages, in the core. */
export function mapInTheCore(): void {
  const site = siteOf2000()
  const { pages } = site.records
  const size = { width: 132, gap: 20, level: 200 }
  console.log(`a site map of ${COUNT} pages laid out: ${usually(() => void treeLayout(pages, size))} ms`)
  console.log(
    `its analysis by all rules: ${usually(() => void mapFindings(mapFacts(site, emptyContent, newId)))} ms`,
  )
  const csv = writePagesCsv(site.records)
  const bringIn = () => {
    const read = readPages('csv', [csv])
    const { operations } = mergePages({}, read.pages, null, 'merge', newId)
    const documents = { site: usualSite } as unknown as Documents
    applyChange(documentKinds, documents, [{ document: 'site', kind: 'site', operations }])
  }
  console.log(`${COUNT} rows of CSV read, merged and applied: ${usually(bringIn)} ms`)
}

/** The same on screen: brought in until saved, and panned over. */
export async function mapOnScreen(person: Person, site: Site): Promise<void> {
  const { driver } = person
  await person.open(`${site.address}/projects/${PROJECT}/map`)
  await person.press('Bring in')
  await person.see('.halves textarea')
  const list = Object.values(siteOf2000().records.pages).map(
    ({ title }, index) => `${index ? '\t' : ''}${title} of the map`,
  )
  await driver.executeScript(
    `const t = document.querySelector('.halves textarea'); t.value = arguments[0]; t.dispatchEvent(new Event('input'))`,
    list.join('\n'),
  )
  const started = performance.now()
  await person.press(`Add ${COUNT} pages`)
  await person.until('shown', async () => (await person.all('.card')).length > 100)
  const shown = performance.now() - started
  await person.saved()
  console.log(
    `${COUNT} rows brought in: on screen after ${Math.round(shown)} ms, saved after ${Math.round(performance.now() - started)} ms`,
  )
  const frames = (await driver.executeAsyncScript(
    `const [count, done] = arguments
     const frame = document.querySelector('.frame')
     const zoom = (deltaY) => frame.dispatchEvent(new WheelEvent('wheel', { bubbles: true, cancelable: true, clientX: 400, clientY: 400, deltaY }))
     for (let step = 0; step < 8; step++) zoom(-300)
     const fire = (type, x, y, on = window) => on.dispatchEvent(new MouseEvent(type, { bubbles: true, cancelable: true, view: window, clientX: x, clientY: y, button: 0 }))
     setTimeout(() => {
       fire('mousedown', 600, 500, frame)
       const times = []
       let last = performance.now()
       const step = (now) => {
         times.push(now - last); last = now
         if (times.length > count) { fire('mouseup', 0, 0); return done(times.slice(1)) }
         fire('mousemove', 600 - times.length * 8, 500)
         requestAnimationFrame(step)
       }
       requestAnimationFrame(step)
     }, 800)`,
    FRAMES,
  )) as number[]
  console.log(
    `panning over ${COUNT} pages: frame median ${median(frames).toFixed(0)} ms, p95 ${p95(frames).toFixed(0)} ms over ${FRAMES} frames`,
  )
}
