import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import { parse } from 'parse5'
import { reviewHtml } from '../../formats/reviewHtml'
import { PAPERS } from '../../paint/paper'
import { idOf, type Sketch } from '../../testing/draft'
import { reviewed, reviewedProject, reviewFacts } from '../../testing/reviewed'
import { px } from '../../units/length'
import { leafMarks, type Words } from '../../vector/mark'
import { sortFindings } from '../leftFindings'
import { findingPlace, placePicture } from './findingPicture'
import { reportSheets } from './reportSheets'
import { countWords, reviewReport, type ReviewReport, type ShownPlace } from './reviewReport'

const library = shippedFontLibrary()
const PAGE: Sketch[] = [
  {
    ...{ kind: 'section', name: 'hero' },
    arrange: { type: 'column', gap: px(24), padding: { top: px(600), bottom: px(64) } },
    holds: [
      { kind: 'text', name: 'headline', tag: 'h1', text: [{ insert: 'Small boats\n' }] },
      {
        ...{ kind: 'text', name: 'pale', text: [{ insert: 'Three isles\n' }] },
        look: { colour: { hex: '#cccccc' } },
      },
    ],
  },
]
const project = reviewedProject(PAGE)
const facts = reviewFacts(project, library)
const findings = reviewed(project, library)
const { site } = project as unknown as { site: Parameters<typeof sortFindings>[1] }
const said = { title: 'Larder <b>', date: '2026-05-31', pages: 1 }
const PLACE: ShownPlace = { address: 'data:image/png;base64,AAAA', width: 600, height: 200 }
const report = (more: Partial<ReviewReport> = {}) => ({
  ...reviewReport(sortFindings(findings, site), site, said, () => PLACE),
  ...more,
})
const wordsOf = (sheets: ReturnType<typeof reportSheets>) =>
  sheets.flatMap(({ marks }) => [...leafMarks(marks)].filter((mark): mark is Words => mark.type === 'words'))

test('findings are told page by page, the gravest first, with why and what mends them', () => {
  const { groups, count } = report()
  expect(groups.map(({ title }) => title)).toEqual(['Fares'])
  const [first] = groups[0].entries
  expect(first).toMatchObject({
    severity: 'serious',
    rule: 'Words hard to read on their ground',
    says: expect.stringContaining('pale stands out from its ground') as string,
    fix: expect.stringMatching(/^Set it in /) as string,
  })
  expect(Object.values(count).reduce((sum, one) => sum + one, 0)).toBe(findings.length)
  expect(countWords({ count: { serious: 1, fair: 0, slight: 2 }, pages: 1 })).toBe(
    '1 page was looked at, at every width: 1 serious, 2 slight.',
  )
})

test('the place of a finding is shown with its measures, and no more of the page', () => {
  const finding = findings.find(({ rule }) => rule === 'textContrast')
  const { layout, seen } = facts.seen().find(({ band }) => band.id === finding?.place.band) ?? facts.seen()[0]
  const pale = seen.find(({ node }) => node.name === 'pale')
  if (!finding || !pale) throw new Error('nothing to paint')
  const place = findingPlace(finding, layout)
  if (!place) throw new Error('it is nowhere')
  // What is marked stands inside of the part that is shown, and that inside of the page.
  const { x, y, width, height } = place.seen
  expect(height).toBeLessThan(300)
  expect([x <= pale.x, y <= pale.y, x + width >= pale.x + 50, y + height >= pale.y + pale.h]).toEqual(
    Array(4).fill(true),
  )
  expect([x >= 0, y >= 0, x + width <= layout.width, y + height <= layout.height]).toEqual(
    Array(4).fill(true),
  )
  const picture = placePicture(place, 'data:image/png;base64,AAAA', library, 'pale')
  expect(picture.marks[0]).toMatchObject({ type: 'image', x: 0, y: 0, width, height })
  const outlines = [...leafMarks(picture.marks)].filter(({ type }) => type === 'shape')
  expect(outlines.length).toBeGreaterThan(0)
  expect(
    findingPlace({ ...finding, marks: [], place: { collection: 'pages', id: idOf('page') } }, layout),
  ).toBeUndefined()
})

test('as a page it needs nothing else, and what was written in the project cannot get out of its text', () => {
  const left = [{ says: 'x', reason: '</li><script>alert(1)</script>' }]
  const html = reviewHtml(report({ left }))
  expect(html).toContain('Larder &lt;b&gt;')
  expect(html).not.toContain('<script')
  const text = JSON.stringify(parse(html), (key, value: unknown) =>
    key === 'parentNode' ? undefined : value,
  )
  expect(text).toContain('</li><script>alert(1)</script>')
  expect(html.match(/<img /g)).toHaveLength(findings.length)
})

test('on paper each finding stands whole on its sheet, however many there are', () => {
  const [group] = report().groups
  const many = Array.from({ length: 40 }, (_, at) => ({
    ...group.entries[0],
    says: `Finding ${at} ${'is long '.repeat(at)}`,
  }))
  const sheets = reportSheets(report({ groups: [{ title: 'Fares', entries: many }] }), library, 'A4')
  expect(sheets.length).toBeGreaterThan(8)
  for (const [at] of many.entries())
    expect(wordsOf(sheets).some(({ text }) => `${text} `.startsWith(`Finding ${at} `))).toBe(true)
  const foot = PAPERS.A4.height
  for (const { marks } of sheets)
    for (const mark of leafMarks(marks)) {
      if (mark.type === 'words') expect(mark.y).toBeLessThanOrEqual(foot)
      if (mark.type === 'image') expect(mark.y + mark.height).toBeLessThanOrEqual(foot - 36)
    }
})

test('a project with nothing wrong has a report that says so', () => {
  const empty = reviewReport({ open: [], left: [], past: [] }, site, said, () => undefined)
  expect(wordsOf(reportSheets(empty, library, 'A4')).map(({ text }) => text)).toContain(
    '1 page was looked at, at every width: nothing was found wrong.',
  )
})
