import { setLuminosity } from '../../colour/luminosity'
import type { Group, Mark } from '../../vector/mark'
import { cssBlend, tinted } from '../tinted'
import { cut } from './cut'
import { pictureZoom } from './pictureZoom'
import { tint } from './tint'

const tokens = { colour: ({ hex }: { hex: string }) => hex } as never
const FRAME = { x: 0, y: 0, width: 100, height: 60 }
const PICTURE: Mark[] = [{ type: 'image', ...FRAME, href: 'data:,', fit: 'stretch' }]

describe('a colour over a picture', () => {
  test('is as strong as it is said to be, and none is none', () => {
    const shown = tint.resolve({ colour: { hex: '#1f5b4c' }, mode: 'multiply', strength: 0.5 }, tokens, '')
    expect(shown).toEqual({ colour: '#1f5b4c80', mode: 'multiply' })
    expect(tint.css(shown)).toEqual([
      ['--over', '""'],
      ['--tint', '#1f5b4c80'],
      ['--mix', 'multiply'],
    ])
    expect(tint.resolve({ colour: { hex: '#1f5b4c' }, strength: 0 }, tokens, '')).toBeUndefined()
    expect(tint.resolve({ colour: 'none' }, tokens, '')).toBeUndefined()
    expect(tint.css(undefined)[0]).toEqual(['--over', 'none'])
  })

  test('mixes with the picture alone, in a group of their own', () => {
    const [group] = tinted(PICTURE, 'screen', '#ff000080', FRAME) as Group[]
    expect(group).toMatchObject({ isApart: true, marks: [PICTURE[0], { type: 'group', blend: 'screen' }] })
    expect(tinted(PICTURE, 'over', '#ff000080', FRAME)).toHaveLength(2)
    expect(cssBlend('colour')).toBe('color')
  })

  test('as a hue is a table by luminosity, faded by its alpha', () => {
    const marks = tinted(PICTURE, 'colour', '#1f5b4c80', FRAME)
    const hue = marks.at(-1) as Group
    expect(hue.opacity).toBeCloseTo(0.5, 2)
    const [, table] = hue.filter?.steps ?? []
    expect(table).toMatchObject({ type: 'table' })
    expect((table as { red: number[] }).red).toHaveLength(65)
  })
})

// Compositing and Blending 1, section 10.2: SetLum keeps the luminosity asked for, whatever has to be clipped.
test.each([0, 0.1, 0.35, 0.5, 0.8, 1])('a hue at luminosity %f has just that, within its gamut', (light) => {
  for (const hex of ['#ff0000', '#1f5b4c', '#b9770e', '#808080', '#0000ff']) {
    const { r, g, b } = setLuminosity(hex, light)
    expect(0.3 * r + 0.59 * g + 0.11 * b).toBeCloseTo(light, 6)
    for (const channel of [r, g, b]) {
      expect(channel).toBeGreaterThanOrEqual(-1e-9)
      expect(channel).toBeLessThanOrEqual(1 + 1e-9)
    }
  }
})

describe('the form a block is cut to', () => {
  const room = { ...FRAME } as never
  test('is a polygon by shares in CSS, and the same points in px when painted', () => {
    expect(cut.css('diamond')).toEqual([['clip-path', 'polygon(50% 0%, 100% 50%, 50% 100%, 0% 50%)']])
    expect(cut.clip?.('diamond', room)).toEqual({ type: 'path', d: 'M50 0L100 30L50 60L0 30Z' })
  })
  test('a circle is as large as the shorter side, an ellipse as both', () => {
    expect(cut.clip?.('circle', room)).toEqual({
      type: 'path',
      d: 'M20 30a30 30 0 1 1 60 0a30 30 0 1 1 -60 0Z',
    })
    expect(cut.clip?.('ellipse', room)).toEqual({
      type: 'path',
      d: 'M0 30a50 30 0 1 1 100 0a50 30 0 1 1 -100 0Z',
    })
    expect(cut.clip?.('none', room)).toBeUndefined()
    expect(cut.css('none')).toEqual([['clip-path', 'none']])
  })
})

test('a picture is never taken farther away than its box asks for', () => {
  expect(pictureZoom.schema.safeParse(0.9).success).toBe(false)
  expect(pictureZoom.css(2)).toEqual([['--near', '2']])
})
