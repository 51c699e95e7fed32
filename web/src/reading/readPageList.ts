import { readCsv } from '@nolvex/core/formats/csv'
import {
  ImportError,
  MOST_IMPORTED,
  textOfFile,
  type ImportedPages,
} from '@nolvex/core/formats/importedPages'
import { guessMapping, type PageMapping } from '@nolvex/core/formats/pagesCsv'
import { guessFormat, readPages, type PageFormat } from '@nolvex/core/formats/readPages'

/** Something to read pages from: typed text, or files. */
export interface PageListSource {
  text: string
  files: File[]
  /** how to read it, where that was chosen */
  format?: PageFormat
  /** what the columns of a table mean, where that was said */
  mapping?: PageMapping
}

/** What was found in it. */
export interface ReadPageList extends ImportedPages {
  format: PageFormat
  /** columns of a table, and what they are taken to mean */
  heading: string[]
  mapping?: PageMapping
  /** what stands in the first file, as far as it is shown */
  beginning: string
  /** why nothing can be brought in, or nothing */
  trouble: string
}

const SHOWN_CHARACTERS = 20_000
/** Files are refused by their size before a byte of them is read. */
const LARGEST_FILE = 40 * 1024 * 1024

/** Reads pages; what cannot be read is told in words. */
export async function readPageList(source: PageListSource): Promise<ReadPageList> {
  const nothing = { pages: [], remarks: [], heading: [], beginning: '', trouble: '' }
  const format = source.format ?? 'indented'
  try {
    const texts = source.files.length ? await textsOf(source.files) : [source.text]
    return { ...nothing, beginning: texts[0].slice(0, SHOWN_CHARACTERS), ...readTexts(source, texts) }
  } catch (error) {
    if (!(error instanceof ImportError)) throw error
    return { ...nothing, format, trouble: error.message }
  }
}

function readTexts({ files, format: chosen, mapping: said }: PageListSource, texts: string[]) {
  const format = chosen ?? guessFormat(texts[0], files[0]?.name)
  const found = { format, pages: [], remarks: [], heading: [] as string[] }
  if (texts.every((text) => text.trim() === '')) return found
  try {
    const heading = format === 'csv' ? readCsv(texts[0], MOST_IMPORTED).heading : []
    const mapping = format === 'csv' ? (said ?? guessMapping(heading)) : undefined
    return { ...found, heading, mapping, ...readPages(format, texts, mapping) }
  } catch (error) {
    if (!(error instanceof ImportError)) throw error
    return { ...found, trouble: error.message }
  }
}

async function textsOf(files: File[]): Promise<string[]> {
  const texts: string[] = []
  for (const file of files) texts.push(await textOf(file))
  return texts
}

/** The text of a file. @throws ImportError that names it */
export async function textOf(file: File): Promise<string> {
  try {
    if (file.size > LARGEST_FILE)
      throw new ImportError('The file is larger than 20 MB. Split it, then bring in the parts.')
    return textOfFile(new Uint8Array(await file.arrayBuffer()))
  } catch (error) {
    throw error instanceof ImportError ? new ImportError(`${file.name}: ${error.message}`) : error
  }
}
