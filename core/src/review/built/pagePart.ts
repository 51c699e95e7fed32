import type { Rect } from '../../snap/rect'

/** Something one sees on a page, drawn or built: px from the page's top left corner. */
export interface PagePart extends Rect {
  key: string
  name: string
  kind: 'text' | 'button' | 'picture' | 'control' | 'box'
  /** what it says, with all that stands in it, or what stands for a picture; white space as one space */
  words: string
  /** `#rrggbb`, of its words */
  colour?: string
  /** `#rrggbb`, of its ground; nothing where one sees through to a picture or a gradient */
  ground?: string
  /** px of its font, and how heavy it is */
  size?: number
  weight?: number
  /** its element's classes and its id, where it is built */
  marks?: string[]
}
