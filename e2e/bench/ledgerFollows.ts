import { commitParts, documentsOf } from '../journeys/journey'
import type { Person } from '../person'
import type { Site } from '../site'

const DEMO = 'skerrinferries00'

/** A level of the style guide changed elsewhere, until every picture of the Ledger has been painted anew. */
export async function ledgerFollows(person: Person, site: Site): Promise<void> {
  await person.open(`${site.address}/projects/${DEMO}`)
  const sources = 'Array.from(document.querySelectorAll(".picture img"), (one) => one.src)'
  const { documents } = await documentsOf(site, DEMO)
  const levels = Object.values(documents.style.records.levels) as { id: string; role?: string }[]
  const body = levels.find(({ role }) => role === 'p')
  let count = 0
  await person.until('all pictures', async () => {
    const before = count
    count = (await person.driver.executeScript<string[]>(`return ${sources}`)).length
    return count > 0 && count === before
  })
  await person.driver.executeScript(
    `const before = new Set(${sources})
     window.followed = new Promise((done) => {
       const look = () => {
         const now = ${sources}
         const anew = now.filter((one) => !before.has(one)).length
         if (anew > 0) window.first ??= performance.now()
         if (anew === now.length) done([performance.timeOrigin + performance.now(), performance.timeOrigin + window.first])
         else requestAnimationFrame(look)
       }
       look()
     })`,
  )
  const started = Date.now()
  await commitParts(site, DEMO, [
    {
      document: 'style',
      kind: 'style',
      operations: [
        { type: 'set', collection: 'levels', id: body?.id, path: ['size'], value: { value: 19, unit: 'px' } },
      ],
    },
  ])
  const [ended, first] = await person.driver.executeAsyncScript<[number, number]>(
    'const done = arguments[0]; window.followed.then(done)',
  )
  console.log(
    `a level changed elsewhere: the first of the Ledger’s ${count} pictures anew after ${Math.round(first - started)} ms, the last after ${Math.round(ended - started)} ms`,
  )
}
