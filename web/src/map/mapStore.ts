import { useStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, ref } from 'vue'
import { pageAddresses } from '@nolvex/core/site/address'
import { clickDepths, waysOf } from '@nolvex/core/site/reach'
import { pagesInOrder } from '@nolvex/core/site/treeOrder'
import { useProject } from '../session/projectStore'

/** How the tree is drawn; kept in this browser. */
export interface TreeLook {
  direction: 'down' | 'across'
  connectors: 'straight' | 'stepped' | 'curved'
  heavy: boolean
  menus: boolean
}

/** What the views of the map share: the selected page, how the tree looks, and what follows from the site. */
export const useMap = defineStore('map', () => {
  const project = useProject()
  const selected = ref<string>()
  const renaming = ref<string>()
  const journey = ref<string>()
  /** pages whose branch is folded away */
  const folded = ref<ReadonlySet<string>>(new Set())
  /** the page whose branch is brought forward while the rest fades */
  const forward = ref<string>()
  const look = useStorage<TreeLook>('nolvex-map-look', {
    direction: 'down',
    connectors: 'stepped',
    heavy: false,
    menus: false,
  })

  const site = computed(() => project.site.records)
  const pages = computed(() => site.value.pages)
  const addresses = computed(() => pageAddresses(pages.value))
  const ways = computed(() => waysOf(site.value))
  const clicks = computed(() => clickDepths(ways.value))
  const titleOf = (id: string | undefined) => (id && pages.value[id]?.title) || 'Untitled'
  /** page titles by id in the order of the tree, for choices */
  const choices = computed(() =>
    Object.fromEntries(pagesInOrder(pages.value).map(({ page: { id, title } }) => [id, title || 'Untitled'])),
  )

  function toggleFold(id: string) {
    const next = new Set(folded.value)
    if (!next.delete(id)) next.add(id)
    folded.value = next
  }

  return {
    selected,
    renaming,
    journey,
    folded,
    forward,
    look,
    site,
    pages,
    addresses,
    ways,
    clicks,
    choices,
    titleOf,
    toggleFold,
  }
})
