import { execFileSync } from 'node:child_process'
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { strFromU8, unzipSync } from 'fflate'
import sharp from 'sharp'
import { parse, type DefaultTreeAdapterMap } from 'parse5'
import { usualSite } from '@nolvex/core/site/usualSite'
import { plainStyle } from '@nolvex/core/style/plainStyle'
import { USUAL_START } from '@nolvex/core/style/quickStart'
import { takeStart } from '@nolvex/core/style/takeStart'
import type { StyleDocument } from '@nolvex/core/style/style'
import { renderGuide } from './renderGuide'

const started = takeStart(plainStyle, { ...USUAL_START, main: '#8a2d3b' }, [
  'colour',
  'type',
  'space',
  'parts',
])
const LOGO = 'assetlogo0000000'
const MOOD = 'assetmood0000000'
const style: StyleDocument = {
  ...started,
  records: {
    ...started.records,
    marks: {
      marklogo00000000: {
        ...{ id: 'marklogo00000000', order: 'a0', name: 'Logo <script>', use: 'logo' },
        ...{ file: { asset: LOGO, width: 20, height: 10 }, licence: 'ours & theirs', clear: 25 },
      },
    },
    moods: {
      moodsea000000000: {
        ...{ id: 'moodsea000000000', order: 'a0', note: 'Calm water', colours: ['#3e5c76'] },
        file: { asset: MOOD, width: 1600, height: 900 },
      },
    },
  },
}
const svg =
  '<svg xmlns="http://www.w3.org/2000/svg" width="20" height="10"><rect width="20" height="10" fill="#8a2d3b"/></svg>'
const LOGO_SVG = `data:image/svg+xml;base64,${Buffer.from(svg).toString('base64')}`
const photograph = await sharp({ create: { width: 1600, height: 900, channels: 3, background: '#3e5c76' } })
  .webp()
  .toBuffer()
const WEBP = `data:image/webp;base64,${photograph.toString('base64')}`
const input = {
  format: 'guide' as const,
  paper: 'A4' as const,
  date: '2026-01-02',
  title: 'Quay & Co',
  ...{ style, site: usualSite, pictures: { [LOGO]: LOGO_SVG, [MOOD]: WEBP } },
}

test('as PDF each part of the guide has its sheets, with what it is called and its values (read by poppler)', async () => {
  const bytes = await renderGuide({ ...input, file: 'pdf', approved: { by: ['Ada'], changedSince: false } })
  const folder = mkdtempSync(join(tmpdir(), 'nolvex-'))
  try {
    const file = join(folder, 'guide.pdf')
    writeFileSync(file, bytes)
    expect(execFileSync('pdfinfo', [file], { encoding: 'utf8' })).toMatch(/Pages: +5\n/)
    const images = execFileSync('pdfimages', ['-list', '-f', '5', file], { encoding: 'utf8' })
      .split('\n')
      .slice(2)
      .filter((line) => line.includes(' image '))
    // The logo on either ground, and a picture of the mood, no larger than it is printed.
    expect(images.length).toBeGreaterThanOrEqual(2)
    expect(images.every((line) => Number(line.trim().split(/\s+/)[3]) <= 720)).toBe(true)
    const text = execFileSync('pdftotext', ['-layout', file, '-'], { encoding: 'utf8' })
    for (const wanted of [
      'Quay & Co: colours',
      '#8a2d3b',
      'Heading 1',
      'space-2xl',
      'shadow-high',
      '25 % of its height clear round it',
      'Calm water',
      'Approved by Ada',
    ])
      expect(text).toContain(wanted)
  } finally {
    rmSync(folder, { recursive: true })
  }
})

type Node = DefaultTreeAdapterMap['node']
const elements = (node: Node): DefaultTreeAdapterMap['element'][] => [
  ...('tagName' in node ? [node] : []),
  ...('childNodes' in node ? node.childNodes.flatMap(elements) : []),
]

test('as HTML it is one page that loads nothing, holds its logos to keep and its tokens to copy', async () => {
  const files = unzipSync(await renderGuide({ ...input, file: 'html' }))
  expect(Object.keys(files)).toEqual(['style-guide.html'])
  const html = strFromU8(files['style-guide.html'])
  const all = elements(parse(html))
  expect(all.filter(({ tagName }) => tagName === 'svg').length).toBe(5)
  expect(all.some(({ tagName }) => tagName === 'script' || tagName === 'link')).toBe(false)
  const addresses = all.flatMap(({ attrs }) =>
    attrs.filter(({ name }) => name === 'src' || name === 'href').map(({ value }) => value),
  )
  for (const address of addresses) expect(address).toMatch(/^(?:data:|#)/)
  const [kept] = all.filter(({ tagName }) => tagName === 'a')
  expect(Object.fromEntries(kept.attrs.map(({ name, value }) => [name, value]))).toEqual({
    download: 'Logo -script-.svg',
    href: LOGO_SVG,
  })
  expect(html).toContain('--colour-main: #8a2d3b;')
  expect(html).toContain('ours &amp; theirs')
  const ids = all.flatMap(({ attrs }) => attrs.filter(({ name }) => name === 'id').map(({ value }) => value))
  expect(new Set(ids).size).toBe(ids.length)
})
