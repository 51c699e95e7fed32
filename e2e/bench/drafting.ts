import { emptyContent } from '@nolvex/core/content/content'
import { applyChange } from '@nolvex/core/document/apply'
import type { ChangePart, Documents } from '@nolvex/core/document/types'
import { draftPages } from '@nolvex/core/draft/draftPages'
import type { DrawingDocument } from '@nolvex/core/drawing/drawing'
import { PageLayouter } from '@nolvex/core/layout/pageLayout'
import type { Finish } from '@nolvex/core/paint/finish'
import { PagePainter } from '@nolvex/core/paint/pagePainter'
import { plainFinish } from '@nolvex/core/paint/plainFinish'
import { sketchFinish } from '@nolvex/core/paint/sketchFinish'
import { documentKinds } from '@nolvex/core/resolve/documentKinds'
import { resolvePage } from '@nolvex/core/resolve/resolvePage'
import type { Page, SiteDocument } from '@nolvex/core/site/site'
import { usualBands, usualSite } from '@nolvex/core/site/usualSite'
import { plainStyle } from '@nolvex/core/style/plainStyle'
import { usualEnvironment } from '@nolvex/core/units/environment'
import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { median, timed } from './timing'

const COUNT = 200
const TITLES = ['Bread', 'Prices', 'Opening hours', 'About us', 'News', 'Questions', 'Gallery', 'Contact']

/** Drafting 200 pages at three bands, and what the sketch costs beside the plain finish. */
export function draftingAndSketching() {
  const pages: Record<string, Page> = {}
  for (let index = 0; index < COUNT; index++) {
    const id = `p${String(index).padStart(15, '0')}`
    const parent = index ? `p${String(Math.floor((index - 1) / 8)).padStart(15, '0')}` : undefined
    const title = `${TITLES[index % TITLES.length]} ${index}`
    pages[id] = { id, order: `a${String(index).padStart(5, '0')}`, title, ...(parent ? { parent } : {}) }
  }
  const site: SiteDocument = { ...usualSite, records: { ...usualSite.records, pages } }
  let made = 0
  const newId = () => `m${String(made++).padStart(15, '0')}`
  let parts: ChangePart[] = []
  const took = timed(() => {
    const making = draftPages(
      { site, content: emptyContent, style: plainStyle, name: 'Bench' },
      Object.values(pages),
      newId,
    )
    let step = making.next()
    while (!step.done) step = making.next()
    parts = step.value
  })
  console.log(
    `drafting ${COUNT} pages at 3 bands, ${made.toLocaleString('en')} records: ${took.toFixed(0)} ms`,
  )
  const { documents } = applyChange(documentKinds, { site } as unknown as Documents, parts)
  sketchAgainstPlain(documents)
}

function sketchAgainstPlain(documents: Documents) {
  const library = shippedFontLibrary()
  const site = documents.site as unknown as SiteDocument
  const drawings = Object.values(documents)
    .filter(({ kind }) => kind === 'drawing')
    .slice(0, 20)
  const layouts = drawings.map((drawing) => {
    const page = resolvePage(
      { drawing: drawing as unknown as DrawingDocument, site, style: plainStyle },
      usualBands.wide,
    )
    return new PageLayouter(library).layout(page, { ...usualEnvironment, viewportWidth: 1440 })
  })
  const sketch = sketchFinish(library)
  const paint = (finish: Finish) =>
    timed(() => layouts.forEach((layout) => new PagePainter(finish, () => undefined).sections(layout)))
  paint(sketch)
  paint(plainFinish)
  const [slow, fast]: number[][] = [[], []]
  for (let turn = 0; turn < 15; turn++) {
    slow.push(paint(sketch))
    fast.push(paint(plainFinish))
  }
  const [own, peer] = [median(slow), median(fast)]
  console.log(
    `painting 20 pages in sketch: ${own.toFixed(1)} ms, plain ${peer.toFixed(1)} ms, ratio ${(own / peer).toFixed(2)}`,
  )
}
