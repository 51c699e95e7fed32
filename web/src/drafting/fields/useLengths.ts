import type { Json } from '@nolvex/core/document/types'
import { cssLength, type WrittenLength } from '@nolvex/core/units/length'
import { useProject } from '../../session/projectStore'
import { useDraftingPage } from '../useDraftingPage'

/** Lengths as they are read and typed in the particulars. */
export function useLengths() {
  const page = useDraftingPage()
  const project = useProject()

  /** A length in words: px without their unit, a token by its name. */
  function lengthWords(value: Json | undefined): string {
    if (typeof value === 'string') return value
    if (typeof value !== 'object' || value === null || Array.isArray(value)) return ''
    if ('token' in value)
      return project.style.records.tokens[String(value.token)]?.name ?? 'a token that is gone'
    if ('share' in value) return `${String(value.share)} shares`
    return 'unit' in value ? cssLength(value as unknown as WrittenLength).replace(/px$/, '') : ''
  }

  return { lengthWords, readLength: page.typedLength }
}
