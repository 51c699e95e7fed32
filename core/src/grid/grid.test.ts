import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import fc from 'fast-check'
import { COMMON_BANDS } from './commonBands'
import { bandAt, towardsLead } from './band'
import { gridAt, troubleOf } from './bandGrid'
import {
  givesWay,
  typeFigure,
  wholePixelBands,
  withColumns,
  withContentWidth,
  withMargins,
  writeFigure,
  type GridFigure,
} from './equation'
import {
  columnPositions,
  columnSpan,
  ImpossibleGrid,
  nearestWholePixelGrids,
  solveColumns,
  type ColumnGrid,
  type ColumnUnknown,
} from './columnGrid'
import { baselineLines, rowHeight, rowPositions } from './rowGrid'

const grid = (more: Partial<ColumnGrid>): ColumnGrid => ({
  width: 1440,
  columns: 12,
  columnWidth: 87.333333,
  gutter: 24,
  marginLeft: 64,
  marginRight: 64,
  gutters: 'between',
  ...more,
})

describe('the column grid', () => {
  test('1440 with 12 columns, margins of 64 and gutters of 24 has columns of 87.33 (worked example)', () => {
    expect(solveColumns(grid({}), 'columnWidth').columnWidth).toBeCloseTo(87.3333, 4)
  })

  test('960 = 12 x (60 + 20) with gutters shared to both edges (common practice)', () => {
    const shared = grid({ gutters: 'shared', columnWidth: 60, gutter: 20, marginLeft: 0, marginRight: 0 })
    expect(solveColumns(shared, 'width').width).toBe(960)
    expect(columnSpan({ ...shared, width: 960 }, 1, 12)).toEqual({ left: 10, width: 940 })
  })

  test('8 columns with gutters of 20 in 1000 (by hand)', () => {
    const eight = grid({ width: 1000, columns: 8, gutter: 20, marginLeft: 50, marginRight: 50 })
    expect(solveColumns(eight, 'columnWidth').columnWidth).toBe(95)
  })

  test('rows of 1024/16/64/16 are 41 px (worked example)', () => {
    expect(rowHeight({ height: 1024, rows: 16, margin: 64, gutter: 16 })).toBe(41)
  })

  test('any figure is found again from the others', () => {
    const solvable = fc.record({
      columns: fc.integer({ min: 2, max: 24 }),
      columnWidth: fc.integer({ min: 20, max: 200 }),
      gutter: fc.integer({ min: 1, max: 60 }),
      margin: fc.integer({ min: 0, max: 200 }),
      gutters: fc.constantFrom('between' as const, 'shared' as const),
    })
    fc.assert(
      fc.property(solvable, ({ margin, ...figures }) => {
        const whole = solveColumns({ ...figures, width: 1, marginLeft: margin, marginRight: margin }, 'width')
        for (const unknown of ['columnWidth', 'gutter', 'margin', 'columns'] as ColumnUnknown[]) {
          const wrong = {
            ...whole,
            ...(unknown === 'margin' ? { marginLeft: 1, marginRight: 1 } : { [unknown]: 1 }),
          }
          const found = solveColumns(wrong, unknown)
          expect(found.columns).toBe(whole.columns)
          expect(found.gutter).toBeCloseTo(whole.gutter, 6)
          expect(found.columnWidth).toBeCloseTo(whole.columnWidth, 6)
          expect(found.marginLeft).toBeCloseTo(margin, 6)
        }
      }),
      { numRuns: 100, seed: 4 },
    )
  })

  test('whole-pixel grids near a broken one: margins of 60 give 88, gutters of 20 give 91', () => {
    const found = nearestWholePixelGrids(solveColumns(grid({}), 'columnWidth'))
    const figures = found.map(({ grid: one }) => [one.marginLeft, one.gutter, one.columnWidth])
    expect(figures).toContainEqual([60, 24, 88])
    expect(figures).toContainEqual([64, 20, 91])
    for (const { grid: one } of found) {
      expect(Number.isInteger(one.columnWidth)).toBe(true)
      expect(one.marginLeft * 2 + one.columns * one.columnWidth + (one.columns - 1) * one.gutter).toBe(1440)
    }
  })

  test('a grid that cannot be names the figure to change', () => {
    const impossible = () => solveColumns(grid({ width: 100 }), 'columnWidth')
    expect(impossible).toThrow(ImpossibleGrid)
    expect(() => solveColumns(grid({ gutter: -1 }), 'columnWidth')).toThrow('A gutter cannot be negative.')
    expect(() => solveColumns(grid({ columns: 2.5 }), 'width')).toThrow('whole number')
  })
})

