/** One SVG element of a painted block, in px from the block's top left corner. */
export interface Shape {
  tag: 'rect' | 'path' | 'text' | 'image'
  attributes: Record<string, string | number>
  text?: string
}
