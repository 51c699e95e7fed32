import type { Block } from '../block/block'
import { applyChange } from '../document/apply'
import type { Documents } from '../document/types'
import { putBlock } from '../drawing/drawing'
import { documentKinds } from '../resolve/documentKinds'
import { pathBounds, pathInFrame } from '../vector/pathShape'
import { svgBlocks } from './svgBlocks'

let made = 0
const read = (inside: string, root = 'viewBox="0 0 200 100"') =>
  svgBlocks(`<svg xmlns="http://www.w3.org/2000/svg" ${root}>${inside}</svg>`, 'Badge', () => {
    return `made${String(made++).padStart(12, '0')}`
  })
const shapes = (blocks: Block[]) => blocks.filter(({ kind }) => kind === 'shape')
const placeOf = ({ place }: Block) => {
  const at = place?.offset as { left: { value: number }; top: { value: number } }
  const size = place as { width: { value: number }; height: { value: number } }
  return [at.left.value, at.top.value, size.width.value, size.height.value]
}

test('groups, forms and texts become blocks with their names, where they stood', () => {
  const { blocks, left } = read(
    `<g id="Waves"><rect x="10" y="20" width="30" height="40" fill="#1f5b4c"/>
       <text x="50" y="60" font-size="20" fill="navy">Small <tspan>boats</tspan></text></g>
     <circle id="Sun" cx="150" cy="30" r="20" fill="gold" stroke="#000" stroke-width="3"/>`,
    'viewBox="0 0 200 100" width="400" height="200"',
  )
  expect(blocks.map(({ kind, name }) => [kind, name])).toEqual([
    ['box', 'Badge'],
    ['box', 'Waves'],
    ['shape', 'Shape'],
    ['text', 'Text'],
    ['shape', 'Sun'],
  ])
  const [root, group, rect, text, sun] = blocks
  expect([group.parent, rect.parent, text.parent, sun.parent]).toEqual([root.id, group.id, group.id, root.id])
  // Twice as large as it was drawn.
  expect(placeOf(rect)).toEqual([20, 40, 60, 80])
  expect(placeOf(sun)).toEqual([260, 20, 80, 80])
  expect(text.text).toEqual([{ insert: 'Small boats' }])
  expect(rect.look).toEqual({ inside: { hex: '#1f5b4c' } })
  expect(sun.look).toMatchObject({
    inside: { hex: '#ffd700' },
    outline: { width: { value: 6 }, colour: { hex: '#000000' } },
  })
  expect(left).toEqual({})
})

// SVG 2, section 8.5: transforms are applied from the innermost out.
test.each([
  ['translate(10 5)', [10, 5, 20, 10]],
  ['scale(2)', [0, 0, 40, 20]],
  ['rotate(90)', [-10, 0, 10, 20]],
  ['rotate(90 10 5)', [5, -5, 10, 20]],
  ['translate(10) scale(2 1)', [10, 0, 40, 10]],
  ['matrix(1 0 0 -1 0 10)', [0, 0, 20, 10]],
])('%s', (transform, expected) => {
  const [shape] = shapes(read(`<rect width="20" height="10" transform="${transform}"/>`).blocks)
  expect(placeOf(shape)).toEqual(expected)
})

test('what a browser would run, load or hide is left behind, and what is no form is counted', () => {
  const { blocks, left } = read(
    `<defs><rect width="5" height="5"/></defs><script>alert(1)</script><style>rect { fill: red }</style>
     <image href="https://elsewhere.example/a.png" width="5" height="5"/><foreignObject><p>x</p></foreignObject>
     <rect width="8" height="8" fill="none"/>`,
  )
  expect(shapes(blocks)).toEqual([])
  expect(left).toMatchObject({ script: 1, image: 1, foreignObject: 1, rect: 1 })
})

test('entities, too many forms, and what is no SVG are refused with a reason', () => {
  expect(() => svgBlocks('<!DOCTYPE svg [<!ENTITY a "b">]><svg/>', '', () => 'a')).toThrow('entities')
  expect(() => read('<rect width="1" height="1"/>'.repeat(20_000))).toThrow('Keep it as a picture')
  expect(() => svgBlocks('<html></html>', '', () => 'a')).toThrow('no SVG')
  expect(() => svgBlocks('<svg><g></svg>', '', () => 'a')).toThrow('broken at line')
})

test('what comes out is a drawing like any other', () => {
  const { blocks } = read(
    '<g><path d="M0 0C10 0 20 40 0 40Z" fill="teal" opacity=".5"/><line x2="50" y2="50" stroke="red"/></g>',
  )
  const [root, ...others] = blocks
  const page = 'page000000000000'
  const section: Block = { id: 'section000000000', kind: 'section', order: 'a0' }
  const { outcomes } = applyChange(documentKinds, {} as Documents, [
    {
      ...{ document: page, kind: 'drawing' },
      operations: [section, { ...root, parent: section.id }, ...others].map(putBlock),
    },
  ])
  expect(outcomes).toEqual([])
})

describe('the box of a path', () => {
  // A cubic with both handles at 4/3 of the height reaches just that height (three quarters of the handles').
  test.each([
    ['M0 0L10 20', { x: 0, y: 0, width: 10, height: 20 }],
    ['M10 10h-5v20', { x: 5, y: 10, width: 5, height: 20 }],
    ['M0 0C0 40 30 40 30 0', { x: 0, y: 0, width: 30, height: 30 }],
    ['M0 0Q10 20 20 0', { x: 0, y: 0, width: 20, height: 10 }],
  ])('%s', (d, expected) => {
    const bounds = pathBounds(d)
    for (const [side, value] of Object.entries(expected))
      expect(bounds?.[side as keyof typeof expected]).toBeCloseTo(value, 6)
  })
  test('an arc is as large as its circle', () => {
    const bounds = pathBounds('M0 10A10 10 0 1 1 20 10A10 10 0 1 1 0 10Z')
    expect(bounds?.width).toBeCloseTo(20, 2)
    expect(bounds?.height).toBeCloseTo(20, 2)
  })
  test('nothing has none, and a stretched path fills its frame', () => {
    expect(pathBounds('')).toBeUndefined()
    const stretched = pathInFrame(
      'M0 0H10V10Z',
      { width: 10, height: 10 },
      { x: 5, y: 5, width: 100, height: 20 },
    )
    expect(pathBounds(stretched)).toEqual({ x: 5, y: 5, width: 100, height: 20 })
  })
})
