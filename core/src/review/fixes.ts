import type { ChangePart, Operation } from '../document/types'
import type { Finding, Fix } from './finding'

/** Fixes made as one change. */
export interface MadeFixes {
  parts: ChangePart[]
  /** how many findings they are for */
  count: number
}

/**
 * Fixes of several findings as one change. What two of them write alike is written once; of two that write something
 * else to the same place only the first is made: what is left of the other is found again.
 */
export function allFixes(findings: Finding[]): MadeFixes {
  const parts = new Map<string, ChangePart>()
  const written = new Map<string, string>()
  let count = 0
  for (const { fix } of findings) {
    if (!fix || contradicts(fix, written)) continue
    count++
    for (const { document, kind, operations } of fix.parts) {
      const part = parts.get(document) ?? { document, kind, operations: [] }
      for (const operation of operations) {
        const place = placeOf(document, operation)
        if (!written.has(place)) part.operations.push(operation)
        written.set(place, JSON.stringify(operation))
      }
      parts.set(document, part)
    }
  }
  return { parts: [...parts.values()], count }
}

const placeOf = (document: string, { collection, id, ...operation }: Operation) =>
  JSON.stringify([document, collection, id, 'path' in operation ? operation.path : operation.type])

const contradicts = (fix: Fix, written: Map<string, string>) =>
  fix.parts.some(({ document, operations }) =>
    operations.some((operation) => {
      const before = written.get(placeOf(document, operation))
      return before !== undefined && before !== JSON.stringify(operation)
    }),
  )
