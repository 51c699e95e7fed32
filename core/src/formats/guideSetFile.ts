import { z } from 'zod'
import { guideSetSchema, type GuideSet } from '../grid/guide'
import { ImportError } from './importedPages'

const fileSchema = z.strictObject({
  format: z.literal('guides'),
  version: z.literal(1),
  ...guideSetSchema.omit({ id: true }).shape,
})

/** Characters a file of guides may have: 400 guides have far fewer. */
export const LONGEST_GUIDE_FILE = 1_000_000

/** A set of guides as a JSON file. */
export function writeGuideSet({ name, guides }: Omit<GuideSet, 'id'>): string {
  return `${JSON.stringify({ format: 'guides', version: 1, name, guides }, null, 2)}\n`
}

/**
 * Reads a set of guides from a file.
 * @throws ImportError that says what is wrong with it
 */
export function readGuideSet(text: string): Omit<GuideSet, 'id'> {
  if (text.length > LONGEST_GUIDE_FILE)
    throw new ImportError('The file is larger than 1 MB, which no set of guides is. Choose another.')
  let json: unknown
  try {
    json = JSON.parse(text)
  } catch {
    throw new ImportError('The file is not JSON. Choose a set of guides that was taken away from here.')
  }
  const read = fileSchema.safeParse(json)
  if (!read.success) {
    const [{ path, message }] = read.error.issues
    throw new ImportError(`The file is no set of guides: ${path.join('.') || 'it'}: ${message}.`)
  }
  return { name: read.data.name, guides: read.data.guides }
}
