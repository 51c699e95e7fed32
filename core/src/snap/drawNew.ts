import { refusesParent, standsOnPage, type Block } from '../block/block'
import { px } from '../units/length'
import { columnsOf } from './containerColumns'
import { arrangesItself, type DrawnPage, type Placed } from './drawnPage'
import { nearestColumn, nearestSpan } from './dropInGrid'
import type { HitIndex } from './hitTest'
import type { Rect } from './rect'

/** The innermost block under the middle of a rectangle that may hold a new one; nothing where only the page may. */
export function holderAt(page: DrawnPage, hits: HitIndex, made: Block, rect: Rect): Placed | undefined {
  if (standsOnPage(made)) return undefined
  return hits
    .at({ x: rect.x + rect.w / 2, y: rect.y + rect.h / 2 })
    .find((one) => arrangesItself(page, one) && !refusesParent(page.blocks[one.record], made))
}

/** px from which a height that was drawn is meant, and not only where the block begins */
const MEANT = 24
/** of the room it has, from which a width means all of it */
const WHOLE = 0.92

/**
 * A new block as large as a rectangle drawn for it: on columns it takes those the rectangle covers, elsewhere its width;
 * a height it is given only where it is no text, which is as tall as its lines.
 * @param holder what it is to stand in
 */
export function drawnBlock(made: Block, holder: Placed | undefined, rect: Rect, isText: boolean): Block {
  const height = isText || rect.h < MEANT ? undefined : px(Math.round(rect.h))
  const place = { ...made.place, ...(height ? { height } : {}) }
  if (!holder) return { ...made, place }
  switch (holder.box.arrange) {
    case 'grid':
      return { ...made, place: { ...place, column: coveredColumns(holder, rect), width: 'fill' } }
    case 'placed':
      return {
        ...made,
        place: {
          ...place,
          ...(isText ? {} : { height: px(Math.max(8, Math.round(rect.h))) }),
          width: px(Math.max(8, Math.round(rect.w))),
          anchor: { x: 'start', y: 'start' },
        },
      }
    default: {
      const room = holder.w - holder.box.insetLeft - holder.box.insetRight
      return { ...made, place: { ...place, width: rect.w > room * WHOLE ? 'fill' : px(Math.round(rect.w)) } }
    }
  }
}

function coveredColumns(holder: Placed, rect: Rect): { start?: number; span: number } {
  const columns = columnsOf(holder)
  const start = nearestColumn({ columns }, rect.x, 1)
  const span = nearestSpan({ columns }, start, rect.x + rect.w)
  return span === columns.length ? { span } : { start, span }
}
