import { computed } from 'vue'
import { connectorPath } from '@nolvex/core/site/connector'
import { sectionsShown } from '@nolvex/core/site/pageChanges'
import type { Page, Section } from '@nolvex/core/site/site'
import { treeLayout } from '@nolvex/core/site/treeLayout'
import { cardHeight, cardSize, flatCard } from './cardSize'
import { useMap } from './mapStore'

/** A page's card where it stands on the surface, px. */
export interface TreeCard {
  page: Page
  x: number
  y: number
  width: number
  height: number
  depth: number
  sections: Section[]
}

/** The cards of the tree as it is drawn now, and what joins them. */
export function useTreeCards() {
  const map = useMap()
  const sections = computed(() => sectionsShown(map.site))
  const cards = computed((): TreeCard[] => {
    const across = map.look.direction === 'across'
    return treeLayout(map.pages, across ? flatCard : cardSize, map.folded).map(({ page, x, y, depth }) => {
      const own = sections.value.get(page.id) ?? []
      const card = { page, depth, sections: own, width: cardSize.width }
      return across
        ? { ...card, x: y, y: x, height: flatCard.width }
        : { ...card, x, y, height: cardHeight(own.length) }
    })
  })
  const byId = computed(() => new Map(cards.value.map((card) => [card.page.id, card])))
  const extent = computed(() => ({
    width: cards.value.reduce((most, { x, width }) => Math.max(most, x + width), 0),
    height: cards.value.reduce((most, { y, height }) => Math.max(most, y + height), 0),
  }))

  /** The connector from its parent to a card. */
  function connector(card: TreeCard): string | undefined {
    const parent = card.page.parent ? byId.value.get(card.page.parent) : undefined
    if (!parent) return undefined
    const { direction, connectors } = map.look
    if (direction === 'across') {
      const from = { x: parent.x + parent.width, y: parent.y + parent.height / 2 }
      return connectorPath(connectors, from, { x: card.x, y: card.y + card.height / 2 }, direction)
    }
    const from = { x: parent.x + parent.width / 2, y: parent.y + parent.height }
    return connectorPath(connectors, from, { x: card.x + card.width / 2, y: card.y }, direction)
  }

  return { cards, byId, extent, connector }
}
