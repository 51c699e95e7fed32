import { inferGrids } from '@nolvex/core/grid/inferGrid'
import { generatedPage, isFound } from '../bench/generatedGrid'

test('of 40 generated pages with noise and strays nearly all give their grid back; the benchmark asks 400', () => {
  let found = 0
  for (let seed = 0; seed < 40; seed++) {
    const page = generatedPage(20_000 + seed)
    if (isFound(page, inferGrids(page.blocks, page.grid.width)[0])) found++
  }
  expect(found).toBeGreaterThanOrEqual(35)
})
