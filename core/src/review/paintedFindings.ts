import { overPictureFindings } from './colour/overPictures'
import type { DrawingFacts } from './drawing/drawingFacts'
import type { Finding } from './finding'
import { orderFindings, type PaintWindow } from './hierarchy/orderFindings'

/** What is wrong with a page's drawing and seen only once it is painted. */
export const paintedFindings = async (page: DrawingFacts, paint: PaintWindow): Promise<Finding[]> => [
  ...(await overPictureFindings(page, paint)),
  ...(await orderFindings(page, paint)),
]
