import { environmentOf, pageFontMeasures } from '@nolvex/core/layout/pageFont'
import { toPx } from '@nolvex/core/units/environment'
import { readLength } from '@nolvex/core/units/typedLength'
import { useFontLibrary } from '../fonts/useFontLibrary'
import { useProject } from '../session/projectStore'

/** Reads typed lengths of any unit, and sums of them, as px of a page of this project. */
export function useTypedPx() {
  const project = useProject()
  const library = useFontLibrary()

  /** @param percentOf px that 100 % stands for */
  return function typedPx(text: string, percentOf = 0): { px: number } | { error: string } {
    const read = readLength(text)
    if ('error' in read) return read
    const { unit, value } = read.length
    if (unit === 'px') return { px: value }
    if (!library.value) return { error: 'The fonts are still loading. Type px, or try again.' }
    const environment = environmentOf(project.site.records.settings.site.rootSize)
    return { px: toPx(read.length, environment, pageFontMeasures(library.value, environment), percentOf) }
  }
}
