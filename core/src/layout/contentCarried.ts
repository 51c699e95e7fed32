import { eachBox, type PageLayout } from './pageLayout'

/** How much a page carries at one width. */
export interface ContentCarried {
  blocks: number
  words: number
  pictures: number
  /** px */
  height: number
}

/** Counts what a laid-out page shows: blocks without children, words of their texts, pictures, and its height. */
export function contentCarried(layout: PageLayout): ContentCarried {
  const carried = { blocks: 0, words: 0, pictures: 0, height: layout.height }
  eachBox(layout, ({ node }) => {
    if (node.children.length === 0) carried.blocks++
    const { content } = node
    if (content.type === 'picture') carried.pictures++
    if (content.type !== 'text') return
    for (const { text } of content.runs) carried.words += text.match(/\S+/g)?.length ?? 0
  })
  return carried
}
