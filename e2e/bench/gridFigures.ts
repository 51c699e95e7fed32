import { performance } from 'node:perf_hooks'
import { ckmeans } from 'simple-statistics'
import { inferGrids } from '@nolvex/core/grid/inferGrid'
import { representativeWidths } from '@nolvex/core/viewport/representativeWidths'
import { Random } from '../conformance/random'
import type { Person } from '../person'
import type { Site } from '../site'
import { generatedPage, isFound } from './generatedGrid'
import { median, p95, timed } from './timing'

const PAGES = 400
const VISITS = 10_000

/** How often the grid of a generated page is found, and the representative widths against simple-statistics. */
export function gridFigures(): void {
  let found = 0
  const started = performance.now()
  for (let seed = 0; seed < PAGES; seed++) {
    const page = generatedPage(seed)
    if (isFound(page, inferGrids(page.blocks, page.grid.width)[0])) found++
  }
  const each = (performance.now() - started) / PAGES
  console.log(
    `grid found in ${((100 * found) / PAGES).toFixed(1)} of 100 generated pages (asked: 95), ${each.toFixed(0)} ms each`,
  )
  const random = new Random(3)
  const widths = Array.from({ length: VISITS }, () => random.int(320, 1920)).sort((a, b) => a - b)
  const counts = new Map<number, number>()
  for (const width of widths) counts.set(width, (counts.get(width) ?? 0) + 1)
  const values = [...counts].map(([px, visits]) => ({ px, visits }))
  const own = timed(() => representativeWidths(values, 6))
  const theirs = timed(() => ckmeans(widths, 6))
  console.log(
    `6 widths for ${VISITS} visits: ${(theirs / own).toFixed(1)} times as fast as simple-statistics’ ckmeans`,
  )
}

/** The demo’s home page drawn at every width from 320 to 1920 with columns, fold and frame on. */
export async function pulledThroughWidths(person: Person, site: Site): Promise<void> {
  const { driver } = person
  await person.open(`${site.address}/projects/skerrinferries00/wireframe`)
  await person.see('.drawing g[data-block]')
  await person.keys('f', 'm')
  await person.see('.browser-frame')
  const frames = await driver.executeAsyncScript<number[]>(
    `const done = arguments[0]
     const rail = document.querySelector('.rail')
     rail.setPointerCapture = () => {}
     const box = rail.getBoundingClientRect()
     const fire = (type, share) => rail.dispatchEvent(new PointerEvent(type, { bubbles: true, pointerId: 1, button: 0, clientX: box.left + share * box.width, clientY: box.top + 30 }))
     fire('pointerdown', 0)
     const times = []
     let last = performance.now()
     const step = (now) => {
       times.push(now - last); last = now
       if (times.length > 320) { fire('pointerup', 1); return done(times.slice(1)) }
       fire('pointermove', times.length / 320)
       requestAnimationFrame(step)
     }
     requestAnimationFrame(step)`,
  )
  await person.keys('f', 'm')
  console.log(
    `the home page pulled from 320 to 1920 px in its frame: frame median ${median(frames).toFixed(0)} ms, p95 ${p95(frames).toFixed(0)} ms`,
  )
}
