import { eachBox, type PageLayout } from '@nolvex/core/layout/pageLayout'
import type { Rect } from '@nolvex/core/snap/rect'

const SHADES = { words: '#9aa29d', picture: '#6d7772', control: '#56625d' }

/**
 * Paints a page as it is seen from far: grounds, pictures, and a bar for each text. Thousands of blocks take a few ms.
 * @param scale screen px for each px of the page
 * @param part what of the page the picture shows, px
 */
export function paintFar(context: CanvasRenderingContext2D, layout: PageLayout, scale: number, part: Rect) {
  context.clearRect(0, 0, part.w * scale, part.h * scale)
  eachBox(layout, (box, x, y) => {
    if (y > part.y + part.h || y + box.h < part.y) return
    const { content, look } = box.node
    const isLeaf = box.children.length === 0
    const shade =
      content.type === 'text'
        ? SHADES.words
        : content.type === 'picture' || content.type === 'icon'
          ? SHADES.picture
          : content.type === 'control'
            ? SHADES.control
            : (look.fill ?? (isLeaf ? undefined : ''))
    if (shade === undefined || shade === '') return
    context.fillStyle = shade
    const [left, top] = [(x - part.x) * scale, (y - part.y) * scale]
    context.fillRect(left, top, Math.max(1, box.w * scale), Math.max(0.75, box.h * scale))
  })
}
