import { usualBands } from '@nolvex/core/site/usualSite'
import { blocksOf, idOf, type Sketch } from '@nolvex/core/testing/draft'
import { moveBlocks } from '@nolvex/core/edit/blockChanges'
import type { AtBand } from '@nolvex/core/resolve/cascade'
import { bandsOf } from '@nolvex/core/resolve/resolvePage'
import { usualSite } from '@nolvex/core/site/usualSite'
import { dropPart, outlineDrop, type DropPart } from './outlineDrop'
import { outlineStep } from './outlineKeys'
import { outlineRows, rangeOf } from './outlineRows'

const text = (name: string): Sketch => ({ kind: 'text', name })
const page: Sketch[] = [
  {
    kind: 'section',
    name: 'hero',
    holds: [text('headline'), { kind: 'box', name: 'card', holds: [text('fare')] }],
  },
  { kind: 'section', name: 'foot', holds: [text('address')] },
]
const blocks = Object.fromEntries(blocksOf(page).map((block) => [block.id, block]))
const at: AtBand = { bands: bandsOf(usualSite), band: usualBands.wide }
const folded = (...names: string[]) => new Set(names.map(idOf))
const rows = (...names: string[]) => outlineRows(blocks, at, folded(...names))
const names = (ids: string[]) => ids.map((id) => blocks[id].name)

describe('lines', () => {
  test('follow the reading order, say where they stand among their like, and fold away what is in them', () => {
    expect(rows().map(({ id, depth, position, count }) => [blocks[id].name, depth, position, count])).toEqual(
      [
        ['hero', 0, 1, 2],
        ['headline', 1, 1, 2],
        ['card', 1, 2, 2],
        ['fare', 2, 1, 1],
        ['foot', 0, 2, 2],
        ['address', 1, 1, 1],
      ],
    )
    expect(names(rows('hero').map(({ id }) => id))).toEqual(['hero', 'foot', 'address'])
    expect(names(rows('card', 'foot').map(({ id }) => id))).toEqual(['hero', 'headline', 'card', 'foot'])
  })

  test('a range takes what is between, either way, but not what comes along with something taken', () => {
    expect(names(rangeOf(rows(), idOf('headline'), idOf('foot'), blocks))).toEqual([
      'headline',
      'card',
      'foot',
    ])
    expect(names(rangeOf(rows(), idOf('fare'), idOf('headline'), blocks))).toEqual(['headline', 'card'])
  })
})

describe('keys', () => {
  const step = (active: string | undefined, key: string, ...foldedNames: string[]) => {
    const found = outlineStep(rows(...foldedNames), active && idOf(active), key)
    return found && Object.entries(found).map(([what, id]) => `${what} ${blocks[id].name}`)[0]
  }

  test('walk the lines and stop at the ends', () => {
    expect(step('headline', 'ArrowDown')).toBe('goTo card')
    expect(step('hero', 'ArrowUp')).toBe('goTo hero')
    expect(step('hero', 'End')).toBe('goTo address')
    expect(step(undefined, 'ArrowDown')).toBe('goTo hero')
  })

  test('left folds, then goes out; right unfolds, then goes in', () => {
    expect(step('card', 'ArrowLeft')).toBe('fold card')
    expect(step('card', 'ArrowLeft', 'card')).toBe('goTo hero')
    expect(step('card', 'ArrowRight', 'card')).toBe('unfold card')
    expect(step('card', 'ArrowRight')).toBe('goTo fare')
    expect(step('fare', 'ArrowRight')).toBeUndefined()
  })
})

describe('letting go of a line', () => {
  const drop = (pulled: string, onto: string, part: DropPart) => {
    const spot = outlineDrop(blocks, [idOf(pulled)], idOf(onto), part, at)
    if (!spot) return undefined
    const operations = moveBlocks(blocks, [idOf(pulled)], spot, at)
    const moved = structuredClone(blocks)
    for (const operation of operations)
      if (operation.type === 'set')
        Object.assign(moved[operation.id], { [operation.path[0]]: operation.value ?? undefined })
    return outlineRows(moved, at, new Set()).map(
      ({ id, depth }) => '-'.repeat(depth) + (blocks[id].name ?? ''),
    )
  }

  test('puts it before, after or into what is under the pointer', () => {
    expect(drop('address', 'headline', 'before')).toEqual([
      'hero',
      '-address',
      '-headline',
      '-card',
      '--fare',
      'foot',
    ])
    expect(drop('headline', 'card', 'inside')).toEqual([
      'hero',
      '-card',
      '--fare',
      '--headline',
      'foot',
      '-address',
    ])
    expect(drop('headline', 'address', 'after')).toEqual([
      'hero',
      '-card',
      '--fare',
      'foot',
      '-address',
      '-headline',
    ])
    expect(drop('foot', 'hero', 'before')?.[0]).toBe('foot')
  })

  test('does nothing where it may not stand: in itself, in a text, a section in a section', () => {
    expect(drop('hero', 'card', 'inside')).toBeUndefined()
    expect(drop('card', 'fare', 'after')).toBeUndefined()
    expect(drop('headline', 'address', 'inside')).toBeUndefined()
    expect(drop('foot', 'hero', 'inside')).toBeUndefined()
  })

  test('only what holds blocks has a middle to let go in', () => {
    expect([0.1, 0.5, 0.9].map((share) => dropPart(share, true))).toEqual(['before', 'inside', 'after'])
    expect([0.1, 0.5, 0.9].map((share) => dropPart(share, false))).toEqual(['before', 'after', 'after'])
  })
})
