import sharp from 'sharp'
import type { Documents } from '@nolvex/core/document/types'
import { boardPicture } from '@nolvex/core/paint/boardPicture'
import type { Board } from '@nolvex/core/site/board'
import { usualBands, usualSite } from '@nolvex/core/site/usualSite'
import { plainStyle } from '@nolvex/core/style/plainStyle'
import { px } from '@nolvex/core/units/length'
import { leafMarks } from '@nolvex/core/vector/mark'
import { fontLibraryInUse } from '../fonts/fontsInUse'
import { renderBoard } from './renderBoard'

const id = (name: string) => name.padEnd(16, '0')
const [page, boardId] = [id('home'), id('board')]
const section = {
  ...{ id: id('hero'), kind: 'section', order: 'a0' },
  ...{ place: { height: px(3000) }, look: { fill: { hex: '#1f5b4c' } } },
}
const item = (frame: 'browser' | 'tablet' | 'phone' | 'none', band: string, more = {}) => ({
  ...{ page, band, frame },
  ...more,
})
const documentsWith = (board: Partial<Board>): Documents =>
  ({
    site: {
      ...usualSite,
      records: {
        ...usualSite.records,
        pages: { [page]: { id: page, order: 'a0', title: 'Home' } },
        boards: { [boardId]: { id: boardId, order: 'a0', name: 'For the harbour', ...board } },
      },
    },
    style: plainStyle,
    [page]: { kind: 'drawing', id: page, schema: 3, records: { blocks: { [section.id]: section } } },
  }) as unknown as Documents
const painted = (board: Partial<Board>) => {
  const documents = documentsWith(board)
  const { boards } = (documents.site as unknown as typeof usualSite).records
  return boardPicture(boards[boardId], documents, fontLibraryInUse(), () => undefined)
}

test('pages stand side by side on one line, as much of each seen as its frame shows', () => {
  const items = [item('browser', usualBands.wide), item('phone', usualBands.narrow)]
  const { width, height, marks } = painted({ items, gap: 60, captions: false })
  // A window of 1440 x 900 with its edge of 1 and its bar of 44; a telephone of 390 x 844 with an edge of 14.
  expect(width).toBe(60 + 1442 + 60 + 418 + 60)
  expect(height).toBe(60 + (900 + 44 + 2) + 60)
  const feet = [900 + 44 + 2, 844 + 28]
  expect(marks.map((mark) => mark.type === 'group' && mark.transform?.[5])).toEqual([
    60,
    60 + feet[0] - feet[1],
  ])
})

test('the whole of a page without a frame, or the stretch of it that is asked for', () => {
  expect(painted({ items: [item('none', usualBands.narrow)], gap: 0, captions: false }).height).toBe(3000)
  const part = item('none', usualBands.narrow, { from: 500, height: 700 })
  expect(painted({ items: [part], gap: 0, captions: false }).height).toBe(700)
})

test('names stand above pages where they are wanted; pages and bands that are gone are left out', () => {
  const gone = [{ ...item('none', usualBands.wide), page: id('gone') }, item('none', id('bandgone'))]
  const words = (board: Partial<Board>) =>
    leafMarks(painted(board).marks).flatMap((mark) => (mark.type === 'words' ? [mark.text] : []))
  expect(words({ items: [item('none', usualBands.wide), ...gone] })).toEqual(['Home, wide'])
  expect(words({ items: [item('none', usualBands.wide)], captions: false })).toEqual([])
})

test('rows are begun where a board would get too wide', () => {
  const items = Array.from({ length: 4 }, () => item('browser', usualBands.wide))
  const { width, height } = painted({ items, gap: 40, captions: false })
  expect(width).toBeLessThan(4400)
  expect(height).toBe(40 + 2 * (946 + 40))
})

test('a board is taken away as PNG in pixels for each px, as SVG and as PDF', async () => {
  const documents = documentsWith({ items: [item('tablet', usualBands.medium)] })
  const render = (file: 'png' | 'svg' | 'pdf', scale: 0.5 | 1 | 2 = 1) =>
    renderBoard({ format: 'board', board: boardId, file, scale, documents, pictures: {} })
  const [one, two] = [await render('png'), await render('png', 2)]
  const [small, large] = [await sharp(one).metadata(), await sharp(two).metadata()]
  expect(large.width).toBe(2 * small.width)
  expect(large.height).toBe(2 * small.height)
  expect(Buffer.from(await render('svg')).toString()).toMatch(/^<\?xml|^<svg/)
  expect(Buffer.from(await render('pdf')).toString('latin1', 0, 5)).toBe('%PDF-')
})

test('a board that is gone is named as gone', async () => {
  const input = { format: 'board' as const, board: id('none'), file: 'png' as const, scale: 1 as const }
  await expect(renderBoard({ ...input, documents: documentsWith({}), pictures: {} })).rejects.toThrow(
    'no longer exists',
  )
})
