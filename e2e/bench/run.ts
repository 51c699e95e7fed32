import { performance } from 'node:perf_hooks'
import yoga from 'yoga-layout'
import type { Block } from '@nolvex/core/block/block'
import { PageLayouter } from '@nolvex/core/layout/pageLayout'
import { pageHtml } from '@nolvex/core/markup/pageHtml'
import {
  bandsOf,
  PageResolver,
  resolveAllBands,
  resolvePage,
  type PageSources,
} from '@nolvex/core/resolve/resolvePage'
import { snapLines, snapRect } from '@nolvex/core/snap/snapEdges'
import { usualBands, usualSite } from '@nolvex/core/site/usualSite'
import { plainStyle } from '@nolvex/core/style/plainStyle'
import { px } from '@nolvex/core/units/length'
import type { FontLibrary } from '@nolvex/core/text/fontLibrary'
import { usualEnvironment } from '@nolvex/core/units/environment'
import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { launchBrowser, setViewport } from '../browser'
import { gridFigures } from './gridFigures'
import { inTheApplication } from './inTheApplication'
import { mapInTheCore } from './mapOf2000'

/** Figures as ratios against named peers in the same run; alternating runs, medians. Machines are noisy: read ratios. */
const ROUNDS = 7

const median = (values: number[]) => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]
const p95 = (values: number[]) => [...values].sort((a, b) => a - b)[Math.floor(values.length * 0.95)]
const ms = (value: number) => `${value.toFixed(value < 10 ? 2 : 0)} ms`

function timed(work: () => void): number {
  const started = performance.now()
  work()
  return performance.now() - started
}

/** A page of about `count` blocks: sections of rows of cards with a heading, a text and a button. */
function pageOf(count: number): PageSources {
  const blocks: Record<string, Block> = {}
  let made = 0
  const add = (kind: Block['kind'], parent: string | undefined, more: Partial<Block> = {}): string => {
    const id = `b${String(made++).padStart(15, '0')}`
    blocks[id] = {
      id,
      kind,
      order: `a${String(made).padStart(6, '0')}`,
      ...(parent ? { parent } : {}),
      ...more,
    }
    return id
  }
  while (made < count) {
    const section = add('section', undefined, { arrange: { type: 'column', gap: px(24), align: 'stretch' } })
    for (let row = 0; row < 5 && made < count; row++) {
      const line = add('box', section, { arrange: { type: 'row', gap: px(16) } })
      for (let card = 0; card < 4 && made < count; card++) {
        const box = add('box', line, {
          arrange: {
            type: 'column',
            gap: px(8),
            padding: { top: px(12), left: px(12), right: px(12), bottom: px(12) },
            align: 'start',
          },
        })
        add('text', box, { tag: 'h3', text: [{ insert: `Crossing ${made}` }] })
        add('text', box, {
          text: [
            {
              insert: `Boat ${made} leaves the harbour at ten past nine and takes bikes, dogs and small freight on every working day.`,
            },
          ],
        })
        add('button', box, { text: [{ insert: 'Find a sailing' }] })
      }
    }
  }
  return {
    drawing: { kind: 'drawing', id: 'benchpage0000000', schema: 1, records: { blocks } },
    site: usualSite,
    style: plainStyle,
  }
}

const environment = { ...usualEnvironment, viewportWidth: 1440 }

function ourLayout(sources: PageSources, library: FontLibrary): number {
  const page = resolvePage(sources, usualBands.wide)
  return timed(() => new PageLayouter(library).layout(page, environment))
}

/** A library that has read its fonts, as Chromium has, and shaped nothing yet. */
function withFontsOpen(): FontLibrary {
  const library = shippedFontLibrary()
  for (const level of Object.values(plainStyle.records.levels)) library.face({ italic: false, ...level })
  return library
}

/** The same tree of rows and columns in yoga, texts measured by a function that knows their size at once. */
function yogaLayout(sources: PageSources): number {
  const { blocks } = sources.drawing.records
  const children = new Map<string | undefined, Block[]>()
  for (const block of Object.values(blocks))
    children.set(block.parent, [...(children.get(block.parent) ?? []), block])
  return timed(() => {
    const build = (block: Block) => {
      const node = yoga.Node.create()
      if (block.kind === 'text' || block.kind === 'button')
        node.setMeasureFunc((width) => ({ width: Math.min(width, 200), height: 52 }))
      if (block.arrange?.type === 'row') node.setFlexDirection(2)
      const parent = block.parent && blocks[block.parent]
      if (parent && parent.arrange?.type === 'row') node.setFlex(1)
      node.setGap(2, 16)
      ;(children.get(block.id) ?? []).forEach((child, index) => node.insertChild(build(child), index))
      return node
    }
    const root = yoga.Node.create()
    root.setWidth(1440)
    ;(children.get(undefined) ?? []).forEach((section, index) => root.insertChild(build(section), index))
    root.calculateLayout(1440, undefined, 1)
    root.freeRecursive()
  })
}

