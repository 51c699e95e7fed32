import type { InjectionKey } from 'vue'
import type { WrittenLength } from '@nolvex/core/units/length'

/** How typed lengths are read where the particulars stand: a bare number is written as new lengths are there. */
export const lengthReading: InjectionKey<(text: string) => { length: WrittenLength } | { error: string }> =
  Symbol('how typed lengths are read')
