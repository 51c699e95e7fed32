import { kindOf, leafShownBy, type Block } from '@nolvex/core/block/block'
import { MOST_ROWS } from '@nolvex/core/content/collection'
import type { Json } from '@nolvex/core/document/types'
import {
  fillFromLines,
  fillFromPictures,
  fillFromRows,
  type FilledSeries,
  type SeriesFill,
} from '@nolvex/core/edit/fillSeries'
import { seriesRows, type RowChoice } from '@nolvex/core/resolve/seriesRows'
import { treeAtBand } from '@nolvex/core/resolve/siblings'
import { useReader } from '../reading/useReader'
import { takePicture } from '../session/takePicture'
import { newId } from '../session/newId'
import { useProject } from '../session/projectStore'
import type { DraftingPage } from './usePage'

const LARGEST_TEXT = 5 * 1024 * 1024
const isTable = ({ name, type }: File) => /\.(?:csv|tsv)$/i.test(name) || type === 'text/csv'
const isText = ({ name, type }: File) => /\.txt$/i.test(name) || type === 'text/plain'
const nameOf = ({ name }: File) => name.replace(/\.[^.]+$/, '')

/** Filling a series with files dropped on it: a table, a text for one of its texts, or a picture for each row. */
export function useSeriesFill(page: DraftingPage) {
  const project = useProject()
  const ask = useReader()

  /** The series a block stands in, or is. */
  function seriesOf(id: string | undefined): FilledSeries | undefined {
    for (let here = id; here; here = page.blocks.value[here]?.parent) {
      const series = page.blocks.value[here] as Block | undefined
      if (series && kindOf(series).expands === 'rows') {
        const collection = project.collections.find((one) => one.id === series.data?.collection)
        return { drawing: page.document.value, series, collection }
      }
    }
    return undefined
  }

  /** Whether files dropped on a block fill a series rather than that block. */
  function takes(files: File[], id: string | undefined): boolean {
    if (!seriesOf(id)) return false
    return files.some((file) => isTable(file) || isText(file)) || files.length > 1
  }

  /** Fills a series. @returns what was done, or why nothing was, in words */
  async function fill(files: File[], id: string | undefined): Promise<string> {
    const filled = seriesOf(id)
    if (!filled) return 'Drop it on a series: what stands in one is repeated, row by row.'
    try {
      const [file] = files
      const made = isTable(file)
        ? await fromTable(filled, file)
        : isText(file)
          ? await fromLines(filled, file, id)
          : await fromPictures(filled, files)
      if (typeof made === 'string') return made
      page.changeParts('Fill the series', made.parts)
      return made.says
    } catch (error) {
      return (error as Error).message
    }
  }

  async function fromTable(filled: FilledSeries, file: File): Promise<SeriesFill | string> {
    const { heading, rows, trouble } = await ask((reader) => reader.readTable(file, MOST_ROWS))
    return trouble || fillFromRows(filled, { heading, rows }, nameOf(file), newId)
  }

  async function fromLines(
    filled: FilledSeries,
    file: File,
    id: string | undefined,
  ): Promise<SeriesFill | string> {
    const text = id === undefined ? undefined : page.blocks.value[id]
    if (!text || !leafShownBy(text, 'richText'))
      return `Drop ${file.name} on one of the texts of the series: each line goes to a row of it.`
    if (file.size > LARGEST_TEXT) return `${file.name} is larger than 5 MB. Drop a shorter list.`
    const words = await file.text()
    const lines = words.replace(/^\uFEFF/, '').split(/\r\n?|\n/)
    while (lines.at(-1) === '') lines.pop()
    if (lines.length === 0) return `${file.name} is empty.`
    return fillFromLines(filled, text, lines, nameOf(file), newId)
  }

  async function fromPictures(filled: FilledSeries, files: File[]): Promise<SeriesFill | string> {
    const { series, collection } = filled
    const rows = collection ? seriesRows(collection, (series.data ?? {}) as RowChoice) : []
    if (rows.length === 0)
      return 'The series shows no rows yet. Choose a collection, or drop a CSV file first.'
    const inside = treeAtBand(page.blocks.value, page.at.value).map(({ id }) => page.blocks.value[id])
    const picture = inside.find(
      (block) => leafShownBy(block, 'picture') && seriesOf(block.id)?.series === series,
    )
    if (!picture) return 'Nothing in the series shows a picture. Put a picture into it first.'
    const shown: Json[] = []
    for (const file of files.slice(0, rows.length)) {
      const { id: asset, width, height } = await takePicture(project.id, file)
      shown.push({ asset, width, height })
    }
    const beyond = files.slice(rows.length).map((): Json => null)
    return fillFromPictures(filled, picture, rows, [...shown, ...beyond])
  }

  return { seriesOf, takes, fill }
}
