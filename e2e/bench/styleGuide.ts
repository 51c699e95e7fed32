import { readFileSync } from 'node:fs'
import { converter } from 'culori'
import sharp from 'sharp'
import { mainColours } from '@nolvex/core/colour/mainColours'
import { applyChange } from '@nolvex/core/document/apply'
import { readProject } from '@nolvex/core/formats/projectFile'
import { PageLayouter } from '@nolvex/core/layout/pageLayout'
import { finishedFinish } from '@nolvex/core/paint/finishedFinish'
import { PagePainter } from '@nolvex/core/paint/pagePainter'
import { documentKinds } from '@nolvex/core/resolve/documentKinds'
import { pageDrawings, pageSources } from '@nolvex/core/resolve/pageSources'
import { bandsOf, PageResolver } from '@nolvex/core/resolve/resolvePage'
import { contrastTable } from '@nolvex/core/review/style/contrastTable'
import { tokenMark, type Token } from '@nolvex/core/style/token'
import type { SiteDocument } from '@nolvex/core/site/site'
import { usualEnvironment } from '@nolvex/core/units/environment'
import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { unzip } from '@nolvex/server/projects/unzip'
import { ROOT } from '../site'
import { median, ms, timed } from './timing'

const TURNS = 25

/** The style guide at work: one colour changed, contrast of many pairs, the main colours of a large picture. */
export async function styleGuideInTheCore(): Promise<void> {
  await oneColourChanged()
  contrastOf40Roles()
  await coloursOfALargePicture()
}

/** The demo’s pages at each of its bands, painted anew after one colour changed. */
async function oneColourChanged() {
  const { documents } = readProject(await unzip(readFileSync(`${ROOT}/demo/skerrin-ferries.nolvex.zip`)))
  const library = shippedFontLibrary()
  const { inOrder } = bandsOf(documents.site as unknown as SiteDocument)
  const shown = pageDrawings(documents).flatMap(({ id }) =>
    inOrder.map((band) => ({
      ...{ id, band },
      resolver: new PageResolver(),
      layouter: new PageLayouter(library),
      painter: new PagePainter(finishedFinish, () => undefined),
    })),
  )
  const paint = (
    state: typeof documents,
    { id, band, resolver, layouter, painter }: (typeof shown)[number],
  ) => {
    const page = resolver.resolve(pageSources(state, id), band.id)
    painter.sections(layouter.layout(page, { ...usualEnvironment, viewportWidth: band.drawnAt }))
  }
  for (const one of shown) paint(documents, one)
  const times = Array.from({ length: TURNS }, (_, turn) => {
    const value = `#${(0x14506b + turn * 4096).toString(16)}`
    const set = { type: 'set' as const, collection: 'tokens', id: 'colourmain000000', path: ['value'], value }
    const parts = [{ document: 'style', kind: 'style', operations: [set] }]
    const changed = applyChange(documentKinds, documents, parts).documents
    const one = timed(() => paint(changed, shown[0]))
    const all = timed(() => shown.forEach((other) => paint(changed, other)))
    return { one, all }
  })
  const one = median(times.map((time) => time.one))
  const all = median(times.map((time) => time.all))
  console.log(
    `one colour changed: the open page resolved, laid out and painted in ${ms(one)}, ${shown.length} pages at all bands in ${ms(all)}`,
  )
}

function contrastOf40Roles() {
  const tokens: Token[] = Array.from({ length: 40 }, (_, index) => ({
    ...{ id: `bench${String(index).padStart(11, '0')}`, order: `a${index}`, name: `Colour ${index}` },
    ...{ type: 'colour' as const, value: `#${(0x102030 + index * 0x050403).toString(16)}` },
  }))
  const records = Object.fromEntries(tokens.map((token) => [token.id, token]))
  const pairs = tokens.flatMap(({ id }, index) =>
    tokens.slice(index + 1, index + 4).map((other) => ({
      ...{ words: tokenMark(id), ground: tokenMark(other.id), isLarge: false },
      places: [{ page: 'p', key: 'k' }],
    })),
  )
  const times = Array.from({ length: TURNS * 4 }, () => timed(() => contrastTable(records, pairs)))
  console.log(
    `contrast table of 40 colours, ${pairs.length} pairs, each that fails with a colour that passes: ${ms(median(times))}`,
  )
}

/** 12 megapixels of photograph, and as a measure converting each pixel to OKLab. */
async function coloursOfALargePicture() {
  const [width, height] = [4000, 3000]
  const noise = { type: 'gaussian' as const, mean: 120, sigma: 45 }
  const pixels = await sharp({ create: { width, height, channels: 3, background: '#000', noise } })
    .ensureAlpha()
    .raw()
    .toBuffer()
  const own = median(Array.from({ length: 5 }, () => timed(() => mainColours(pixels, 6))))
  const toOklab = converter('oklab')
  const share = 20
  const theirs =
    share *
    timed(() => {
      for (let at = 0; at < pixels.length / share; at += 4)
        toOklab({ mode: 'rgb', r: pixels[at] / 255, g: pixels[at + 1] / 255, b: pixels[at + 2] / 255 })
    })
  console.log(
    `main colours of 12 megapixels of noise: ${ms(own)}, ${(theirs / own).toFixed(0)} times as fast as culori turns them to OKLab`,
  )
}
