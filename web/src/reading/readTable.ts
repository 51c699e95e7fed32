import { readCsv } from '@nolvex/core/formats/csv'
import { ImportError } from '@nolvex/core/formats/importedPages'
import { textOf } from './readPageList'

/** A table from a file; `trouble` says why there is none. */
export interface ReadTable {
  heading: string[]
  rows: string[][]
  trouble: string
}

/** Reads a CSV file of at most so many rows. */
export async function readTable(file: File, most: number): Promise<ReadTable> {
  try {
    const { heading, rows } = readCsv(await textOf(file), most)
    return { heading, rows: rows.map(({ values }) => values), trouble: '' }
  } catch (error) {
    if (!(error instanceof ImportError)) throw error
    return { heading: [], rows: [], trouble: error.message }
  }
}
