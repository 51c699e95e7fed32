<script setup lang="ts">
import { ElButton, ElCheckbox, ElDialog, ElProgress } from 'element-plus'
import { computed, ref, watch } from 'vue'
import { planPage } from '@nolvex/core/draft/planPage'
import type { Page } from '@nolvex/core/site/page'
import { sectionsOf } from '@nolvex/core/site/pageChanges'
import { pagesInOrder } from '@nolvex/core/site/treeOrder'
import { useProject } from '../session/projectStore'
import { useStages } from '../stages/useStages'
import { useDrafting } from './useDrafting'

/** Draws all pages that have no drawing yet, or some of them, from the map: one change, which one undo takes back. */
const open = defineModel<boolean>({ required: true })
const project = useProject()
const { isDrawn } = useStages()
const { progress, draft, stop, sources } = useDrafting()
const without = ref<Set<string>>(new Set())
const isDone = ref(false)
watch(open, () => (isDone.value = false))

const waiting = computed(() =>
  open.value
    ? pagesInOrder(project.site.records.pages)
        .filter(({ page }) => page.kind !== 'external' && !isDrawn(page.id))
        .map(({ page, depth }) => ({ page, depth, says: saysOf(page) }))
    : [],
)
const chosen = computed(() => waiting.value.filter(({ page }) => !without.value.has(page.id)))

function saysOf(page: Page): string {
  const planned = planPage(sources(), page)
  const isGuessed = sectionsOf(project.site.records.sections, page.id).length === 0
  const names = planned.slice(1, -1).map(({ name }) => name)
  return `${isGuessed ? 'guessed: ' : ''}${names.join(', ')}`
}

function toggle(page: string, isOn: boolean) {
  const next = new Set(without.value)
  if (isOn) next.delete(page)
  else next.add(page)
  without.value = next
}

async function begin() {
  isDone.value = await draft(chosen.value.map(({ page }) => page))
  if (isDone.value) open.value = false
}
const percent = computed(() =>
  progress.value ? Math.round((100 * progress.value.done) / Math.max(1, progress.value.of)) : 0,
)
</script>

<template>
  <ElDialog
    v-model="open"
    title="Draft pages from the map"
    width="640"
    append-to-body
    top="8vh"
    :close-on-click-modal="!progress"
  >
    <p class="soft">
      Each page is drawn at all bands from its sections, menus and content. Sections that are guessed are put
      on the map as well. One undo takes all of it back.
    </p>
    <ul v-if="waiting.length">
      <li v-for="{ page, depth, says } in waiting" :key="page.id" :style="{ paddingLeft: `${depth * 18}px` }">
        <ElCheckbox
          :model-value="!without.has(page.id)"
          :disabled="progress !== undefined"
          @change="toggle(page.id, $event as boolean)"
        >
          {{ page.title || 'Untitled' }}
        </ElCheckbox>
        <span class="soft">{{ says }}</span>
      </li>
    </ul>
    <p v-else>Every page has a drawing already. A page is drafted anew once its drawing is emptied.</p>
    <div v-if="progress" class="progress" role="status">
      <ElProgress :percentage="percent" :stroke-width="6" :show-text="false" />
      <span>{{ progress.done }} of {{ progress.of }} pages</span>
    </div>
    <div class="acts">
      <ElButton v-if="progress" @click="stop">Stop, change nothing</ElButton>
      <template v-else>
        <ElButton @click="open = false">Leave it</ElButton>
        <ElButton type="primary" :disabled="chosen.length === 0" @click="begin">
          {{ chosen.length === 1 ? 'Draft 1 page' : `Draft ${chosen.length} pages` }}
        </ElButton>
      </template>
    </div>
  </ElDialog>
</template>

<style scoped>
ul {
  max-height: 46vh;
  margin: 12px 0;
  padding: 0;
  overflow: auto;
  list-style: none;
}
li {
  display: flex;
  gap: 12px;
  align-items: center;
  border-bottom: 1px solid var(--hairline);
}
li > .soft {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.progress {
  display: flex;
  gap: 12px;
  align-items: center;
  margin: 8px 0;
}
.progress > :first-child {
  flex: 1;
}
.acts {
  display: flex;
  gap: 6px;
  justify-content: end;
}
</style>
