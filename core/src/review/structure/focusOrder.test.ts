import { shippedFontLibrary } from '@nolvex/server/fonts/shippedFonts'
import type { Sketch } from '../../testing/draft'
import { reviewed, reviewedProject } from '../../testing/reviewed'
import { page, pressed } from '../../testing/ruleCases/drawnPages'

const library = shippedFontLibrary()
const found = (sketches: Sketch[]) =>
  reviewed(reviewedProject(sketches), library)
    .filter(({ rule }) => rule === 'focusOrder')
    .map(({ says }) => says)

const head = (from?: 'scrolled'): Sketch => ({
  ...{ kind: 'section', name: 'head', holds: [pressed('menu', 0)] },
  place: { sticky: { edge: 'top', ...(from ? { from } : {}) } },
})

test('what stays at the top is reached first, unless it only comes once one has scrolled', () => {
  const [main] = page(pressed('one', 0), pressed('two', 0))
  expect(found([main, head()])).toEqual(['head stays at the top and is reached after 2 others on “Fares”.'])
  expect(found([head(), main])).toEqual([])
  expect(found([main, head('scrolled')])).toEqual([])
})

test('columns one beside the other are gone through one by one, not line by line', () => {
  const column = (name: string): Sketch => ({
    ...{ kind: 'box', name, arrange: { type: 'column' } },
    holds: [pressed(`${name}one`, 0), pressed(`${name}two`, 0)],
  })
  const row: Sketch = {
    ...{ kind: 'box', name: 'row', arrange: { type: 'row' } },
    holds: [column('left'), column('right')],
  }
  expect(found(page(row))).toEqual([])
})
