import { contrastRatio, lightness } from '../colour/contrast'
import { leafMarks } from '../vector/mark'
import { plainFinish } from './plainFinish'

const { colour, picture } = plainFinish

test('grounds keep the order of their lightness and lose their colour', () => {
  const grounds = ['#17211e', '#1f5b4c', '#b9770e', '#c3d6d0', '#ffffff']
  const greys = grounds.map((ground) => colour(ground, 'ground', '#ffffff'))
  const light = greys.map(lightness)
  expect([...light].sort((a, b) => a - b)).toEqual(light)
  expect(greys[0]).toBe('#39433f')
  expect(greys[4]).toBe('#ffffff')
})

// WCAG 2.2, 1.4.3: text of usual size has a contrast of at least 4.5 to 1.
test('words can be read on every ground it paints', () => {
  for (let grey = 0; grey < 256; grey += 3) {
    const hex = `#${grey.toString(16).padStart(2, '0').repeat(3)}`
    const ground = colour(hex, 'ground', '#ffffff')
    for (const own of ['#000000', '#ffffff', '#888888'])
      expect(contrastRatio(colour(own, 'words', ground), ground)).toBeGreaterThanOrEqual(4.5)
  }
})

test('a picture is crossed, whether it is chosen or not', () => {
  const frame = { x: 10, y: 5, width: 100, height: 50 }
  const empty = leafMarks(picture(frame, frame, undefined))
  expect(empty.filter(({ type }) => type === 'image')).toEqual([])
  const placed = { x: 35, y: 5, width: 50, height: 50 }
  const chosen = leafMarks(picture(frame, placed, 'data:,'))
  expect(chosen.find(({ type }) => type === 'image')).toEqual({
    type: 'image',
    ...placed,
    href: 'data:,',
    fit: 'stretch',
  })
  for (const marks of [empty, chosen])
    expect(marks).toContainEqual(
      expect.objectContaining({ outline: { type: 'path', d: 'M10 5L110 55M110 5L10 55' } }),
    )
})
