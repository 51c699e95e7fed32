<script setup lang="ts">
import { computed } from 'vue'
import type { Json } from '@nolvex/core/document/types'
import { pagesInOrder } from '@nolvex/core/site/treeOrder'
import { isSafeLink } from '@nolvex/core/text/safeAddress'
import SelectField from '../../forms/SelectField.vue'
import { useProject } from '../../session/projectStore'
import type { ControlEmits, ControlProps } from './control'

/** Where a link leads: a page of the map, or a typed address. */
const props = defineProps<ControlProps>()
const emit = defineEmits<ControlEmits>()
const project = useProject()

type Target = { page: string } | { address: string }
const target = computed(() => props.state.value as unknown as Target | undefined)
const choice = computed(() => {
  if (!target.value) return undefined
  return 'page' in target.value ? `page:${target.value.page}` : target.value.address
})
const options = computed(() => {
  const { pages } = project.site.records
  const list = pagesInOrder(pages).map(({ page, depth }) => [
    `page:${page.id}`,
    `${'\u2003'.repeat(depth)}${page.title || 'Untitled'}`,
  ])
  const own = choice.value
  const isKnown = own === undefined || list.some(([value]) => value === own)
  const words = own?.startsWith('page:') ? 'a page that is gone' : own
  return Object.fromEntries([...list, ...(isKnown ? [] : [[own, words]])]) as Record<string, string>
})

function chosen(typed: string) {
  emit('trouble', '')
  if (typed.startsWith('page:')) return emit('write', { page: typed.slice(5) })
  const address = typed.trim()
  if (isSafeLink(address)) return emit('write', { address } as Json)
  emit('trouble', `“${address}” leads nowhere safe. Type https, mailto, tel, or a path such as /help.`)
}
</script>

<template>
  <SelectField
    label="Leads to"
    :value="state.isMixed ? undefined : choice"
    :options="options"
    :placeholder="state.isMixed ? 'mixed' : 'Choose a page, or type an address'"
    filterable
    takes-other
    @change="chosen"
  />
</template>
