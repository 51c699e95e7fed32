import sharp from 'sharp'
import type { Documents } from '@nolvex/core/document/types'
import { usualBands, usualSite } from '@nolvex/core/site/usualSite'
import { plainStyle } from '@nolvex/core/style/plainStyle'
import { px } from '@nolvex/core/units/length'
import type { PackInput } from './packPages'
import { htmlFiles } from './renderSite'

const id = (name: string) => name.padEnd(16, '0')
const [page, asset, small] = [id('home'), id('photo'), id('small')]
const empty = { id: id('empty'), page, order: 'a0', name: 'No sailings' }

const site = {
  ...usualSite,
  records: {
    ...usualSite.records,
    pages: { [page]: { id: page, order: 'a0', title: 'Home' } },
    pageStates: { [empty.id]: empty },
    credits: { [asset]: { id: asset, source: '=Anna, at the slip', licence: 'this site, until 2030' } },
  },
}
const token = { id: id('sea'), order: 'a0', type: 'colour', name: 'sea', value: '#ffffff' }
const style = {
  ...plainStyle,
  records: {
    ...plainStyle.records,
    tokens: { [token.id]: { ...token, dark: '#10201c' } },
  },
}
const picture = (name: string, file: object, at: object = {}) => ({
  ...{ id: id(name), kind: 'picture', parent: id('hero'), order: 'a0', data: { file, alt: name }, at },
})
const blocks = [
  {
    ...{ id: id('hero'), kind: 'section', order: 'a0', look: { fill: { token: token.id } } },
    at: { [usualBands.narrow]: { arrange: { padding: { top: px(8) } } } },
  },
  picture('wide', { asset, width: 2000, height: 1000 }),
  picture('tiny', { asset: small, width: 60, height: 40 }),
  {
    id: id('none'),
    kind: 'text',
    parent: id('hero'),
    order: 'a5',
    shownWhen: [empty.id],
    text: [{ insert: 'None today' }],
  },
]
const documents = {
  site,
  style,
  [page]: {
    ...{ kind: 'drawing', id: page, schema: 3 },
    records: { blocks: Object.fromEntries(blocks.map((one) => [one.id, one])) },
  },
} as unknown as Documents

const flat = (width: number, height: number) =>
  sharp({ create: { width, height, channels: 3, background: '#3e5c76' } })

async function filesOf(more: Partial<PackInput> = {}) {
  const files = await htmlFiles({
    ...{ format: 'pack', file: 'html', pages: [], bands: [], finish: 'finished', scale: 1, notes: false },
    ...{ responsive: true, date: '2026-01-01', title: 'Ferry', documents },
    assets: [
      { id: asset, type: 'image/jpeg', bytes: await flat(2000, 1000).jpeg().toBuffer() },
      { id: small, type: 'image/png', bytes: await flat(60, 40).png().toBuffer() },
    ],
    ...more,
  })
  return new Map(files.map(({ path, bytes }) => [path, bytes]))
}
const textOf = (files: Map<string, Uint8Array>, path: string) => Buffer.from(files.get(path) ?? []).toString()

test('a picture comes in the widths screens need, as AVIF and WebP beside its own type; a small one as it is', async () => {
  const files = await filesOf()
  const html = textOf(files, 'index.html')
  const set = (type: string) =>
    [480, 960, 1440, 1920, 2000].map((w) => `./pictures/${asset}-${w}.${type} ${w}w`).join(', ')
  expect(html).toContain(`<source type="image/avif" srcset="${set('avif')}"`)
  expect(html).toContain(`<source type="image/webp" srcset="${set('webp')}"`)
  expect(html).toContain(`src="./pictures/${asset}.jpg" srcset="${set('jpg')}"`)
  expect(html).not.toContain(`${small}-`)
  for (const [path, bytes] of files) {
    const [, width, type] = /-(\d+)\.(avif|webp|jpg)$/.exec(path) ?? []
    if (!width) continue
    const { width: wide, format } = await sharp(bytes).metadata()
    expect([path, wide, format]).toEqual([
      path,
      Number(width),
      { avif: 'heif', webp: 'webp', jpg: 'jpeg' }[type],
    ])
  }
})

// At 1440 px the content of 1312 px is 91.1 % of the viewport; at 390 px 358 px are 91.8 %, at 834 px 770 are 92.3 %.
test('how wide it is shown goes by the layout of each band', async () => {
  const html = textOf(await filesOf(), 'index.html')
  expect(html).toContain('sizes="(width &lt; 680px) 92vw, (width &lt; 1120px) 93vw, 92vw"')
})

test('the dark set follows the visitor’s wish, whatever else a band changes', async () => {
  const css = textOf(await filesOf(), 'styles.css')
  expect(css).toMatch(/\.home-section \{[^}]*background-color: #ffffff/)
  const dark = css.match(/@media \(prefers-color-scheme: dark\) \{[\s\S]*?\n\}/g) ?? []
  expect(dark.join('')).toMatch(/\.home-section[^{]*\{ background-color: #10201c \}/)
  expect(dark.join('')).not.toContain('padding')
})

test('a state of a page is a page of its own below it, without what it leaves out', async () => {
  const files = await filesOf({ responsive: false })
  expect(textOf(files, 'index.html')).not.toContain('None today')
  expect(textOf(files, 'state-no-sailings/index.html')).toContain('None today')
  expect(textOf(files, 'state-no-sailings/index.html')).toContain('<title>Home: No sailings</title>')
  expect([...files.keys()].filter((path) => /-\d+\.(?:avif|webp|jpg)$/.test(path))).toEqual([])
})

test('where pictures are from comes along, and nothing a spreadsheet would take for a formula', async () => {
  const files = await filesOf({ responsive: false })
  expect(textOf(files, 'credits.csv')).toBe(
    `file,comes from,licence\r\npictures/${asset}.jpg,"'=Anna, at the slip","this site, until 2030"\r\n`,
  )
})
