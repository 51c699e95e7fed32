<script setup lang="ts">
import { computed, inject } from 'vue'
import type { Target } from '@nolvex/core/block/target'
import type { Json } from '@nolvex/core/document/types'
import { inOrder } from '@nolvex/core/document/tree'
import FilePick from '../../forms/FilePick.vue'
import SelectField from '../../forms/SelectField.vue'
import { FILE_TYPES } from '../../pictures/pictureTypes'
import { api } from '../../session/api'
import { useProject } from '../../session/projectStore'
import type { ControlEmits, ControlProps } from './control'
import { draftingPage } from '../usePage'
import { addressTyped } from './addressTyped'
import { STEP, usePageChoices } from './usePageChoices'

/** Where a link leads: a page of the map, one of its sections, its top, a typed address, or an overlay over the page. */
const props = defineProps<ControlProps>()
const emit = defineEmits<ControlEmits>()
const project = useProject()
const pages = usePageChoices()

const NOWHERE = 'nowhere'
const target = computed(() => props.state.value as unknown as Target | undefined)
const CLOSES = 'closes'
const TOP = 'top'
function nameOf(to: Target): string {
  if ('page' in to) return `page:${to.page}${to.section ? `:${to.section}` : ''}`
  if ('asset' in to) return `file:${to.asset}`
  if ('overlay' in to) return `overlay:${to.overlay}`
  if ('top' in to) return TOP
  return 'closes' in to ? CLOSES : to.address
}
const choice = computed(() => (target.value ? nameOf(target.value) : undefined))

const GONE: Record<string, string> = { page: 'a page that is gone', overlay: 'an overlay that is gone' }
const page = inject(draftingPage, undefined)
const isInOverlay = computed(() => page?.overlay.value !== undefined)

const sectionsOf = (page: string) =>
  inOrder(Object.values(project.site.records.sections).filter((section) => section.page === page))

const options = computed(() => {
  const list = pages.value.flatMap(([id, label]) => [
    [`page:${id}`, label],
    ...sectionsOf(id).map(({ id: section, name }) => [
      `page:${id}:${section}`,
      `${/^\u2003*/.exec(label)?.[0] ?? ''}${STEP}· ${name || 'Untitled'}`,
    ]),
  ])
  const overlays = inOrder(Object.values(project.site.records.overlays)).map(({ id, name }) => [
    `overlay:${id}`,
    `${name}, over the page`,
  ])
  const here = isInOverlay.value ? [CLOSES, 'close this overlay'] : [TOP, 'back to the top of the page']
  list.push(...overlays, here)
  const own = choice.value
  const isKnown = own === undefined || list.some(([value]) => value === own)
  const to = target.value
  const words = to && 'asset' in to ? to.name : (GONE[own?.split(':', 1)[0] ?? ''] ?? own)
  return Object.fromEntries([[NOWHERE, 'nowhere'], ...list, ...(isKnown ? [] : [[own, words]])]) as Record<
    string,
    string
  >
})

function chosen(typed: string) {
  emit('trouble', '')
  if (typed === NOWHERE) return emit('write', undefined)
  if (typed.startsWith('page:')) {
    const [, page, section] = typed.split(':')
    return emit('write', section ? { page, section } : { page })
  }
  if (typed.startsWith('overlay:')) return emit('write', { overlay: typed.slice('overlay:'.length) })
  if (typed === CLOSES) return emit('write', { closes: true })
  if (typed === TOP) return emit('write', { top: true })
  if (typed.startsWith('file:')) return
  const address = addressTyped(typed)
  if (address) return emit('write', { address } as Json)
  emit(
    'trouble',
    `“${typed.trim()}” leads nowhere. Type https://…, an e-mail address, a telephone number, or a path such as /help.`,
  )
}

async function leadToFile([file]: File[]) {
  emit('trouble', '')
  try {
    const { id: asset, name } = await api.addFile(project.id, file)
    emit('write', { asset, name: name.slice(0, 300) })
  } catch (error) {
    emit('trouble', (error as Error).message)
  }
}
</script>

<template>
  <div class="target">
    <SelectField
      label="Leads to"
      :value="state.isMixed ? undefined : choice"
      :options="options"
      :placeholder="state.isMixed ? 'mixed' : 'Choose a page, or type an address'"
      filterable
      takes-other
      @change="chosen"
    />
    <FilePick words="Lead to a file…" :accept="FILE_TYPES" @files="leadToFile" />
  </div>
</template>

<style scoped>
.target {
  display: grid;
  gap: 4px;
}
</style>
