import type { BandGrid } from '../../grid/bandGrid'
import type { Operation } from '../../document/types'
import { titleOf } from '../drawing/drawingFacts'
import type { DrawingRule } from '../drawing/drawingRule'

/** Pages with other columns than the site has. */
export const ownGrid: DrawingRule = {
  id: 'ownGrid',
  label: 'A page that departs from the grid',
  why: 'From page to page everything jumps where the columns are others: it should be worth it.',
  severity: 'slight',
  from: 'plain',
  find: (facts) =>
    facts.bands.flatMap(({ band }) => {
      const { page } = facts
      const own = page.grids?.[band.id]
      const said = own ? differences(own, band.grid) : []
      if (said.length === 0) return []
      const operations: Operation[] = [
        { type: 'set', collection: 'pages', id: page.id, path: ['grids', band.id] },
      ]
      return [
        {
          place: { collection: 'pages' as const, id: page.id },
          bands: [band.id],
          says: `${titleOf(facts)} has a grid of its own at ${band.name}: ${said.join(', ')}.`,
          fix: {
            label: `Give it the grid of ${band.name}`,
            parts: [{ document: 'site', kind: 'site', operations }],
          },
        },
      ]
    }),
}

/** What a page's grid has otherwise than its band's. */
function differences(own: BandGrid, usual: BandGrid): string[] {
  const of = (name: 'columns' | 'gutter' | 'margin', words: string) =>
    own[name] !== usual[name] && own[name] !== undefined
      ? [`${own[name]}${words} in place of ${usual[name] ?? 'none'}`]
      : []
  return [...of('columns', ' columns'), ...of('gutter', ' px gutters'), ...of('margin', ' px margins')]
}
