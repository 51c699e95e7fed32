import { leafShownBy, type Block } from '../block/block'
import type { ContentDocument, ContentItem } from '../content/content'
import { plainText } from '../document/richText'
import type { Page } from '../site/site'

type Written = ContentItem & { text: string }

/** The content items of one section, by what they are for there. */
export interface SectionItems {
  /** the first short words head it, the first long ones say what it is about */
  heading?: Written
  text?: Written
  parts: Written[]
  /** text that is planned and not there yet */
  missing: ContentItem[]
  pictures: ContentItem[]
}

const LONGEST_HEADING = 80

/** The content items of a section of a page. */
export function itemsOf({ records }: ContentDocument, page: Page, section: string | undefined): SectionItems {
  const own = Object.values(records.items)
    .filter((item) => item.page === page.id && item.section !== undefined && item.section === section)
    .sort((a, b) => a.number - b.number)
  const written = own.filter((item): item is Written => item.kind === 'text' && Boolean(item.text))
  const heading = written.find(({ text }) => text.length <= LONGEST_HEADING)
  const text = written.find((item) => item !== heading)
  return {
    heading,
    text,
    parts: written.filter((item) => item !== heading && item !== text),
    missing: own.filter((item) => item.kind === 'text' && !item.text),
    pictures: own.filter(({ kind }) => kind === 'picture'),
  }
}

/**
 * Blocks of a section that show its content items: those that say an item's words follow the item from now on; words
 * that are planned only take the place of words that stand in.
 */
export function bindContent(blocks: Block[], items: SectionItems): Block[] {
  const { heading, text, parts } = items
  const said = [heading, text, ...parts].filter((item) => item !== undefined)
  const waiting = [...items.missing]
  const pictures = [...items.pictures]
  return blocks.map((block) => {
    if (leafShownBy(block, 'picture')) {
      const picture = block.kind === 'picture' ? pictures.shift() : undefined
      return picture ? { ...block, content: { item: picture.id } } : block
    }
    const words = plainText(block.text)
    const item = words ? said.find((one) => one.text === words) : undefined
    const { text, ...silent } = block
    if (item) return { ...silent, content: { item: item.id } }
    const isParagraph = block.kind === 'text' && block.tag === undefined && words.length > LONGEST_HEADING / 2
    const missing = isParagraph ? waiting.shift() : undefined
    return missing ? { ...block, content: { item: missing.id }, wanted: words.length } : block
  })
}

/** Content items of a section that no block of it shows. */
export function itemsNotShown(
  content: ContentDocument,
  page: Page,
  section: string,
  blocks: Block[],
): ContentItem[] {
  const shown = new Set(
    blocks.flatMap((block) => (block.content && 'item' in block.content ? [block.content.item] : [])),
  )
  return Object.values(content.records.items)
    .filter((item) => item.page === page.id && item.section === section)
    .filter(({ id, kind }) => (kind === 'text' || kind === 'picture') && !shown.has(id))
    .sort((a, b) => a.number - b.number)
}
