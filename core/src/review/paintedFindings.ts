import { overPictureFindings, overPictureRule } from './colour/overPictures'
import type { DrawingFacts } from './drawing/drawingFacts'
import type { Finding } from './finding'
import { orSaid } from './orSaid'
import { orderFindings, orderRule, type PaintWindow } from './hierarchy/orderFindings'

/** Rules of what is seen only once a page is painted. */
export const paintedRules = [overPictureRule, orderRule]

/** What they find on a page. */
export const paintedFindings = async (page: DrawingFacts, paint: PaintWindow): Promise<Finding[]> => [
  ...(await orSaid(overPictureRule, page.page, () => overPictureFindings(page, paint))),
  ...(await orSaid(orderRule, page.page, () => orderFindings(page, paint))),
]