describe('the bootstrap package', () => {
  const css = readFileSync(
    createRequire(import.meta.url).resolve('bootstrap/dist/css/bootstrap-grid.css'),
    'utf8',
  )
  const maxima = [
    ...css.matchAll(/@media \(min-width: (\d+)px\) \{\s*\.container[^{]*\{\s*max-width: (\d+)px/g),
  ]
  const gutter = (Number(/--bs-gutter-x: ([\d.]+)rem/.exec(css)?.[1]) || 0) * 16

  test('has containers of 540, 720, 960, 1140 and 1320 with gutters of 24', () => {
    expect(maxima.map(([, , width]) => Number(width))).toEqual([540, 720, 960, 1140, 1320])
    expect(gutter).toBe(24)
  })

  test.each(maxima.map(([, from, width]) => [Number(from), Number(width)]))(
    'at %d px our columns stand where its own do',
    (from, container) => {
      // Its columns are shares of the container with half a gutter of padding at each side.
      const ours = gridAt(
        { columns: 12, gutter, margin: 0, contentWidth: container, gutters: 'shared' },
        from,
      )
      const share = container / 12
      columnPositions(ours).forEach(({ left, width }, index) => {
        expect(left).toBeCloseTo((from - container) / 2 + index * share + gutter / 2, 6)
        expect(width).toBeCloseTo(share - gutter, 6)
      })
    },
  )
})

describe('bands', () => {
  const bands = [
    { id: 'narrow', from: 0 },
    { id: 'medium', from: 680 },
    { id: 'wide', from: 1120 },
  ]

  test('a band begins at its breakpoint', () => {
    expect([320, 679, 680, 1119, 1120, 1920].map((width) => bandAt(bands, width).id)).toEqual([
      'narrow',
      'narrow',
      'medium',
      'medium',
      'wide',
      'wide',
    ])
  })

  test('values are looked for from the band towards the lead', () => {
    const ids = (band: string, lead: string) => towardsLead(bands, band, lead).map(({ id }) => id)
    expect(ids('narrow', 'wide')).toEqual(['narrow', 'medium', 'wide'])
    expect(ids('wide', 'narrow')).toEqual(['wide', 'medium', 'narrow'])
    expect(ids('medium', 'medium')).toEqual(['medium'])
  })

  test('a content width leaves the rest to the margins: 960 centred in 1024 leaves 32 (common practice)', () => {
    expect(gridAt({ columns: 12, gutter: 20, margin: 16, contentWidth: 960 }, 1024).marginLeft).toBe(32)
    expect(gridAt({ columns: 12, gutter: 20, margin: 16, contentWidth: 1600 }, 1920).marginLeft).toBe(160)
    expect(gridAt({ columns: 12, gutter: 20, margin: 16, contentWidth: 1280 }, 1920).marginLeft).toBe(320)
  })
})

describe('typing over a band’s equation', () => {
  const band = { columns: 12, gutter: 24, margin: 64 }
  const held = (...figures: GridFigure[]) => new Set(figures)
  test('the column width gives way: 1440 = 2 x 64 + 12 x 87.33 + 11 x 24 (worked example)', () => {
    expect(gridAt(typeFigure(band, 1440, 'gutter', 20), 1440).columnWidth).toBeCloseTo(91, 9)
    expect(typeFigure(band, 1440, 'margin', 60)).toEqual({ ...band, margin: 60 })
    expect(typeFigure(band, 1440, 'columns', 6)).toEqual({ ...band, columns: 6 })
  })
  test('what is held does not give way', () => {
    expect(typeFigure(band, 1440, 'columnWidth', 88)).toEqual({ ...band, margin: 60 })
    expect(typeFigure(band, 1440, 'columnWidth', 91, held('margin'))).toEqual({ ...band, gutter: 20 })
    expect(typeFigure(band, 1440, 'gutter', 20, held('columnWidth')).margin).toBeCloseTo(86, 1)
    expect(givesWay(held())).toBe('columnWidth')
    expect(givesWay(held('columnWidth', 'margin'))).toBe('gutter')
    expect(givesWay(held('columnWidth', 'margin', 'gutter'), 'columns')).toBeUndefined()
  })
  test('the number of columns gives way only where a whole number of them fits', () => {
    const hold = held('columnWidth', 'margin', 'columns')
    const whole = { columns: 12, gutter: 20, margin: 10 }
    expect(typeFigure(whole, 960, 'gutter', 28, held('columnWidth', 'margin'))).toMatchObject({ columns: 11 })
    expect(() => typeFigure(whole, 960, 'gutter', 21, held('columnWidth', 'margin'))).toThrow(/left over/)
    expect(() => typeFigure(whole, 960, 'gutter', 21, hold)).toThrow(/let one go/)
  })
  test('with a content width the page’s sides move it instead', () => {
    const inside = { ...band, contentWidth: 1312 }
    expect(typeFigure(inside, 1600, 'columnWidth', 80)).toEqual({ ...inside, contentWidth: 1224 })
    expect(withContentWidth(inside, 1440, undefined)).toEqual(band)
    expect(withContentWidth(band, 1920, 1600)).toEqual({ ...band, contentWidth: 1600 })
    expect(() => withContentWidth(band, 1920, 0)).toThrow(ImpossibleGrid)
  })
  test('unequal margins are typed apart and give way alike', () => {
    const own = { ...band, marginRight: 200 }
    expect(gridAt(own, 1440)).toMatchObject({ marginLeft: 64, marginRight: 200 })
    expect(typeFigure(own, 1440, 'marginRight', 100)).toEqual({ ...own, marginRight: 100 })
    expect(typeFigure(own, 1440, 'margin', 100)).toEqual({ ...own, margin: 100 })
    const moved = typeFigure(own, 1440, 'columnWidth', 75)
    expect(moved).toEqual({ ...own, margin: 70, marginRight: 206 })
    expect(() => typeFigure(own, 1440, 'columnWidth', 90)).toThrow(/negative/)
    expect(withMargins(own, 'alike')).toEqual(band)
    expect(withMargins(band, 'own')).toEqual({ ...band, marginRight: 64 })
  })
  test('fixed columns stay as wide as they are and the page’s sides take the rest', () => {
    const fixed = withColumns({ columns: 12, gutter: 20, margin: 10 }, 980, 'fixed')
    expect(fixed).toEqual({ columns: 12, gutter: 20, margin: 10, columnWidth: 61.6667 })
    const typed = typeFigure(fixed, 980, 'columnWidth', 60)
    expect(gridAt(typed, 1440)).toMatchObject({ columnWidth: 60, marginLeft: 250, marginRight: 250 })
    expect(gridAt(typed, 800)).toMatchObject({ columnWidth: 60, width: 960 })
    expect(withColumns(typed, 1440, 'fluid')).toEqual({
      columns: 12,
      gutter: 20,
      margin: 10,
      contentWidth: 940,
    })
  })
  test('what cannot be names the figure to change', () => {
    const figureOf = (work: () => unknown) => {
      try {
        work()
      } catch (error) {
        return error instanceof ImpossibleGrid ? error.figure : error
      }
    }
    expect(figureOf(() => typeFigure(band, 1440, 'columnWidth', 200))).toBe('columnWidth')
    expect(figureOf(() => typeFigure(band, 1440, 'margin', 900))).toBe('gutter')
    expect(figureOf(() => typeFigure(band, 1440, 'columns', 1.5))).toBe('columns')
    expect(figureOf(() => typeFigure(band, 1440, 'columns', -2))).toBe('columns')
    expect(figureOf(() => typeFigure(band, 1440, 'gutter', -1))).toBe('gutter')
    expect(figureOf(() => typeFigure(band, 1440, 'gutter', NaN))).toBe('gutter')
    expect(troubleOf({ ...band, margin: 900 }, 1440)).toMatch(/no room/)
    expect(troubleOf(band, 1440)).toBeUndefined()
    expect(() => withContentWidth(band, 1440, 9000)).toThrow(
      'The content width is a length from 1 to 4000 px.',
    )
    expect(figureOf(() => writeFigure(band, 'columns', -3))).toBe('columns')
    expect(() => writeFigure(band, 'gutter', NaN)).toThrow('The gutter is a length from 0 to 4000 px.')
    expect(writeFigure({ ...band, margin: 900 }, 'margin', 64)).toEqual(band)
  })
  test('the nearest whole-pixel grids come as bands: 12 columns of 88 with margins of 60 (worked example)', () => {
    expect(wholePixelBands(band, 1440)).toEqual([
      { changed: 'margin', band: { ...band, margin: 66 }, columnWidth: 87 },
      { changed: 'margin', band: { ...band, margin: 60 }, columnWidth: 88 },
      { changed: 'gutter', band: { ...band, gutter: 20 }, columnWidth: 91 },
      { changed: 'gutter', band: { ...band, gutter: 32 }, columnWidth: 80 },
    ])
  })
})

describe('rows and baseline', () => {
  test('16 rows with gutters of 16 and margins of 64 in 1024 are 41 high (worked example)', () => {
    const rows = { height: 1024, rows: 16, gutter: 16, margin: 64 }
    expect(rowHeight(rows)).toBe(41)
    expect(rowPositions(rows).slice(0, 2)).toEqual([
      { top: 64, height: 41 },
      { top: 121, height: 41 },
    ])
    expect(rowPositions(rows)[15].top + 41).toBe(1024 - 64)
    expect(() => rowHeight({ ...rows, margin: 600 })).toThrow(ImpossibleGrid)
  })
  test('a baseline begins at its offset and ends on the page', () => {
    expect(baselineLines({ step: 8, offset: 4 }, 30)).toEqual([4, 12, 20, 28])
    expect(baselineLines({ step: 8, offset: 40 }, 30)).toEqual([])
  })
})

describe('the common sets of breakpoints are those of their packages', () => {
  const require = createRequire(import.meta.url)
  const read = (file: string) => readFileSync(require.resolve(file), 'utf8')
  const fromsOf = (source: string) =>
    COMMON_BANDS.find((one) => one.source.includes(source))?.bands.map(({ from }) => from)
  test('bootstrap', () => {
    const css = read('bootstrap/dist/css/bootstrap-grid.css')
    const found = [...css.matchAll(/--bs-breakpoint-\w+: (\d+)/g)].map(([, px]) => Number(px))
    expect(fromsOf('bootstrap')).toEqual(found)
  })
  test('bulma', () => {
    const css = read('bulma/css/bulma.css')
    const found = new Set([...css.matchAll(/min-width: ?(\d{3,})px/g)].map(([, px]) => Number(px)))
    found.delete(300)
    expect(fromsOf('bulma')).toEqual([0, ...[...found].sort((a, b) => a - b)])
  })
  test('foundation', () => {
    const scss = read('foundation-sites/scss/util/_breakpoint.scss')
    const list = /\$breakpoints: \(([^)]*)\)/.exec(scss)?.[1] ?? ''
    expect(fromsOf('foundation')).toEqual([...list.matchAll(/: (\d+)/g)].map(([, px]) => Number(px)))
  })
})
