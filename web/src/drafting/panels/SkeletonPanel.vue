<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, onScopeDispose } from 'vue'
import { PageResolver } from '@nolvex/core/resolve/resolvePage'
import { skeletonOf } from '@nolvex/core/markup/skeleton'
import ChoiceField from '../../forms/ChoiceField.vue'
import { useProject } from '../../session/projectStore'
import { useDraftingPage } from '../useDraftingPage'
import { TINTED_BY, useSkeleton } from '../useSkeleton'

/** What the developer will find: the elements of the page with their classes, and their boxes over the page. */
const page = useDraftingPage()
const project = useProject()
const { by, deepest, shows, upTo } = useSkeleton()
onScopeDispose(() => (upTo.value = undefined))

const resolver = new PageResolver({ withHidden: false, as: 'mockup' })
const rows = computed(() => {
  const { page: id, band, pageState } = page
  const moment = { pageState: pageState.value }
  return skeletonOf(resolver.resolve(project.sources(id.value), band.value.id, moment))
})
const HOLDS: Record<string, string> = {
  blocks: 'other boxes',
  text: 'words',
  picture: 'pictures',
  icon: 'icons',
  control: 'controls',
  shape: 'lines',
}
const depths = computed(() => {
  const most = rows.value.reduce((deep, { depth }) => Math.max(deep, depth), 0)
  return Object.fromEntries(Array.from({ length: most }, (_, depth) => [String(depth), `${depth + 1} deep`]))
})
const listed = computed(() =>
  rows.value
    .filter(({ depth }) => deepest.value === undefined || depth <= deepest.value)
    .filter((row) => shows.value === undefined || row.shows === shows.value),
)
const isSelected = (key: string) => page.selection.value.includes(key)

/** Shows one box more, from the first on, and selects it. */
function step(by: 1 | -1) {
  const now = (upTo.value ?? (by > 0 ? 0 : listed.value.length + 1)) + by
  upTo.value = Math.min(listed.value.length, Math.max(1, now))
  const row = listed.value[upTo.value - 1]
  if (row) page.select([row.key.split('/', 1)[0]])
}
</script>

<template>
  <div class="ways">
    <ChoiceField label="Tinted by" :value="by" :choices="TINTED_BY" @change="by = $event ?? 'depth'" />
    <ChoiceField
      label="Down to"
      :value="deepest === undefined ? undefined : String(deepest)"
      :choices="depths"
      none="the deepest"
      @change="deepest = $event === undefined ? undefined : Number($event)"
    />
    <ChoiceField
      label="Those that hold"
      :value="shows"
      :choices="HOLDS"
      none="anything"
      @change="shows = $event"
    />
    <div class="steps">
      <ElButton @click="step(-1)">Back</ElButton>
      <ElButton @click="step(1)">One more</ElButton>
      <ElButton v-if="upTo !== undefined" link @click="upTo = undefined">All of them</ElButton>
      <span v-if="upTo !== undefined" class="soft">{{ upTo }} of {{ listed.length }}</span>
    </div>
  </div>
  <ol class="skeleton" aria-label="Elements of the page">
    <li
      v-for="row in listed"
      :key="row.key"
      :class="{ selected: isSelected(row.key) }"
      :style="{ paddingLeft: `${4 + row.depth * 10}px` }"
    >
      <ElButton link @click="page.select([row.key.split('/', 1)[0]])">
        <code
          >{{ row.element }}<b>.{{ row.className }}</b></code
        >
        <span class="soft" dir="auto">{{ row.name }}</span>
      </ElButton>
    </li>
  </ol>
</template>

<style scoped>
.ways {
  display: grid;
  gap: 6px;
  margin-bottom: 10px;
}
.steps {
  display: flex;
  gap: 6px;
  align-items: center;
}
.skeleton {
  margin: 0;
  padding: 0;
  font-size: 12px;
  list-style: none;
}
li.selected {
  background: var(--pine-tint);
}
.el-button {
  display: flex;
  justify-content: flex-start;
  width: 100%;
  height: 22px;
}
.el-button :deep(span) {
  gap: 8px;
  overflow: hidden;
}
code {
  flex: none;
}
b {
  font-weight: 600;
}
</style>
