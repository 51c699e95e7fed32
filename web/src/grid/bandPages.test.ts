import { ref } from 'vue'
import { px } from '@nolvex/core/units/length'
import { usualBands } from '@nolvex/core/site/usualSite'
import { useAudience } from '../audience/useAudience'
import { draftPage, idOf, type Draft } from '../testing/draftPage'
import { locks, until } from '../testing/pretendBrowser'
import { useBandPages } from './useBandPages'
import { useOverlays } from './useOverlays'

let draft: Draft
beforeEach(() => locks.releaseAll())
afterEach(() => draft.close())

test('a page is laid out at every band at once and follows each change there alone', async () => {
  draft = await draftPage([
    {
      kind: 'section',
      name: 'top',
      holds: [{ kind: 'text', name: 'words', text: [{ insert: 'A boat an hour, and two on Sundays\n' }] }],
    },
  ])
  const pages = draft.use(() => useBandPages(ref(draft.page.page.value)))
  await until(() => pages.value.length === 3, 'the pages')
  expect(pages.value.map(({ layout, band }) => [band.name, layout.width])).toEqual([
    ['Narrow', 390],
    ['Medium', 834],
    ['Wide', 1440],
  ])
  expect(pages.value.map(({ carried }) => carried.words)).toEqual([8, 8, 8])
  const before = pages.value.map(({ layout }) => layout.height)
  draft.page.width.value = 390
  draft.page.set('Change padding', ['arrange', 'padding', 'top'], px(30) as never, [idOf('words')])
  expect(pages.value.map(({ layout }, index) => layout.height - before[index])).toEqual([30, 0, 0])
  draft.page.set('Hide', ['hidden'], true, [idOf('words')])
  expect(pages.value[0].carried.words).toBe(0)
  expect(pages.value[2].carried.words).toBe(8)
})

test('an audience set anew replaces the one before, and its shares follow the bands', async () => {
  draft = await draftPage([])
  const audience = draft.use(() => useAudience())
  expect(audience.total.value).toBe(0)
  audience.set([[390, 800, 3]], 'counted on the quay')
  audience.set(
    [
      [390, 800, 60],
      [679, 800, 15],
      [680, 800, 25],
    ],
    'counted again',
  )
  expect(audience.total.value).toBe(100)
  expect(audience.perBand.value.get(usualBands.narrow)).toBeCloseTo(0.75)
  expect(audience.perBand.value.get(usualBands.medium)).toBeCloseTo(0.25)
  draft.project.setSite('Move', 'bands', usualBands.medium, ['from'], 679)
  expect(audience.perBand.value.get(usualBands.narrow)).toBeCloseTo(0.6)
  draft.project.undo()
  draft.project.undo()
  expect(audience.record.value?.source).toBe('counted on the quay')
  audience.clear()
  expect(audience.record.value).toBeUndefined()
})

test('how a line over the page is drawn belongs to the project; whether it is shown does not', async () => {
  draft = await draftPage([])
  const overlays = draft.use(() => useOverlays())
  const { columns } = overlays.looks.value
  overlays.setLook('columns', { ...columns, strength: 42 })
  expect(overlays.looks.value.columns).toEqual({ ...columns, strength: 42 })
  await draft.saved()
  expect(draft.server.log).toHaveLength(1)
  overlays.shown.value = { ...overlays.shown.value, columns: false }
  await draft.saved()
  expect(draft.server.log).toHaveLength(1)
  draft.project.undo()
  expect(overlays.looks.value.columns).toEqual(columns)
})
