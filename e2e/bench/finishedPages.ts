import { performance } from 'node:perf_hooks'
import sharp from 'sharp'
import { documentKinds } from '@nolvex/core/resolve/documentKinds'
import type { Person } from '../person'
import type { Site } from '../site'
import { blocksOf, framesOf, GESTURES, type Commit } from './onThePage'
import { median, p95 } from './timing'

const PROJECT = 'emptyproject0000'
const [DRAGGED, PICTURES, FOLLOWED] = ['finishedpage0000', 'picturespage0000', 'followedpage0000']
const COUNT = 2000
const PHOTOGRAPHS = 30
const TURNS = 15
/** blocks a change may bring at once, by their length */
const PART = 500

const put = (collection: string, record: { id: string }) => ({
  type: 'put',
  collection,
  id: record.id,
  record,
})
const px = (value: number) => ({ value, unit: 'px' })
const { schema } = documentKinds.drawing
const drawing = (document: string, operations: object[]) => ({
  document,
  kind: 'drawing',
  schema,
  operations,
})

/** Mockups on screen: gestures on 2,000 finished blocks, what the live view takes to follow, and a page of large pictures. */
export async function finishedPages(person: Person, site: Site, commit: Commit): Promise<void> {
  const pages = [DRAGGED, PICTURES, FOLLOWED].map((id, index) =>
    put('pages', { id, order: `z${index}`, title: id } as { id: string }),
  )
  await commit(site, 'finishedpages000', [{ document: 'site', kind: 'site', operations: pages }])
  await dragged(person, site, commit)
  await followed(person, site, commit)
  await photographs(person, site, commit)
}

/** Every block on a gradient, with a shadow and round corners. */
async function dragged(person: Person, site: Site, commit: Commit) {
  const corner = px(8)
  const look = {
    radius: { topLeft: corner, topRight: corner, bottomRight: corner, bottomLeft: corner },
    shadow: [{ x: 0, y: 2, blur: 8, spread: 0, colour: { hex: '#00000026' } }],
    gradient: {
      ...{ type: 'linear', angle: 160 },
      stops: [
        { at: 0, colour: { hex: '#ffffff' } },
        { at: 1, colour: { hex: '#dfe9ec' } },
      ],
    },
  }
  const puts = blocksOf(COUNT, 'f').map(({ record, ...one }) => ({
    ...one,
    record: record.kind === 'text' ? { ...record, look } : record,
  }))
  for (let from = 0; from < puts.length; from += PART)
    await commit(site, `finished${String(from).padStart(8, '0')}`, [
      drawing(DRAGGED, puts.slice(from, from + PART)),
    ])
  for (const gesture of ['drag one', 'pan'] as const) {
    await person.open(`${site.address}/projects/${PROJECT}/mockup/${DRAGGED}`)
    await person.see('.drawing g')
    const { times, isShown } = await framesOf(person, GESTURES[gesture], false)
    if (gesture !== 'pan' && !isShown) throw new Error(`Nothing moves: ${gesture}`)
    console.log(
      `${COUNT} finished blocks, ${gesture}: frame median ${median(times).toFixed(0)} ms, p95 ${p95(times).toFixed(0)} ms`,
    )
  }
}

