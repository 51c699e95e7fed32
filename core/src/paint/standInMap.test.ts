import { leafMarks } from '../vector/mark'
import { standInMap } from './standInMap'

const frame = { x: 10, y: 20, width: 640, height: 360 }

test('a place is always drawn alike, another place otherwise, and none beyond its frame', () => {
  expect(standInMap('Orrel Harbour', frame)).toEqual(standInMap('Orrel Harbour', frame))
  expect(standInMap('Orrel Harbour', frame)).not.toEqual(standInMap('Hask Slip', frame))
  const [group] = standInMap('Orrel Harbour', frame)
  expect(group).toMatchObject({ type: 'group', clip: { type: 'rect', ...frame } })
  expect(leafMarks([group]).length).toBeGreaterThan(20)
  expect(JSON.stringify(standInMap('', { x: 0, y: 0, width: 1, height: 1 }))).not.toContain('null')
})
