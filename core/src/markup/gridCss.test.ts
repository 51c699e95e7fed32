import { equationWords } from '../grid/equationWords'
import { gridProperties } from '../grid/gridProperties'
import { usualBands, usualSite } from '../site/usualSite'
import { gridCss } from './gridCss'

const bands = Object.values(usualSite.records.bands)

test('a grid as custom properties', () => {
  const own = gridProperties({ columns: 12, gutter: 24, margin: 64, marginRight: 20, contentWidth: 1312 })
  expect(Object.fromEntries(own)).toMatchObject({
    '--grid-columns': '12',
    '--grid-track': 'minmax(0, 1fr)',
    '--grid-left': '64px',
    '--grid-right': '20px',
    '--grid-content': '1312px',
  })
  const fixed = gridProperties({ columns: 12, gutter: 20, margin: 10, columnWidth: 60, gutters: 'shared' })
  expect(fixed.get('--grid-track')).toBe('60px')
  expect(fixed.get('--grid-left')).toBe('20px')
  expect(fixed.get('--grid-content')).toBe('940px')
})

test('the lead stands without a query, others by what differs from the neighbour nearer to it', () => {
  const css = gridCss(bands, usualBands.medium)
  const queries = [...css.matchAll(/@media \([^)]*\)/g)].map(([query]) => query)
  expect(queries).toEqual(['@media (width < 680px)', '@media (width >= 1120px)'])
  expect(css.indexOf(':root')).toBeLessThan(css.indexOf('@media'))
  const wide = css.slice(css.indexOf('width >= 1120px'))
  expect(wide).toContain('--grid-columns: 12')
  expect(wide.slice(0, wide.indexOf('}'))).not.toContain('--grid-gutter')
})

test('a band’s name cannot leave its comment', () => {
  const css = gridCss([{ ...bands[0], name: '*/ body { display: none } /*' }], bands[0].id)
  expect(css).not.toContain('*/ body')
})

test('a grid in words is its equation', () => {
  expect(equationWords({ columns: 12, gutter: 24, margin: 64 }, 1440)).toBe(
    '1440 = 2 × 64 + 12 × 87.33 + 11 × 24',
  )
  expect(equationWords({ columns: 4, gutter: 0, margin: 10, marginRight: 30 }, 400)).toBe(
    '400 = 10 + 30 + 4 × 90',
  )
})
