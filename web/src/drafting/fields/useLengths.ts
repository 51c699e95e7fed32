import type { Json } from '@nolvex/core/document/types'
import { cssLength, type WrittenLength } from '@nolvex/core/units/length'
import { readLength } from '@nolvex/core/units/typedLength'
import { inject } from 'vue'
import { useProject } from '../../session/projectStore'
import { lengthReading } from './lengthReading'

/** Lengths as they are read and typed in the particulars. */
export function useLengths() {
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

  return { lengthWords, readLength: inject(lengthReading, (text: string) => readLength(text)) }
}
