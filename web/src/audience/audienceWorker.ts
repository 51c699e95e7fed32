import { expose } from 'comlink'
import Papa from 'papaparse'
import { AudienceTally, type AudienceMapping } from '@nolvex/core/formats/audienceCsv'
import type { ImportRemark } from '@nolvex/core/formats/importedPages'
import { blockVisibility } from '@nolvex/core/layout/blockVisibility'
import { foldReport, type FoldLine } from '@nolvex/core/review/fold/foldReport'
import type { PageSources } from '@nolvex/core/resolve/resolvePage'
import { condensedSizes, type ViewportSize } from '@nolvex/core/viewport/audience'
import { fontsWanted, loadFontLibrary } from '../fonts/loadFontLibrary'

/** What came of a table of viewport sizes. */
export interface ReadAudience {
  sizes: ViewportSize[]
  /** px the rarest sizes were rounded to; 0 where none were */
  step: number
  rows: number
  leftOut: number
  remarks: ImportRemark[]
}

type Report = (done: number) => void

/** Reading long tables and laying pages out for everybody, away from the page's own thread. */
const worker = {
  /** Reads a table as it streams in, so that one of a million rows needs no more room than its sizes. */
  readTable(file: File, mapping: AudienceMapping, report: Report): Promise<ReadAudience> {
    const tally = new AudienceTally(mapping)
    let line = 0
    return new Promise((resolve, reject) => {
      Papa.parse<string[]>(file, {
        skipEmptyLines: true,
        chunkSize: 1024 * 1024,
        chunk: ({ data, meta }) => {
          for (const row of data) {
            line++
            if (line > 1) tally.add(row, line)
          }
          report(file.size ? Math.min(1, meta.cursor / file.size) : 1)
        },
        complete: () => {
          try {
            const { sizes, step } = condensedSizes(tally.sizes())
            const { rows, leftOut, remarks } = tally
            resolve({ sizes, step, rows, leftOut, remarks })
          } catch (error) {
            reject(error as Error)
          }
        },
        error: reject,
      })
    })
  },

  /** The share of visits that see each block of a page without scrolling. */
  async visibility(
    sources: PageSources,
    sizes: ViewportSize[],
    project: string,
    report: Report,
  ): Promise<Map<string, number> | undefined> {
    let told = 0
    const library = await loadFontLibrary(fontsWanted(sources.style, project))
    return blockVisibility(sources, sizes, library, (done) => {
      if (done < 1 && done - told < 0.05) return
      told = done
      report(done)
    })
  },

  /** The share of visits that see a page's headline, its main action and what follows without scrolling. */
  async fold(sources: PageSources, sizes: ViewportSize[], project: string): Promise<FoldLine[] | undefined> {
    return foldReport(sources, sizes, await loadFontLibrary(fontsWanted(sources.style, project)))
  },
}

export type AudienceWorker = typeof worker

expose(worker)
