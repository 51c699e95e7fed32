import type { ChangePart, Operation } from './types'

interface ChangeLimits {
  operations: number
  /** of the change as JSON */
  bytes: number
}

/** What a change may hold with room to spare below what the server takes (1 MB, 5,000 operations). */
export const CHANGE_LIMITS: ChangeLimits = { operations: 4500, bytes: 700_000 }

/** A change cut into several that each keep to the limits, in the order its operations have. */
export function splitParts(parts: ChangePart[], limits: ChangeLimits = CHANGE_LIMITS): ChangePart[][] {
  const changes: ChangePart[][] = [[]]
  let count = 0
  let bytes = 0
  for (const part of parts) {
    let operations: Operation[] = []
    const close = () => {
      if (operations.length) changes[changes.length - 1].push({ ...part, operations })
      operations = []
    }
    for (const operation of part.operations) {
      // Characters outside ASCII take up to three bytes each.
      const size = JSON.stringify(operation).length * 1.5
      if (count > 0 && (count + 1 > limits.operations || bytes + size > limits.bytes)) {
        close()
        changes.push([])
        count = 0
        bytes = 0
      }
      operations.push(operation)
      count++
      bytes += size
    }
    close()
  }
  return changes.filter((change) => change.length > 0)
}