const { driver, close } = await launchBrowser()
try {
  await setViewport(driver, 1440, 900)
  for (const count of [1000, 10_000]) await compareLayout(count)
} finally {
  await close()
}
relayout()
shaping()
snapping()
mapInTheCore()
gridFigures()
await inTheApplication()

async function compareLayout(count: number) {
  const sources = pageOf(count)
  const { inOrder, lead } = bandsOf(usualSite)
  const html = pageHtml({
    bands: inOrder,
    lead,
    pages: resolveAllBands(sources),
    title: 'bench',
    language: 'en',
    fonts: [],
    pictureAddress: () => 'data:,',
  })
  await driver.get('about:blank')
  await driver.executeScript('document.open(); document.write(arguments[0]); document.close()', html)
  const shaped = shippedFontLibrary()
  ourLayout(sources, shaped)
  const again = new PageLayouter(shaped)
  const page = resolvePage(sources, usualBands.wide)
  again.layout(page, environment)
  const figures = {
    ours: [] as number[],
    shaped: [] as number[],
    yoga: [] as number[],
    chromium: [] as number[],
    width: [] as number[],
    chromiumWidth: [] as number[],
  }
  for (let round = 0; round < ROUNDS; round++) {
    figures.ours.push(ourLayout(sources, withFontsOpen()))
    figures.shaped.push(ourLayout(sources, shaped))
    figures.yoga.push(yogaLayout(sources))
    const reflow = await driver.executeScript(`
      const body = document.body; const next = body.cloneNode(true); body.remove()
      document.documentElement.append(next)
      const started = performance.now(); next.getBoundingClientRect(); next.lastElementChild.getBoundingClientRect()
      return performance.now() - started`)
    figures.chromium.push(Number(reflow))
    const width = 1400 - round
    figures.width.push(timed(() => again.layout(page, { ...environment, viewportWidth: width })))
    const narrower = await driver.executeScript(
      `const started = performance.now(); document.body.style.width = arguments[0] + 'px'
      document.body.lastElementChild.getBoundingClientRect(); return performance.now() - started`,
      width,
    )
    figures.chromiumWidth.push(Number(narrower))
  }
  const [ours, warm, peer, chromium] = [figures.ours, figures.shaped, figures.yoga, figures.chromium].map(
    median,
  )
  const [width, chromiumWidth] = [median(figures.width), median(figures.chromiumWidth)]
  const beside = (own: number) =>
    `${ms(own)}, yoga taking ${(peer / own).toFixed(1)} times and Chromium’s style and reflow ${(chromium / own).toFixed(1)} times as long`
  console.log(`layout of ${count} blocks, no text shaped before: ${beside(ours)}`)
  console.log(`layout of ${count} blocks, texts shaped before: ${beside(warm)}`)
  console.log(
    `layout of ${count} blocks at a new width: ${ms(width)}, Chromium’s reflow taking ${(chromiumWidth / width).toFixed(1)} times as long`,
  )
}

function relayout() {
  const sources = pageOf(2000)
  const library = shippedFontLibrary()
  const [resolver, layouter] = [new PageResolver(), new PageLayouter(library)]
  const run = (now: PageSources, width = 1440) =>
    timed(() =>
      layouter.layout(resolver.resolve(now, usualBands.wide), { ...environment, viewportWidth: width }),
    )
  const whole = run(sources)
  const id = Object.keys(sources.drawing.records.blocks)[40]
  const leaf: number[] = []
  const widths: number[] = []
  for (let round = 0; round < 40; round++) {
    const { blocks } = sources.drawing.records
    const changed = { ...blocks, [id]: { ...blocks[id], arrange: { ...blocks[id].arrange, gap: px(round) } } }
    leaf.push(run({ ...sources, drawing: { ...sources.drawing, records: { blocks: changed } } }))
    widths.push(run(sources, 1200 + round))
  }
  console.log(
    `relayout of 2,000 blocks: after one leaf ${ms(median(leaf))} = 1/${(whole / median(leaf)).toFixed(0)} of the first layout; at a new width ${ms(median(widths))}`,
  )
}

function shaping() {
  const library = shippedFontLibrary()
  const face = library.face({ family: 'Public Sans', weight: 400, italic: false })
  const texts = Array.from(
    { length: 3000 },
    (_, index) => `Boat ${index} leaves the harbour at ten past nine and takes bikes.`,
  )
  const took = timed(() => texts.forEach((text) => face.shape(text)))
  console.log(
    `text: ${Math.round(texts.length / (took / 1000)).toLocaleString('en')} texts of 60 characters shaped a second`,
  )
}

function snapping() {
  const random = (most: number) => Math.floor(Math.random() * most)
  const rects = Array.from({ length: 10_000 }, () => ({
    x: random(1400),
    y: random(50_000),
    w: random(300),
    h: random(200),
  }))
  const lines = snapLines(rects)
  const took = Array.from({ length: 2000 }, () =>
    timed(() => snapRect({ x: random(1400), y: random(50_000), w: 120, h: 40 }, lines, 6)),
  )
  console.log(`snapping among 10,000 blocks: p95 ${p95(took).toFixed(3)} ms`)
}
