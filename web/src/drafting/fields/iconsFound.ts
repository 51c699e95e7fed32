import type { IconShape } from '@nolvex/core/block/iconData'

/** Icons of a package by name, `ArrowRight`. */
export type IconPackage = Record<string, readonly IconShape[]>

/** A name as words: `arrow right`. */
export const wordsOf = (name: string): string =>
  name
    .replace(/([a-z\d])([A-Z])/g, '$1 $2')
    .replace(/([a-z])(\d)/gi, '$1 $2')
    .toLowerCase()

/** Icons whose names have all the words typed, each as the beginning of a word; shorter names first. */
export function iconsFound(
  icons: IconPackage,
  typed: string,
): [name: string, shapes: readonly IconShape[]][] {
  const wanted = typed.toLowerCase().split(/\s+/).filter(Boolean)
  const seen = new Set<readonly IconShape[]>()
  return Object.entries(icons)
    .map(([name, shapes]) => ({ words: wordsOf(name), shapes }))
    .filter(({ words }) => wanted.every((word) => words.split(' ').some((one) => one.startsWith(word))))
    .sort((a, b) => a.words.length - b.words.length || (a.words < b.words ? -1 : 1))
    .flatMap(({ words, shapes }): [string, readonly IconShape[]][] => {
      // Many icons have a second, older name.
      if (seen.has(shapes)) return []
      seen.add(shapes)
      return [[words.replaceAll(' ', '-'), shapes]]
    })
}
