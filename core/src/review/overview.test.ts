import { drawingKind } from '../drawing/drawing'
import type { Documents } from '../document/types'
import { resolvePage, type PageSources } from '../resolve/resolvePage'
import { usualSite } from '../site/usualSite'
import { plainStyle } from '../style/plainStyle'
import { blocksOf } from '../testing/draft'
import { projectOverview } from './overview'

const HOME = 'home000000000000'
const page = (id: string, more: object = {}) => ({ id, order: `a${id}`, title: id, parent: HOME, ...more })
const drawingOf = (id: string) => ({
  kind: 'drawing',
  id,
  schema: drawingKind.schema,
  records: {
    blocks: Object.fromEntries(
      blocksOf([{ kind: 'section', name: 'top' }]).map((block) => [block.id, block]),
    ),
  },
})
function project(pages: object[], drawn: string[], profile?: string[]): Documents {
  const records = structuredClone(usualSite.records)
  records.pages = Object.fromEntries(pages.map((one) => [(one as { id: string }).id, one])) as never
  if (profile) records.settings.site.profile = profile
  const drawings = Object.fromEntries(drawn.map((id) => [id, drawingOf(id)]))
  return { site: { ...usualSite, records }, style: plainStyle, ...drawings } as unknown as Documents
}

test('an overview counts what is planned, drawn and checked off, and external pages as neither', () => {
  const pages = [
    { id: HOME, order: 'a0', title: 'Home' },
    page('fares00000000000', { checked: { mockup: true } }),
    page('help000000000000', { checked: { mockup: true, wireframe: true } }),
    page('elsewhere0000000', { kind: 'external' }),
  ]
  expect(projectOverview(project(pages, [HOME, 'fares00000000000'], ['map', 'wireframe']))).toMatchObject({
    profile: ['map', 'wireframe'],
    pages: 4,
    bands: 3,
    drawable: 3,
    done: { wireframe: 3, mockup: 2 },
  })
})

test('a home page is painted from what comes with it alone', () => {
  const pages = [{ id: HOME, order: 'a0', title: 'Home' }, page('fares00000000000')]
  const documents = project(pages, [HOME])
  const { home } = projectOverview(documents)
  if (!home) throw new Error('There is no home page.')
  const { sources, band, width } = home
  expect(Object.keys(sources.site.records.pages)).toEqual([HOME])
  expect(width).toBe(1440)
  const whole = {
    drawing: documents[HOME],
    site: documents.site,
    style: documents.style,
  } as unknown as PageSources
  expect(resolvePage(sources, band)).toEqual(resolvePage(whole, band))
})

test('a project without a page, or whose home is not drawn, has nothing to paint', () => {
  expect(projectOverview(project([], []))).toEqual({ pages: 0, bands: 3, drawable: 0, done: {} })
  expect(projectOverview(project([{ id: HOME, order: 'a0', title: 'Home' }], [])).home).toBeUndefined()
})
