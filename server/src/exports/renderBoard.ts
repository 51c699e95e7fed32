import { strToU8 } from 'fflate'
import type { Documents } from '@nolvex/core/document/types'
import { boardPicture } from '@nolvex/core/paint/boardPicture'
import { pictureSvg } from '@nolvex/core/paint/pictureSvg'
import type { SiteDocument } from '@nolvex/core/site/site'
import { fontLibraryInUse } from '../fonts/fontsInUse'
import { Problem } from '../http/problem'
import type { BoardExport } from './jobModel'
import { picturesPdf } from './pdfPicture'
import { stylesFor } from './sheetFiles'
import { svgToPng } from './svgToPng'

/** Everything a board is rendered from; pictures as data URIs by asset id. */
export interface BoardInput extends BoardExport {
  documents: Documents
  pictures: Record<string, string>
}

/**
 * Renders a board as a file.
 * @throws Problem where the board is gone
 */
export async function renderBoard({
  board: id,
  documents,
  pictures,
  file,
  scale,
}: BoardInput): Promise<Uint8Array> {
  const { boards } = (documents.site as unknown as SiteDocument).records
  const board = boards[id]
  if (!board) throw new Problem(404, 'This board no longer exists. Choose another one.')
  const picture = boardPicture(board, documents, fontLibraryInUse(), ({ asset }) => asset && pictures[asset])
  if (file === 'pdf') return picturesPdf([picture], board.name)
  if (file === 'svg') return strToU8(pictureSvg(picture, stylesFor(picture)))
  return svgToPng(pictureSvg(picture), picture, scale)
}
