import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { unzipSync } from 'fflate'
import { idOfWords } from '@nolvex/core/style/guideIds'
import type { Shared } from '@nolvex/core/style/shared'
import { readKit, writeKitFile } from '@nolvex/core/formats/kitFile'
import type { Person } from '../person'
import { ROOT, type Site } from '../site'
import { median, p95 } from './timing'

const BLOCKS = 200
const FRAMES = 300
const STEP = 24

/** The kit that ships, its blocks and patterns again and again until there are 200. @returns the file’s path */
function kitFile(): string {
  const { kit, bytes } = readKit(
    unzipSync(readFileSync(join(ROOT, 'web/src/style/kits/shipped/quayside.zip'))),
  )
  const { shared, patterns } = kit.style.records
  const originals: Shared[] = [...Object.values(shared), ...Object.values(patterns)]
  const many = Array.from({ length: BLOCKS }, (_, index): [Shared, string] => {
    const original = originals[index % originals.length]
    const id = index < originals.length ? original.id : idOfWords('bench', String(index))
    return [{ ...original, id, order: `b${String(index).padStart(3, '0')}` }, original.id]
  })
  const drawings = Object.fromEntries(many.map(([{ id }, from]) => [id, { ...kit.drawings[from], id }]))
  const records = {
    ...kit.style.records,
    patterns: {},
    shared: Object.fromEntries(many.map(([one]) => [one.id, one])),
  }
  const path = join(mkdtempSync(join(tmpdir(), 'nolvex-bench-')), 'kit200.zip')
  writeFileSync(path, writeKitFile({ kit: { ...kit, style: { ...kit.style, records }, drawings }, bytes }))
  return path
}

/** A kit of 200 blocks opened, until the first of them are painted; then scrolled through. */
export async function kitOf200(person: Person, site: Site): Promise<void> {
  const path = kitFile()
  await person.open(`${site.address}/projects/emptyproject0000/style/kits`)
  const field = await person.see('.side-list input[type=file]')
  await person.driver.executeScript(
    `window.opened = new Promise((done) => {
       arguments[0].addEventListener('change', () => {
         const started = performance.now()
         const look = () => document.querySelector('.kit-grid .kit-picture') && document.querySelector('.kit-tile')
           ? done(performance.now() - started) : requestAnimationFrame(look)
         look()
       }, { capture: true, once: true })
     })`,
    field,
  )
  await field.sendKeys(path)
  const opened = await person.driver.executeAsyncScript<number>(
    'const done = arguments[0]; window.opened.then(done)',
  )
  const frames = await person.driver.executeAsyncScript<number[]>(
    `const [frames, step, done] = arguments
     const grid = document.querySelector('.kit-grid')
     const times = []
     let last = performance.now()
     const next = (now) => {
       times.push(now - last); last = now
       if (times.length >= frames) return done(times.slice(1))
       grid.scrollTop = (times.length * step) % (grid.scrollHeight - grid.clientHeight)
       requestAnimationFrame(next)
     }
     requestAnimationFrame(next)`,
    FRAMES,
    STEP,
  )
  console.log(
    `a kit of ${BLOCKS} blocks: opened and its first blocks painted after ${opened.toFixed(0)} ms; scrolled by ${STEP} px a frame: median ${median(frames).toFixed(1)} ms, p95 ${p95(frames).toFixed(1)} ms`,
  )
}
