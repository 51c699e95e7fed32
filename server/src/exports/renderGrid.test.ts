import { execFileSync } from 'node:child_process'
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { PAPERS } from '@nolvex/core/paint/paper'
import type { SiteDocument } from '@nolvex/core/site/site'
import { usualSite } from '@nolvex/core/site/usualSite'
import { renderGrid } from './renderGrid'

const id = (name: string) => name.padEnd(16, '0')
const site: SiteDocument = {
  ...usualSite,
  records: {
    ...usualSite.records,
    gridQuestions: {
      [id('q')]: { id: id('q'), order: 'a', text: 'May grids <nest>?', answer: 'Yes & no', by: 'Bo' },
    },
  },
}
const options = {
  format: 'grid' as const,
  paper: 'A4' as const,
  date: '2026-01-02',
  title: 'Ferry & Co',
  site,
}

test('the sheet is one page with every equation and the answers (read by poppler)', async () => {
  const agreed = { by: ['Ada'], at: '2026-01-01T10:00:00Z', changedSince: true }
  const bytes = await renderGrid({ ...options, file: 'pdf', agreed })
  const folder = mkdtempSync(join(tmpdir(), 'nolvex-'))
  try {
    const file = join(folder, 'grid.pdf')
    writeFileSync(file, bytes)
    expect(execFileSync('pdfinfo', [file], { encoding: 'utf8' })).toMatch(/Pages: +1\n/)
    const text = execFileSync('pdftotext', ['-layout', file, '-'], { encoding: 'utf8' })
    for (const wanted of [
      '1440 = 2 × 64 + 12 × 87.33 + 11 × 24',
      '390 = 2 × 16 + 4 × 77.5 + 3 × 16',
      'Agreed by Ada on 2026-01-01 (unverified). It has changed since.',
      'May grids <nest>?',
      'Yes & no (Bo)',
      '--grid-columns: 12',
    ])
      expect(text).toContain(wanted)
  } finally {
    rmSync(folder, { recursive: true })
  }
})

test('as SVG all text is escaped and nothing stands off the paper, with many bands and questions', async () => {
  const [band] = Object.values(usualSite.records.bands)
  const bands = Array.from({ length: 9 }, (_, index) => {
    return {
      ...band,
      id: id(`band${index}`),
      name: `Band ${index} & on`,
      from: index * 200,
      drawnAt: index * 200 + 320,
    }
  })
  const questions = Array.from({ length: 30 }, (_, index) => ({
    id: id(`q${index}`),
    order: `a${index}`,
    text: 'Why?',
  }))
  const full: SiteDocument = {
    ...site,
    records: {
      ...site.records,
      bands: Object.fromEntries(bands.map((one) => [one.id, one])),
      gridQuestions: Object.fromEntries(questions.map((one) => [one.id, one])),
    },
  }
  const svg = Buffer.from(await renderGrid({ ...options, file: 'svg', site: full })).toString()
  expect(svg).toContain('Band 8 &amp; on')
  expect(svg).toContain('Ferry &amp; Co')
  const ys = [...svg.matchAll(/<text x="[\d.]+" y="([\d.]+)"/g)].map(([, y]) => Number(y))
  expect(Math.max(...ys)).toBeLessThan(PAPERS.A4.height)
})
