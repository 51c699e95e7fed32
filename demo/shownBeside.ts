import type { Block } from '@nolvex/core/block/block'
import { plainLevel } from '@nolvex/core/block/textStyle'
import type { Board } from '@nolvex/core/site/board'
import type { OverlayRecord } from '@nolvex/core/site/overlay'
import { USUAL_STATE, type PageState } from '@nolvex/core/site/pageState'
import { usualBands } from '@nolvex/core/site/usualSite'
import { px } from '@nolvex/core/units/length'
import { pageId } from './skerrinPages'

const { wide, medium, narrow } = usualBands
const [HOME, TIMETABLE, ISLES] = [pageId('home'), pageId('timetable'), pageId('isles')]

/** A day on which no boat sails. */
export const stormDay: PageState = {
  ...{ id: 'statestormday000', page: TIMETABLE, order: 'a0', name: 'No boats today' },
}

/** The timetable's blocks with those of a day without boats: the table gives way to a word from the skipper. */
export function withStormDay(blocks: Record<string, Block>): Record<string, Block> {
  const table = Object.values(blocks).find(({ kind }) => kind === 'table')
  if (!table) throw new Error('The timetable has no table.')
  const note: Block = {
    ...{
      id: 'stormnote0000000',
      kind: 'box',
      name: 'No boats',
      parent: table.parent,
      order: `${table.order}5`,
    },
    shownWhen: [stormDay.id],
    arrange: { gap: px(8), padding: { top: px(24), right: px(24), bottom: px(24), left: px(24) } },
    place: { column: { span: 'all' } },
    look: { fill: { role: 'tint', hex: '#eef1ef' } },
  }
  const said = (id: string, order: string, insert: string, more: Partial<Block>): Block => ({
    ...{ id, kind: 'text', parent: note.id, order, text: [{ insert }] },
    ...more,
  })
  const all = [
    { ...table, shownWhen: [USUAL_STATE] },
    note,
    said('stormheading0000', 'a0', 'No boats today', { tag: 'h3', name: 'No boats heading' }),
    said(
      'stormtext0000000',
      'a1',
      'The wind is too much for the slip. We look again at noon, and write to all with a ticket.',
      { name: 'No boats text' },
    ),
  ]
  return { ...blocks, ...Object.fromEntries(all.map((block) => [block.id, block])) }
}

/** What the evening's second link shows over the first page. */
export const lastBoats: OverlayRecord = {
  ...{ id: 'overlastboats000', page: HOME, order: 'a0', name: 'The last boats' },
  width: 520,
  at: { [narrow]: { place: 'bottom' } },
}

export function lastBoatsBlocks(): Record<string, Block> {
  const around = px(32)
  const within = { parent: 'lastsection00000' }
  const blocks: Block[] = [
    {
      ...{ id: within.parent, kind: 'section', name: 'The last boats', order: 'a0' },
      arrange: { gap: px(16), padding: { top: around, right: around, bottom: around, left: around } },
    },
    {
      ...{
        id: 'lastheading00000',
        kind: 'text',
        name: 'Last boats heading',
        ...within,
        order: 'a0',
        tag: 'h2',
      },
      text: [{ insert: 'The last boats' }],
      look: { level: plainLevel('h3') },
    },
    {
      ...{ id: 'lasttable0000000', kind: 'table', name: 'Last boats', ...within, order: 'a1' },
      data: {
        cells: [
          ['From', 'Weekdays', 'Sundays'],
          ['Orrel', '17:50', '17:20'],
          ['Tansay', '18:20', '17:40'],
          ['Little Hask', '16:40', 'none'],
        ],
      },
    },
    {
      ...{ id: 'lastclose0000000', kind: 'button', name: 'Close', ...within, order: 'a2' },
      ...{ variant: 'secondary', text: [{ insert: 'Close' }], data: { to: { closes: true } } },
    },
  ]
  return Object.fromEntries(blocks.map((block) => [block.id, block]))
}

const item = (page: string, band: string, frame: 'browser' | 'tablet' | 'phone') => ({ page, band, frame })

/** What is hung up in the harbour office. */
export const board: Board = {
  ...{ id: 'boardharbour0000', order: 'a0', name: 'For the harbour office' },
  ground: '#dfe9ec',
  items: [
    item(HOME, wide, 'browser'),
    item(HOME, medium, 'tablet'),
    item(HOME, narrow, 'phone'),
    item(ISLES, wide, 'browser'),
    item(TIMETABLE, medium, 'tablet'),
    item(TIMETABLE, narrow, 'phone'),
  ],
}
