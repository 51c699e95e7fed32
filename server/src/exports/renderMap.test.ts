import { execFileSync } from 'node:child_process'
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { unzipSync } from 'fflate'
import sharp from 'sharp'
import { mapSheets, type MapSheetOptions } from '@nolvex/core/paint/mapSheets'
import { PAPERS } from '@nolvex/core/paint/paper'
import { leafMarks, type Picture } from '@nolvex/core/vector/mark'
import type { Page, SiteDocument } from '@nolvex/core/site/site'
import { usualSite } from '@nolvex/core/site/usualSite'
import { shippedFontLibrary } from '../fonts/shippedFonts'
import { renderMap } from './renderMap'

const library = shippedFontLibrary()
const options: MapSheetOptions = {
  title: 'Skerrin Ferries',
  date: '2026-05-31',
  paper: 'A4',
  direction: 'down',
  connectors: 'stepped',
  heavy: false,
  sections: true,
  menus: true,
}

/** A site whose page number n stands below page number (n - 1) / fan. */
function siteOf(count: number, fan: number, title = (index: number) => `Page ${index}`): SiteDocument {
  const pages: Record<string, Page> = {}
  for (let index = 0; index < count; index++) {
    const id = `p${String(index).padStart(15, '0')}`
    const parent = index ? `p${String(Math.floor((index - 1) / fan)).padStart(15, '0')}` : undefined
    pages[id] = {
      id,
      order: `a${String(index).padStart(5, '0')}`,
      title: title(index),
      ...(parent ? { parent } : {}),
    }
  }
  return { ...usualSite, records: { ...usualSite.records, pages } }
}
const words = ({ marks }: Picture) =>
  leafMarks(marks).flatMap((mark) => (mark.type === 'words' ? [mark.text] : []))

test('a small map fits one sheet, a menu sheet follows', () => {
  const site = siteOf(8, 3)
  const menu = { id: 'menu000000000000', order: 'a0', name: 'Main menu', kind: 'main' as const }
  const entry = {
    id: 'entry00000000000',
    menu: menu.id,
    order: 'a0',
    page: 'p000000000000001',
    label: 'First',
  }
  site.records.menus = { [menu.id]: menu }
  site.records.menuEntries = { [entry.id]: entry }
  const sheets = mapSheets(site.records, library, options)
  expect(sheets.map(({ title }) => title)).toEqual(['Site map', 'Menus'])
  expect(words(sheets[1])).toEqual(
    expect.arrayContaining(['Main menu', 'First', 'Menus · 2026-05-31 · sheet 2 of 2']),
  )
})

test.each([
  ['a broad tree', siteOf(300, 6)],
  ['a flat one', siteOf(200, 500)],
  ['a deep one', siteOf(40, 1)],
])('%s goes on as many sheets as it needs, every page on one, nothing off the paper', (_what, site) => {
  const sheets = mapSheets(site.records, library, options)
  const said = new Set(sheets.flatMap(words))
  for (const { title } of Object.values(site.records.pages)) expect(said).toContain(title)
  for (const { marks } of sheets) {
    for (const mark of leafMarks(marks)) {
      const frame = mark.type === 'shape' ? mark.outline : mark
      if (frame.type === 'path') continue
      const [right, bottom] = frame.type === 'words' ? [0, 0] : [frame.width, frame.height]
      expect(frame.x).toBeGreaterThanOrEqual(0)
      expect(frame.x + right).toBeLessThanOrEqual(PAPERS.A4.width)
      expect(frame.y + bottom).toBeLessThanOrEqual(PAPERS.A4.height)
    }
  }
})

test('the legend explains what is on the sheet, and only that', () => {
  const plain = siteOf(4, 3)
  const legendOf = (site: SiteDocument, more: Partial<MapSheetOptions> = {}) =>
    words(mapSheets(site.records, library, { ...options, ...more })[0])
  const signs = ['stands for many pages', 'outside the tree, external', 'filled by the content service']
  for (const sign of signs) expect(legendOf(plain)).not.toContain(sign)

  const used = siteOf(4, 3)
  const [home, first, second] = Object.keys(used.records.pages)
  used.records.pages[first].template = { each: 'one per isle' }
  used.records.pages[second].kind = 'outside'
  used.records.sections = {
    section000000000: {
      id: 'section000000000',
      order: 'a0',
      name: 'Sailings',
      page: home,
      source: 'service',
    },
  }
  for (const sign of signs) expect(legendOf(used)).toContain(sign)
  expect(legendOf(used, { sections: false })).not.toContain(signs[2])
})

