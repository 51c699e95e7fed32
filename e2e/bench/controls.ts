import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { gzipSync } from 'node:zlib'
import type { Person } from '../person'
import { ROOT, type Site } from '../site'
import { median, p95 } from './timing'

const DEMO = '/projects/skerrinferries00/wireframe'

/** What the browser fetches of scripts and styles to show a view, as gzip would send it; fonts and data aside. */
export async function firstLoad(person: Person, site: Site): Promise<void> {
  for (const [name, path, ready] of [
    ['the projects', '/', '.cards'],
    ['the drafting view', DEMO, '.drawing g'],
  ]) {
    await person.open('about:blank')
    await person.open(site.address + path)
    await person.see(ready)
    const files = (await person.driver.executeScript(
      `return [...document.querySelectorAll('link[rel=stylesheet], link[rel=modulepreload], script[src]')].map((one) => one.href || one.src)
         .concat(performance.getEntriesByType('resource').map(({ name }) => name))
         .filter((name) => /\\/assets\\/[^/]+\\.(js|css)$/.test(name)).map((name) => name.split('/').pop())`,
    )) as string[]
    const sizes = [...new Set(files)].map((file) => ({
      file,
      bytes: gzipSync(readFileSync(join(ROOT, 'web/dist/assets', file)), { level: 9 }).length,
    }))
    const sum = (end: string) =>
      Math.round(
        sizes.filter(({ file }) => file.endsWith(end)).reduce((all, { bytes }) => all + bytes, 0) / 1024,
      )
    console.log(`first load of ${name}: ${sum('.js')} KB of scripts and ${sum('.css')} KB of styles, gzip`)
  }
}

/** From a press on a line of the outline until the block's particulars are on screen. */
export async function particularsShown(person: Person, site: Site): Promise<void> {
  await person.open(site.address + DEMO)
  await person.see('.drawing g')
  await person.see('[data-outline]')
  const times = (await person.driver.executeAsyncScript(
    `const done = arguments[0]
     const painted = () => new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve)))
     const lines = () => [...document.querySelectorAll('[data-outline]')]
     const times = []
     const turn = async () => {
       for (let count = 0; count < 60; count++) {
         const line = lines()[(count * 5) % lines().length]
         await painted()
         const started = performance.now()
         line.click()
         await painted()
         times.push(performance.now() - started)
         if (!document.querySelector('.particulars [data-field]')) throw new Error('nothing is shown')
       }
       done(times.slice(5))
     }
     turn()`,
  )) as number[]
  console.log(
    `the particulars of a block: median ${median(times).toFixed(0)} ms, p95 ${p95(times).toFixed(0)} ms after the press`,
  )
}
