import { leafMarks } from '../../vector/mark'
import { pictureSvg } from '../pictureSvg'
import { mixed, ridge } from './scene'
import { SCENES, scenePicture, type SceneName } from './scenes'
import { seededNumbers } from '../handStrokes'

const colours = { main: '#14506b', second: '#b4472a', ground: '#f4f9fd', ink: '#17211e' }
const size = { width: 900, height: 600 }
const names = Object.keys(SCENES) as SceneName[]
const svgOf = (name: SceneName, seed: number, more = {}) =>
  pictureSvg(scenePicture(name, { seed, colours, ...size, ...more }))

test.each(names)('%s: a seed always gives the same picture, another gives another', (name) => {
  expect(svgOf(name, 3)).toBe(svgOf(name, 3))
  expect(svgOf(name, 3)).not.toBe(svgOf(name, 4))
})

test.each(names)('%s is drawn in sound figures at any ratio, in the colours it is given', (name) => {
  for (const [width, height] of [
    [1920, 480],
    [400, 1000],
  ])
    for (let seed = 1; seed <= 12; seed++) {
      const svg = svgOf(name, seed, { width, height })
      expect(svg).not.toMatch(/NaN|Infinity|undefined/)
      expect(svg.length).toBeLessThan(200_000)
    }
  const other = { main: '#7a1f5b', second: '#2a8c4a', ground: '#ffffff', ink: '#101010' }
  expect(svgOf(name, 3, { colours: other })).not.toBe(svgOf(name, 3))
  const { marks } = scenePicture(name, { seed: 3, colours, ...size })
  expect(leafMarks(marks).length).toBeGreaterThan(5)
})

test('colours are mixed from one end to the other, and stay within sRGB', () => {
  expect(mixed('#14506b', '#ffffff', 0)).toBe('#14506b')
  expect(mixed('#14506b', '#ffffff', 1)).toBe('#ffffff')
  expect(mixed('#000000', '#ffffff', 1.15)).toMatch(/^#[0-9a-f]{6}$/)
})

test('a ridge has twice as many steps at every halving, none far beyond its bounds', () => {
  const heights = ridge(seededNumbers(5), 6, 0.5)
  expect(heights).toHaveLength(2 ** 6 + 1)
  expect(Math.max(...heights.map(Math.abs))).toBeLessThan(1.5)
})
