import type { PaintRoom } from '../block/look'
import { PAGE_FAMILY } from '../text/fontCatalogue'
import { pathMark, rectMark, type Mark } from '../vector/mark'

const OCHRE = '#8a5a0b'
const [TALL, WIDE, SIZE] = [16, 68, 11]

/** A block whose real content the developer supplies: a broken edge, and a tag that says so. */
export function liveMarks({ width, height }: Pick<PaintRoom, 'width' | 'height'>): Mark[] {
  const edge = pathMark(`M1 1H${width - 1}V${height - 1}H1Z`, { colour: OCHRE, width: 2, dashes: [8, 5] })
  const left = Math.max(0, width - WIDE)
  return [
    edge,
    rectMark({ x: left, y: 0, width: WIDE, height: TALL }, { fill: OCHRE }),
    {
      type: 'words',
      ...{ x: left + 6, y: 12, text: 'developer', family: PAGE_FAMILY },
      ...{ size: SIZE, weight: 600, italic: false, colour: '#ffffff' },
    },
  ]
}
