import type { Group, Mark, Picture } from '../vector/mark'
import { pictureSvg } from './pictureSvg'
import { countedIds, svgNodes } from './svgNodes'

const frame = { x: 0, y: 0, width: 40, height: 20 }
const nodesOf = (mark: Mark) => svgNodes(mark, countedIds('m'))

test('a group is moved, cut, faded and filtered; what it refers to stands before it', () => {
  const group: Group = {
    type: 'group',
    transform: [1, 0, 0, 1, 5, 6],
    clip: { type: 'rect', ...frame, radius: [4, 4, 4, 4] },
    opacity: 0.5,
    filter: { steps: [{ type: 'blur', deviation: 2 }], region: frame },
    marks: [{ type: 'image', ...frame, href: 'data:,', fit: 'cover' }],
  }
  const [clip, filter, element] = nodesOf(group)
  expect([clip.tag, filter.tag, element.tag]).toEqual(['clipPath', 'filter', 'g'])
  expect(element.attributes).toEqual({
    transform: 'translate(5 6)',
    opacity: 0.5,
    'clip-path': `url(#${clip.attributes.id})`,
    filter: `url(#${filter.attributes.id})`,
  })
  expect(filter.nodes).toEqual([{ tag: 'feGaussianBlur', attributes: { stdDeviation: 2 } }])
  expect(element.nodes?.[0].attributes.preserveAspectRatio).toBe('xMidYMid slice')
})

test.each([
  [{ type: 'linear', from: { x: 0, y: 0 }, to: { x: 40, y: 0 }, stops: [] }, 'linearGradient'],
  [{ type: 'radial', centre: { x: 20, y: 10 }, radius: { x: 20, y: 10 }, stops: [] }, 'radialGradient'],
  [{ type: 'hatch', colour: '#000000', width: 1, step: 5 }, 'pattern'],
] as const)('what is in place of a colour has an id of its own: %o', (fill, tag) => {
  const [before, shape] = nodesOf({
    type: 'shape',
    outline: { type: 'rect', ...frame },
    fill,
  } as unknown as Mark)
  expect(before.tag).toBe(tag)
  expect(shape.attributes.fill).toBe(`url(#${before.attributes.id})`)
})

test('ids are counted through a whole picture, and text in it is text', () => {
  const hatched: Mark = {
    type: 'shape',
    outline: { type: 'rect', ...frame },
    fill: { type: 'hatch', colour: '#000000', width: 1, step: 5 },
    stroke: { colour: '#123456', width: 2, dashes: [3, 2] },
  }
  const words: Mark = {
    type: 'words',
    x: 1,
    y: 9,
    text: '<script>&',
    family: 'Lora',
    size: 8,
    weight: 400,
    colour: '#000000',
  }
  const picture: Picture = {
    width: 40,
    height: 20,
    unit: 'pt',
    title: 'A & B',
    ground: '#ffffff',
    marks: [hatched, hatched, words],
  }
  const svg = pictureSvg(picture)
  const ids = [...svg.matchAll(/ id="([^"]*)"/g)].map(([, id]) => id)
  expect(new Set(ids).size).toBe(2)
  expect(svg).toContain('width="40pt" height="20pt" viewBox="0 0 40 20"')
  expect(svg).toContain('stroke-dasharray="3 2"')
  expect(svg).toContain('&lt;script&gt;&amp;')
  expect(svg).toContain('<title>A &amp; B</title>')
})
