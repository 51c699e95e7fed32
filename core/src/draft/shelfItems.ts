import type { Block } from '../block/block'
import { plainLevel } from '../style/plainStyle'

/** Something the shelf offers: what a new block begins with. */
export interface ShelfItem {
  id: string
  label: string
  /** words it is also found by */
  also: string
  block: Pick<Block, 'kind'> & Partial<Block>
}

const text = (insert: string) => [{ insert }]

/** What can be put on a page. */
export const shelfItems: ShelfItem[] = [
  { id: 'section', label: 'Section', also: 'part band hero', block: { kind: 'section' } },
  { id: 'box', label: 'Box', also: 'group column row container', block: { kind: 'box' } },
  {
    id: 'heading',
    label: 'Heading',
    also: 'title h1 h2 headline',
    block: { kind: 'text', name: 'Heading', tag: 'h2', text: text('Heading') },
  },
  {
    id: 'text',
    label: 'Text',
    also: 'paragraph words copy',
    block: { kind: 'text', text: text('Words that say what this part of the page is for.') },
  },
  {
    id: 'lead',
    label: 'Lead text',
    also: 'intro paragraph',
    block: {
      kind: 'text',
      name: 'Lead',
      text: text('One or two sentences that lead in.'),
      look: { level: plainLevel('lead') },
    },
  },
  {
    id: 'picture',
    label: 'Picture',
    also: 'image photo illustration',
    block: { kind: 'picture', picture: { width: 640, height: 400, alt: '' } },
  },
  { id: 'button', label: 'Button', also: 'action', block: { kind: 'button', text: text('Do this') } },
]
