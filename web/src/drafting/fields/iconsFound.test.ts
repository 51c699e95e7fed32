import { icons } from 'lucide'
import { iconFrom, iconSchema } from '@nolvex/core/block/iconData'
import { iconsFound, wordsOf, type IconPackage } from './iconsFound'

const all = icons as unknown as IconPackage

test('icons are found by the words of their names, shortest first, each once', () => {
  expect(wordsOf('ArrowDown01')).toBe('arrow down 01')
  const arrows = iconsFound(all, 'right arrow').map(([name]) => name)
  expect(arrows[0]).toBe('arrow-right')
  expect(arrows.every((name) => name.includes('arrow') && name.includes('right'))).toBe(true)
  const shapes = iconsFound(all, '').map(([, own]) => own)
  expect(new Set(shapes).size).toBe(shapes.length)
  expect(iconsFound(all, 'nosuchthing')).toEqual([])
})

test('every icon of the package can be kept by a block, with lines to draw', () => {
  for (const [name, shapes] of iconsFound(all, '')) {
    const icon = iconFrom(name, shapes)
    expect([name, iconSchema.safeParse(icon).success]).toEqual([name, true])
    expect(icon.paths.length).toBe(shapes.length)
  }
})
