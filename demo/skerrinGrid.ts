import type { SiteRecords } from '@nolvex/core/site/site'
import { usualBands, usualSite } from '@nolvex/core/site/usualSite'
import type { ViewportSize } from '@nolvex/core/viewport/audience'
import { USUAL_FRAMES } from '@nolvex/core/viewport/frame'
import { viewportCounts } from '@nolvex/server/analyticsService/viewportCounts'
import { newId } from './skerrinPlan'

const { narrow, medium, wide } = usualBands
const VISITS = 11_500

const weights = viewportCounts.reduce((sum, [, , weight]) => sum + weight, 0)
const sizes = viewportCounts.map(([width, height, weight]): ViewportSize => {
  return [width, height, Math.round((weight / weights) * VISITS)]
})

const byId = <T extends { id: string }>(records: T[]) =>
  Object.fromEntries(records.map((record) => [record.id, record]))

const bands: SiteRecords['bands'] = Object.fromEntries(
  Object.values(usualSite.records.bands).map((band) => [
    band.id,
    { ...band, grid: { ...band.grid, baseline: { step: 8, offset: 0 } } },
  ]),
)
bands[wide].grid.rows = { height: 900, rows: 12, gutter: 24, margin: 24 }

const frame = USUAL_FRAMES[0]

/** What the ferry line's grid stands on: its audience, screens, guides, and what was asked of the developer. */
export const gridPlan: Partial<SiteRecords> = {
  bands,
  audience: { audience: { id: 'audience', sizes, source: 'analytics service, 28 days' } },
  screens: byId([
    { id: newId(), order: 'a0', name: 'Ticket office', width: 1366, height: 768, ratio: 1 },
    { id: newId(), order: 'a1', name: 'Quay kiosk', width: 1080, height: 1920, ratio: 1 },
  ]),
  frames: byId([
    {
      id: newId(),
      order: 'a0',
      name: 'Kiosk browser',
      parts: [...frame.parts.filter(({ part }) => part !== 'bookmarks')],
    },
  ]),
  browserTabs: byId([
    { id: newId(), order: 'a0', icon: 'S', active: true },
    { id: newId(), order: 'a1', title: 'Weather for sailors', icon: '☁' },
  ]),
  guides: byId([
    { id: newId(), axis: 'x' as const, at: { percent: 50 }, band: wide },
    { id: newId(), axis: 'y' as const, at: { px: 600 }, page: 'pagehome00000000', band: wide },
    {
      id: newId(),
      axis: 'x' as const,
      at: { column: 3, edge: 'start' as const },
      band: narrow,
      locked: true,
    },
  ]),
  guideSets: byId([
    {
      id: newId(),
      name: 'Thirds',
      guides: [
        { axis: 'x' as const, at: { percent: 33.33 } },
        { axis: 'x' as const, at: { percent: 66.67 } },
      ],
    },
  ]),
  savedGrids: byId([
    { id: newId(), name: 'Eight even columns', grid: { columns: 8, gutter: 20, margin: 40 } },
  ]),
  gridQuestions: byId([
    {
      id: newId(),
      order: 'a0',
      text: 'Beyond 1440 px the content stays 1312 px wide. May the hero picture go on to the edges?',
      answer: 'Yes, as a ground of its section; its words stay on the columns.',
      by: 'Mara of the web team',
    },
    {
      id: newId(),
      order: 'a1',
      text: `Between ${bands[medium].from} and ${bands[wide].from} px: will the timetable scroll sideways or wrap?`,
    },
  ]),
}
