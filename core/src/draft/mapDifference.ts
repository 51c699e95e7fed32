import { kindOf, type Block } from '../block/block'
import { orderAt } from '../document/order'
import type { ContentItem } from '../content/content'
import type { Operation } from '../document/types'
import { inOrder } from '../document/tree'
import { putBlock } from '../drawing/drawing'
import type { Page } from '../site/site'
import { draftSection } from './draftPage'
import { planPage, type DraftSources, type PlannedSection } from './planPage'
import { itemsNotShown } from './sectionItems'

type Blocks = Record<string, Block>

/** Where a drawing does not say what the map plans: one step that would bring it there. */
export type Difference = { id: string; name: string } & (
  | { type: 'add'; planned: PlannedSection }
  | { type: 'take out'; block: string }
  | { type: 'move'; block: string }
  | { type: 'rename'; block: string; from: string }
  | { type: 'content'; block: string; item: ContentItem }
)

/**
 * How a page's drawing differs from the sections the map plans for it, from top to bottom: what is planned and not drawn,
 * drawn and planned no more, called otherwise, or in another place, and content it does not show. Sections of a drawing that are none of the map's are
 * left alone, and so is what stands in any of them.
 */
export function mapDifference(sources: DraftSources, page: Page, blocks: Blocks): Difference[] {
  const planned = planPage(sources, page).filter(({ section }) => section !== undefined)
  const drawn = inOrder(Object.values(blocks).filter(({ parent, section }) => !parent && section))
  const bySection = new Map(drawn.map((block) => [block.section as string, block]))
  const known = new Set(planned.map(({ section }) => section))
  const gone = drawn.filter(({ section }) => !known.has(section))
  const stays = keepsOrder(
    planned.flatMap(({ section }) => bySection.get(section as string) ?? []),
    drawn,
  )
  return [
    ...planned.flatMap((one): Difference[] => {
      const block = bySection.get(one.section as string)
      if (!block) return [{ id: `add ${one.section}`, name: one.name, type: 'add', planned: one }]
      const { id, name = '' } = block
      const renamed = name !== one.name
      return [
        ...(renamed
          ? [
              {
                id: `rename ${id} ${one.name}`,
                name: one.name,
                type: 'rename' as const,
                block: id,
                from: name,
              },
            ]
          : []),
        ...(stays.has(id) ? [] : [{ id: `move ${id}`, name: one.name, type: 'move' as const, block: id }]),
      ]
    }),
    ...drawn.flatMap((block) => contentToAdd(sources, page, blocks, block)),
    ...gone.map(({ id, name = 'A section' }): Difference => ({
      id: `take out ${id}`,
      name,
      type: 'take out',
      block: id,
    })),
  ]
}

/** Content items of a section that it does not show. */
function contentToAdd({ content }: DraftSources, page: Page, blocks: Blocks, section: Block): Difference[] {
  if (kindOf(section).expands) return []
  const inside = Object.values(blocks).filter((block) => standsIn(blocks, block, section.id))
  return itemsNotShown(content, page, section.section as string, inside).map((item) => ({
    id: `content ${item.id}`,
    name: item.title || 'Untitled',
    type: 'content',
    block: section.id,
    item,
  }))
}

function standsIn(blocks: Blocks, block: Block, outer: string): boolean {
  for (let up = block.parent; up; up = blocks[up]?.parent) if (up === outer) return true
  return false
}

/** Blocks that already stand among one another as planned: the most that can stay while the others move. */
function keepsOrder(planned: Block[], drawn: Block[]): Set<string> {
  const place = new Map(drawn.map(({ id }, index) => [id, index]))
  // Longest increasing subsequence, by dynamic programming: pages have few sections.
  const best = planned.map((): { length: number; before: number } => ({ length: 1, before: -1 }))
  const at = (index: number) => place.get(planned[index].id) as number
  for (let index = 0; index < planned.length; index++)
    for (let before = 0; before < index; before++)
      if (at(before) < at(index) && best[before].length + 1 > best[index].length)
        best[index] = { length: best[before].length + 1, before }
  const kept = new Set<string>()
  let here = best.reduce((most, one, index) => (one.length > (best[most]?.length ?? 0) ? index : most), -1)
  for (; here >= 0; here = best[here].before) kept.add(planned[here].id)
  return kept
}

/** The change that applies one difference to the drawing; what was drawn by hand in other sections stays as it is. */
export function applyDifference(
  sources: DraftSources,
  page: Page,
  blocks: Blocks,
  difference: Difference,
  newId: () => string,
): Operation[] {
  const set = (id: string, path: string[], value: string): Operation => {
    return { type: 'set', collection: 'blocks', id, path, value }
  }
  switch (difference.type) {
    case 'rename':
      return [set(difference.block, ['name'], difference.name)]
    case 'take out':
      return [{ type: 'remove', collection: 'blocks', id: difference.block }]
    case 'move': {
      const { section } = blocks[difference.block]
      const { key, others } = placeFor(sources, page, blocks, section as string)
      return [...others, set(difference.block, ['order'], key)]
    }
    case 'content': {
      const { item, block: parent } = difference
      const inside = inOrder(Object.values(blocks).filter((block) => block.parent === parent))
      const { keys } = orderAt(inside, inside.length)
      const kind = item.kind === 'picture' ? 'picture' : 'text'
      return [putBlock({ id: newId(), order: keys[0], parent, kind, content: { item: item.id } })]
    }
    case 'add': {
      const { planned } = difference
      const { key, others } = placeFor(sources, page, blocks, planned.section as string)
      return [...others, ...draftSection(sources, page, planned, key, newId).map(putBlock)]
    }
  }
}

/** An order key after the nearest section above that is drawn, with what must be numbered anew for it. */
function placeFor(sources: DraftSources, page: Page, blocks: Blocks, section: string) {
  const planned = planPage(sources, page).map((one) => one.section)
  const above = planned.slice(0, planned.indexOf(section)).reverse()
  const tops = inOrder(Object.values(blocks).filter((block) => !block.parent && block.section !== section))
  const nearest = above
    .map((one) => tops.findIndex((block) => block.section === one))
    .find((index) => index >= 0)
  const { keys, renumbered } = orderAt(tops, (nearest ?? -1) + 1, 1)
  const others = renumbered.map(({ id, order }): Operation => {
    return { type: 'set', collection: 'blocks', id, path: ['order'], value: order }
  })
  return { key: keys[0], others }
}
