import { cutText } from '../text/cutText'

/** A page as an imported list names it, in reading order. */
export interface ImportedPage {
  title: string
  /** 0 for the top; at most one more than the page before */
  depth: number
  /** last part of its address */
  path?: string
  purpose?: string
  goal?: string
  /** names of what stands on it, from top to bottom */
  sections?: string[]
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

/** The most pages one import adds; a change holds no more. Reading stops at one more than this. */
export const MOST_IMPORTED = 4000
/** Pages deeper in a list than this are put here. */
export const DEEPEST_IMPORTED = 100
/** Longer files are refused before they are read. */
export const MOST_CHARACTERS = 20_000_000

/** Stops reading at the first page there is no room for. @throws ImportError */
export function checkCount(count: number, most = MOST_IMPORTED): void {
  if (count > most)
    throw new ImportError(
      `At most ${most.toLocaleString('en')} pages can be brought in at once; this has more. Split it, then bring in the parts.`,
    )
}

/** Pages that stand deeper than any site has them, put where they can be, with what was done. */
export function flattened({ pages, remarks }: ImportedPages): ImportedPages {
  const first = pages.find(({ depth }) => depth > DEEPEST_IMPORTED)
  if (!first) return { pages, remarks }
  const remark = `Pages more than ${DEEPEST_IMPORTED} deep were put at ${DEEPEST_IMPORTED}.`
  return {
    pages: pages.map((page) => ({ ...page, depth: Math.min(page.depth, DEEPEST_IMPORTED) })),
    remarks: [...remarks, { line: first.line, remark }],
  }
}

/** Title and path within their limits, with what was cut. */
export function cutTitle(title: string, line: number, remarks: ImportRemark[]): string {
  const clean = title.replace(/\s+/g, ' ').trim()
  if (clean.length <= 500) return clean
  remarks.push({ line, remark: 'The title was cut to 500 characters.' })
  return cutText(clean, 500)
}

const MOST_SECTIONS = 50

/** Names of sections, parted by commas or semicolons; nothing where there are none. */
export function sectionNames(list: string): string[] | undefined {
  const names = list
    .split(/[,;]/)
    .map((name) => cutText(name.replace(/\s+/g, ' ').trim(), 200))
    .filter(Boolean)
    .slice(0, MOST_SECTIONS)
  return names.length ? names : undefined
}

/** A path as an address may hold it, spaces and slashes made hyphens; nothing where none is left. */
export function cleanPath(path: string, line: number, remarks: ImportRemark[]): string | undefined {
  const last = path.trim().split('/').filter(Boolean).at(-1)?.split(/[?#]/, 1)[0]
  const clean = cutText((last ?? '').replace(/\s+/g, '-'), 200)
  if (clean && /\s/.test(path.trim()))
    remarks.push({ line, remark: `The path “${cutText(path.trim(), 80)}” had spaces; they are hyphens now.` })
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
