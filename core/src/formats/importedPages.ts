/** A page as an imported list names it, in reading order. */
export interface ImportedPage {
  title: string
  /** 0 for the top; at most one more than the page before */
  depth: number
  /** last part of its address */
  path?: string
  purpose?: string
  goal?: string
  /** line or row it came from, from 1 */
  line: number
}

/** What a file held, and what was mended or passed over in reading it. */
export interface ImportedPages {
  pages: ImportedPage[]
  remarks: ImportRemark[]
}

export interface ImportRemark {
  line: number
  remark: string
}

/** A file that cannot be read at all; the message says where and what to do. */
export class ImportError extends Error {}

/** The most pages one import adds; a change holds no more. */
export const MOST_IMPORTED = 4000
/** Longer files are refused before they are read. */
export const MOST_CHARACTERS = 20_000_000

/** Title and path within their limits, with what was cut. */
export function cutTitle(title: string, line: number, remarks: ImportRemark[]): string {
  const clean = title.replace(/\s+/g, ' ').trim()
  if (clean.length <= 500) return clean
  remarks.push({ line, remark: 'The title was cut to 500 characters.' })
  return clean.slice(0, 500)
}

/** A path as an address may hold it, spaces and slashes made hyphens; nothing where none is left. */
export function cleanPath(path: string, line: number, remarks: ImportRemark[]): string | undefined {
  const clean = path
    .trim()
    .replace(/^\/+|\/+$/g, '')
    .split('/')
    .at(-1)
    ?.replace(/[?#].*$/, '')
    .replace(/\s+/g, '-')
    .slice(0, 200)
  if (clean && /\s/.test(path.trim()))
    remarks.push({ line, remark: `The path “${path.trim()}” had spaces; they are hyphens now.` })
  return clean || undefined
}

/** Refuses text that is too long or in no encoding we read. */
export function checkText(text: string): void {
  if (text.length > MOST_CHARACTERS)
    throw new ImportError('The file is larger than 20 MB. Split it, then bring in the parts.')
  if (text.includes('\u0000'))
    throw new ImportError(
      'The file is no text, or in another encoding. Save it as UTF-8, then bring it in again.',
    )
}

/** The text of a file: UTF-8, or UTF-16 with its mark; other encodings are refused. */
export function textOfFile(bytes: Uint8Array): string {
  const encoding =
    bytes[0] === 0xff && bytes[1] === 0xfe
      ? 'utf-16le'
      : bytes[0] === 0xfe && bytes[1] === 0xff
        ? 'utf-16be'
        : 'utf-8'
  try {
    const text = new TextDecoder(encoding, { fatal: true }).decode(bytes)
    checkText(text)
    return text
  } catch (error) {
    if (error instanceof ImportError) throw error
    throw new ImportError('The file is not in UTF-8. Save it as UTF-8, then bring it in again.')
  }
}
