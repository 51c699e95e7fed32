<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { applyDifference, mapDifference, type Difference } from '@nolvex/core/draft/mapDifference'
import type { Page } from '@nolvex/core/site/page'
import PopPanel from '../forms/PopPanel.vue'
import { newId } from '../session/newId'
import { useProject } from '../session/projectStore'
import { useDrafting } from './useDrafting'

/** Where the drawing of a page does not say what the map plans, each step to be applied or left as it is. */
const props = defineProps<{ page: Page }>()
const project = useProject()
const { sources } = useDrafting()
const blocks = computed(() => project.drawing(props.page.id)?.records.blocks ?? {})
const all = computed(() =>
  Object.keys(blocks.value).length ? mapDifference(sources(), props.page, blocks.value) : [],
)
const refused = computed(() => props.page.refused ?? [])
const open = computed(() => all.value.filter(({ id }) => !refused.value.includes(id)))

const WORDS: Record<Difference['type'], string> = {
  add: 'planned, not drawn',
  'take out': 'drawn, no longer planned',
  move: 'planned elsewhere',
  rename: 'called so on the map',
  content: 'content that is not shown',
}
const DOES: Record<Difference['type'], string> = {
  add: 'Draw',
  'take out': 'Take out',
  move: 'Move',
  rename: 'Rename',
  content: 'Show',
}

function apply(one: Difference) {
  const label = `${DOES[one.type]} ${one.name}`
  const operations = applyDifference(sources(), props.page, blocks.value, one, newId)
  project.changeDrawing(label, props.page.id, operations)
}
const refuse = (one: Difference) =>
  project.setSite(
    `Leave ${one.name} as it is drawn`,
    'pages',
    props.page.id,
    ['refused'],
    [...refused.value, one.id],
  )
const ask = () => project.setSite('Ask again about the map', 'pages', props.page.id, ['refused'], undefined)
</script>

<template>
  <PopPanel
    v-if="all.length"
    :words="open.length ? `Map differs: ${open.length}` : 'Map differs'"
    :width="380"
  >
    <div class="difference">
      <p class="soft">
        The map plans this page otherwise than it is drawn. What was drawn by hand stays as it is.
      </p>
      <ul v-if="open.length">
        <li v-for="one in open" :key="one.id">
          <span>
            <b dir="auto">{{ one.name || 'Untitled' }}</b> <span class="soft">{{ WORDS[one.type] }}</span>
          </span>
          <ElButton link @click="apply(one)">{{ DOES[one.type] }}</ElButton>
          <ElButton link @click="refuse(one)">Leave it</ElButton>
        </li>
      </ul>
      <p v-else>All of it was left as it is drawn.</p>
      <ElButton v-if="open.length < all.length" link @click="ask">
        Ask again about {{ all.length - open.length }} left as drawn
      </ElButton>
    </div>
  </PopPanel>
</template>

<style scoped>
.difference {
  display: grid;
  gap: 8px;
  max-height: 60vh;
  overflow: auto;
}
ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  display: flex;
  gap: 8px;
  align-items: center;
  padding: 4px 0;
  border-bottom: 1px solid var(--hairline);
}
li > :first-child {
  flex: 1;
}
</style>
