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

test('who approved it is told, and that it changed since', () => {
  const approved = { by: ['Ada', 'Bo'], changedSince: true }
  const [sheet] = guideSheets({ style: plainStyle, site: usualSite }, library, { ...options, approved })
  expect(words(sheet).join()).toContain('Approved by Ada, Bo (unverified). It has changed since.')
})
