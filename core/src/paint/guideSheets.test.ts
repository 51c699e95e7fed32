import { quickStart, USUAL_START } from '../style/quickStart'
import { plainStyle } from '../style/plainStyle'
import type { StyleDocument } from '../style/style'
import { usualSite } from '../site/usualSite'
import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { leafMarks, type Picture } from '../vector/mark'
import { guideSheets } from './guideSheets'
import { PAPERS } from './paper'

const library = shippedFontLibrary()
const byId = <T extends { id: string }>(list: T[]) => Object.fromEntries(list.map((one) => [one.id, one]))
const { tokens, levels, parts } = quickStart({ ...USUAL_START, second: '#b9770e' })
const style: StyleDocument = {
  ...plainStyle,
  records: { ...plainStyle.records, tokens: byId(tokens), levels: byId(levels), parts: byId(parts) },
}
const options = { paper: 'A4' as const, title: 'Quay', date: '2026-01-02' }
const words = ({ marks }: Picture) =>
  leafMarks(marks).flatMap((mark) => (mark.type === 'words' ? [mark.text] : []))

test('every colour, level, gap and shadow stands on a sheet, with its figures', () => {
  const sheets = guideSheets({ style, site: usualSite }, library, options)
  const said = sheets.flatMap(words).join('\n')
  for (const { name, type } of tokens) if (type !== 'duration') expect(said).toContain(name)
  for (const { name } of levels) expect(said).toContain(name)
  expect(said).toContain('#b9770e')
  expect(said).toContain('Not approved yet')
})

test('on small paper colours go on over as many sheets as they need, and nothing of them is cut off', () => {
  const many = Array.from({ length: 90 }, (_, index) => ({
    ...{ id: `many${String(index).padStart(12, '0')}`, order: `a${String(index).padStart(3, '0')}` },
    ...{ name: `Colour ${index}`, type: 'colour' as const, value: '#1f5b4c' },
  }))
  const large = { ...style, records: { ...style.records, tokens: byId(many) } }
  const sheets = guideSheets({ style: large, site: usualSite }, library, options)
  const colours = sheets.filter(({ title }) => title.includes('colours'))
  expect(colours.length).toBeGreaterThan(1)
  for (const sheet of colours)
    for (const mark of leafMarks(sheet.marks))
      if (mark.type === 'words') {
        expect(mark.y).toBeLessThan(PAPERS.A4.height)
        expect(mark.x).toBeLessThan(PAPERS.A4.width)
      }
  expect(new Set(colours.flatMap(words).filter((word) => word.startsWith('Colour '))).size).toBe(90)
})

test('logos stand on the grounds they are made for, with the room they need; what is not there leaves its place', () => {
  const logo = (id: string, ground: 'light' | 'dark' | undefined) => ({
    ...{
      id,
      order: id,
      name: `Logo ${id}`,
      use: 'logo' as const,
      clear: 50,
      least: 90,
      ...(ground && { ground }),
    },
    file: { asset: `asset${id}`, width: 200, height: 100 },
  })
  const marks = byId([logo('both', undefined), logo('dark', 'dark'), logo('lost', 'light')])
  const branded = { ...style, records: { ...style.records, marks } }
  const fileAddress = (asset: string) => (asset === 'assetlost' ? undefined : `/${asset}`)
  const sheets = guideSheets({ style: branded, site: usualSite }, library, { ...options, fileAddress })
  const sheet = sheets.at(-1) as Picture
  expect(sheet.title).toContain('mark and mood')
  const images = leafMarks(sheet.marks).flatMap((mark) => (mark.type === 'image' ? [mark] : []))
  expect(images.map(({ href }) => href)).toEqual(['/assetboth', '/assetboth', '/assetdark'])
  for (const { width, height } of images) expect(width / height).toBeCloseTo(2, 9)
  const said = words(sheet).join()
  expect(said).toContain('Logo lost')
  expect(said).toContain('at least 90 px wide, 50 % of its height clear round it')
  expect(
    guideSheets({ style, site: usualSite }, library, options)
      .map(({ title }) => title)
      .join(),
  ).not.toContain('mark and mood')
})

test('who approved it is told, and that it changed since', () => {
  const approved = { by: ['Ada', 'Bo'], changedSince: true }
  const [sheet] = guideSheets({ style: plainStyle, site: usualSite }, library, { ...options, approved })
  expect(words(sheet).join()).toContain('Approved by Ada, Bo (unverified). It has changed since.')
})
