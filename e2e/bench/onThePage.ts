import type { Person } from '../person'
import type { Site } from '../site'
import { median, p95 } from './timing'

const PROJECT = 'emptyproject0000'
const FRAMES = 300

export type Commit = (site: Site, id: string, parts: object[]) => Promise<void>

/** A page of sections of 19 texts on three columns each. */
export function blocksOf(count: number, prefix: string) {
  const idOf = (index: number) => `${prefix}${String(index).padStart(15, '0')}`
  return Array.from({ length: count }, (_, index) => {
    const id = idOf(index)
    const text = [{ insert: `Block ${index} of many` }]
    const parent = idOf(Math.floor(index / 20) * 20)
    const more =
      index % 20 === 0 ? { kind: 'section' } : { kind: 'text', parent, text, place: { column: { span: 3 } } }
    const record = { id, order: `a${String(index).padStart(5, '0')}`, ...more }
    return { type: 'put', collection: 'blocks', id, record }
  })
}

/** What a hand does on a page, as a script that runs once a frame: `count` frames, the times between them. */
export const GESTURES = {
  'drag one': `const r = boxOf(2); down(r.left + near, r.top + near); each = (n) => moveTo(r.left + 5 + n % 200, r.top + 5 + n % 300)`,
  'drag 200': `const r = boxOf(2); key('Ctrl+A'); await settled(); down(r.left + near, r.top + near); each = (n) => moveTo(r.left + 5 + n % 200, r.top + 5 + n % 300)`,
  resize: `const r = boxOf(2); down(r.left + near, r.top + near); up(); await settled(); const h = handle('corner').getBoundingClientRect()
           down(h.left + 4, h.top + 4, handle('corner')); each = (n) => moveTo(h.left + 4, h.top + 4 + n % 160)`,
  pan: `each = (n) => { desk.scrollTop += n % 120 < 60 ? 40 : -40 }`,
  zoom: `const r = desk.getBoundingClientRect()
         each = (n) => desk.dispatchEvent(new WheelEvent('wheel', { bubbles: true, cancelable: true, ctrlKey: true, deltaY: n % 60 < 30 ? 30 : -30, clientX: r.left + 300, clientY: r.top + 200 }))`,
}

/** Frame times of what one does on pages of 2,000 and of 10,000 blocks, close and far out. */
export async function onThePage(person: Person, site: Site, commit: Commit): Promise<void> {
  await frames(person, site, commit)
  await memory(person, site)
}

async function frames(person: Person, site: Site, commit: Commit) {
  for (const [count, page] of [
    [2000, 'benchpage0000000'],
    [10_000, 'p000000000000001'],
  ] as const) {
    const puts = blocksOf(count, count === 2000 ? 'b' : 'm')
    for (let from = 0; from < puts.length; from += 2000) {
      const part = { document: page, kind: 'drawing', operations: puts.slice(from, from + 2000) }
      await commit(site, `c${count}part${from}`.padEnd(16, '0'), [part])
    }
    for (const isFar of [false, true]) {
      for (const [name, gesture] of Object.entries(GESTURES)) {
        await person.open(`${site.address}/projects/${PROJECT}/wireframe/${page}`)
        await person.see('.drawing g')
        const { times: frames, isShown } = await framesOf(person, gesture, isFar)
        if (gesture.includes('moveTo') && !isShown) throw new Error(`Nothing moves: ${name}`)
        console.log(
          `${count} blocks${isFar ? ' far out' : ''}, ${name}: frame median ${median(frames).toFixed(0)} ms, p95 ${p95(frames).toFixed(0)} ms`,
        )
      }
    }
  }
}

/** Heap of the page before and after so many edits and as many undos, once what can be freed is. */
async function memory(person: Person, site: Site) {
  const EDITS = 500
  await person.open(`${site.address}/projects/${PROJECT}/wireframe/benchpage0000000`)
  await person.see('.drawing g')
  const heap = async () => {
    await (person.driver as unknown as Devtools).sendDevToolsCommand('HeapProfiler.collectGarbage', {})
    return person.number('return performance.memory.usedJSHeapSize')
  }
  const press = (times: number, key: string, ctrl: boolean) =>
    person.driver.executeAsyncScript(
      `const [times, key, ctrlKey, done] = arguments
       let left = times
       const step = () => {
         if (left-- === 0) return setTimeout(done, 1500)
         window.dispatchEvent(new KeyboardEvent('keydown', { key, ctrlKey, altKey: !ctrlKey }))
         requestAnimationFrame(step)
       }
       step()`,
      times,
      key,
      ctrl,
    )
  await person.driver.executeScript(
    `document.querySelectorAll('[data-outline]')[2].click(); document.activeElement?.blur()`,
  )
  // A first round makes what is made once.
  await press(50, 'ArrowDown', false)
  await press(50, 'z', true)
  const before = await heap()
  await press(EDITS, 'ArrowDown', false)
  await press(EDITS, 'z', true)
  const after = await heap()
  console.log(
    `memory after ${EDITS} edits and as many undos: ${(100 * (after / before - 1)).toFixed(1)} % more than before (${(before / 1e6).toFixed(0)} MB)`,
  )
}

interface Devtools {
  sendDevToolsCommand: (command: string, parameters: object) => Promise<void>
}

export function framesOf(
  person: Person,
  gesture: string,
  isFar: boolean,
): Promise<{ times: number[]; isShown: boolean }> {
  return person.driver.executeAsyncScript(
    `const [count, isFar, done] = arguments
     const sheet = document.querySelector('.sheet')
     const desk = document.querySelector('.desk')
     sheet.setPointerCapture = () => {}
     const fire = (type, x, y, on = sheet) => on.dispatchEvent(new PointerEvent(type, { bubbles: true, clientX: x, clientY: y, pointerId: 1, button: 0 }))
     const down = (x, y, on) => fire('pointerdown', x, y, on)
     const moveTo = (x, y) => fire('pointermove', x, y)
     const up = () => fire('pointerup', 0, 0)
     // Far out nothing of it is an element: it is found by where it stood before.
     const own = sheet.getBoundingClientRect()
     const rects = [...document.querySelectorAll('.drawing g')].slice(0, 9).map((g) => g.getBoundingClientRect())
     const shares = rects.map((r) => [(r.left - own.left) / own.width, (r.top - own.top) / own.width])
     const boxOf = (index) => {
       const now = sheet.getBoundingClientRect()
       return { left: now.left + shares[index][0] * now.width, top: now.top + shares[index][1] * now.width }
     }
     const handle = (name) => document.querySelector('[data-handle="' + name + '"]')
     const key = (name) => window.dispatchEvent(new KeyboardEvent('keydown', { key: name.at(-1).toLowerCase(), ctrlKey: name.startsWith('Ctrl') }))
     const near = isFar ? 0.2 : 5
     let each, isShown
     const settled = () => new Promise((resolve) => setTimeout(resolve, 1200))
     const begin = async () => {
       if (isFar) window.dispatchEvent(new KeyboardEvent('keydown', { key: 'Z', shiftKey: true }))
       await settled()
       ${gesture}
       await settled()
       const times = []
       let last = performance.now()
       const step = (now) => {
         times.push(now - last); last = now
         if (times.length === count / 2) isShown = Boolean(document.querySelector('.mark'))
         if (times.length > count) { up(); return done({ times: times.slice(1), isShown }) }
         each(times.length)
         requestAnimationFrame(step)
       }
       requestAnimationFrame(step)
     }
     begin().catch((error) => done({ times: [0], isShown: String(error) }))`,
    FRAMES,
    isFar,
  )
}