test('the journey that is shown is drawn over the cards and named, with the gap it has', () => {
  const site = siteOf(4, 3)
  const [home, first, second] = Object.keys(site.records.pages)
  const journey = { id: 'journey000000000', order: 'a0', name: 'Buy a ticket' }
  const stops = [home, first, second].map((page, index) => ({
    id: `stop00000000000${index}`,
    order: 'a0',
    journey: journey.id,
    page,
    ...(index ? { parent: `stop00000000000${index - 1}` } : {}),
  }))
  site.records.journeys = { [journey.id]: journey }
  site.records.stops = Object.fromEntries(stops.map((stop) => [stop.id, stop]))
  const link = { id: 'link000000000000', from: home, to: first }
  site.records.links = { [link.id]: link }
  const [sheet] = mapSheets(site.records, library, { ...options, journey: journey.id })
  expect(words(sheet)).toEqual(expect.arrayContaining(['journey: Buy a ticket', 'no way leads there']))
  const colours = leafMarks(sheet.marks).flatMap((mark) =>
    mark.type === 'shape' ? [mark.stroke?.colour] : [],
  )
  // One leg each on the sheet, and one each in the legend.
  expect(colours.filter((colour) => colour === '#3e5c76')).toHaveLength(2)
  expect(colours.filter((colour) => colour === '#a63d2a')).toHaveLength(2)
  const [without] = mapSheets(site.records, library, options)
  expect(words(without)).not.toContain('journey: Buy a ticket')
})

test('a PDF has its sheets, embeds its fonts and keeps its words (read by poppler)', async () => {
  const site = siteOf(120, 5, (index) => (index === 7 ? 'Überfahrt “Æsir” → Tansay' : `Page ${index}`))
  const bytes = await renderMap({ ...options, format: 'map', file: 'pdf', site })
  const folder = mkdtempSync(join(tmpdir(), 'nolvex-'))
  try {
    const file = join(folder, 'map.pdf')
    writeFileSync(file, bytes)
    const sheets = mapSheets(site.records, library, options)
    expect(execFileSync('pdfinfo', [file], { encoding: 'utf8' })).toMatch(
      new RegExp(`Pages: +${sheets.length}\n`),
    )
    const fonts = execFileSync('pdffonts', [file], { encoding: 'utf8' }).trim().split('\n').slice(2)
    expect(fonts.length).toBeGreaterThan(1)
    for (const font of fonts) expect(font).toMatch(/ yes +yes +yes /)
    const text = execFileSync('pdftotext', ['-layout', file, '-'], { encoding: 'utf8' })
    for (const wanted of ['Page 0', 'Page 119', 'Überfahrt “Æsir” → Tansay']) expect(text).toContain(wanted)
  } finally {
    rmSync(folder, { recursive: true })
  }
})

test('pictures of several sheets come in a zip, one by itself; text is escaped', async () => {
  const many = unzipSync(await renderMap({ ...options, format: 'map', file: 'svg', site: siteOf(120, 5) }))
  expect(Object.keys(many)[0]).toBe('sheet-1.svg')
  const site = siteOf(2, 1, () => '<script>&"')
  const svg = Buffer.from(await renderMap({ ...options, format: 'map', file: 'svg', site })).toString()
  expect(svg).toContain('&lt;script&gt;&amp;&quot;')
  const png = await sharp(await renderMap({ ...options, format: 'map', file: 'png', site })).metadata()
  expect(png.width).toBeCloseTo((PAPERS.A4.width * 2 * 96) / 72, -1)
})

test('a chain of 2,000 pages is drawn', () => {
  const sheets = mapSheets(siteOf(2000, 1).records, library, options)
  expect(
    new Set(sheets.flatMap(words).filter((word) => word.startsWith('Page '))).size,
  ).toBeGreaterThanOrEqual(2000)
})