/** From a change in one window to the picture of it in the other, by the clock both have. */
async function followed(person: Person, site: Site, commit: Commit) {
  const { driver } = person
  const text = (words: string) => ({
    ...{ id: 'followedtext0000', kind: 'text', order: 'a0', parent: 'followedsection0' },
    text: [{ insert: words }],
  })
  await commit(site, 'followedblocks00', [
    drawing(FOLLOWED, [
      put('blocks', { id: 'followedsection0', kind: 'section', order: 'a0' } as { id: string }),
      put('blocks', text('Turn none')),
    ]),
  ])
  await person.open(`${site.address}/projects/${PROJECT}/mockup/${FOLLOWED}`)
  await person.see('.outline [data-outline]')
  const drafting = await driver.getWindowHandle()
  await driver.switchTo().newWindow('window')
  const live = await driver.getWindowHandle()
  await person.open(`${site.address}/projects/${PROJECT}/live/${FOLLOWED}`)
  await person.see('.live .drawing g')
  await driver.executeScript(
    `window.seen = []
     const drawing = document.querySelector('.live .drawing')
     new MutationObserver(() => requestAnimationFrame(() => window.seen.push(Date.now()))).observe(drawing, { subtree: true, childList: true, attributes: true, characterData: true })`,
  )
  const took: number[] = []
  for (let turn = 0; turn < TURNS; turn++) {
    await driver.switchTo().window(drafting)
    const changed = await driver.executeAsyncScript<number>(
      `const done = arguments[arguments.length - 1]
       document.querySelectorAll('[data-outline]')[0].click()
       document.activeElement?.blur()
       setTimeout(() => {
         window.dispatchEvent(new KeyboardEvent('keydown', { key: 'd', ctrlKey: true }))
         done(Date.now())
       }, 300)`,
    )
    await driver.switchTo().window(live)
    const seen = await person.number(
      `return new Promise((done) => setTimeout(() => done(window.seen.find((at) => at >= ${changed} - 2) ?? 0), 700))`,
    )
    if (seen) took.push(seen - changed)
  }
  await driver.close()
  await driver.switchTo().window(drafting)
  console.log(
    `the live view follows a change: median ${median(took).toFixed(0)} ms, p95 ${p95(took).toFixed(0)} ms (${took.length} of ${TURNS} seen)`,
  )
}

/** Pictures of 12 megapixels: scaled once, and then a page as any other. */
async function photographs(person: Person, site: Site, commit: Commit) {
  const operations: object[] = [
    put('blocks', {
      ...{ id: 'photosection0000', kind: 'section', order: 'a0' },
      arrange: { type: 'grid', tracks: 3, gap: px(24) },
    } as { id: string }),
  ]
  for (let index = 0; index < PHOTOGRAPHS; index++) {
    const id = `photo${String(index).padStart(11, '0')}`
    const file = { asset: await addPhotograph(site, index), width: 4000, height: 3000 }
    operations.push(
      put('blocks', {
        ...{ id, kind: 'picture', parent: 'photosection0000', order: `a${String(index).padStart(3, '0')}` },
        ...{ data: { file }, place: { column: { span: 1 } } },
      } as { id: string }),
    )
  }
  await commit(site, 'photographs00000', [drawing(PICTURES, operations)])
  for (const turn of ['first shown', 'shown again']) {
    const started = performance.now()
    await person.open(`${site.address}/projects/${PROJECT}/mockup/${PICTURES}`)
    await person.see('.drawing image')
    await person.until(
      'its pictures',
      () =>
        person.driver.executeAsyncScript<boolean>(
          `const done = arguments[0]
           Promise.all([...document.querySelectorAll('.drawing image')].map((one) => one.decode())).then(() => done(true), () => done(false))`,
        ),
      60_000,
    )
    console.log(
      `${PHOTOGRAPHS} pictures of 12 megapixels, ${turn}: ${Math.round(performance.now() - started)} ms`,
    )
  }
  const { times } = await framesOf(person, GESTURES.pan, false)
  console.log(
    `${PHOTOGRAPHS} pictures of 12 megapixels, pan: frame median ${median(times).toFixed(0)} ms, p95 ${p95(times).toFixed(0)} ms`,
  )
}

/** A picture with something in it, so that it is as long to read as a photograph. */
async function addPhotograph(site: Site, index: number): Promise<string> {
  const noise = { type: 'gaussian' as const, mean: 90 + index * 2, sigma: 20 }
  const bytes = await sharp({ create: { width: 1000, height: 750, channels: 3, background: '#000', noise } })
    .resize(4000, 3000)
    .jpeg({ quality: 80 })
    .toBuffer()
  const { id } = await site.ask<{ id: string }>(`/api/projects/${PROJECT}/assets?name=photo-${index}.jpg`, {
    method: 'POST',
    body: new Uint8Array(bytes),
  })
  return id
}
