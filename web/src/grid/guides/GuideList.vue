<script setup lang="ts">
import { ElButton, ElCheckbox } from 'element-plus'
import { guideWords, type Guide } from '@nolvex/core/grid/guide'
import LineInput from '../../forms/LineInput.vue'
import { useProject } from '../../session/projectStore'

/** Guides that stand on pages and bands: moved by typing, locked, hidden and cleared. */
defineProps<{ guides: Guide[]; where: (guide: Guide) => string }>()
const emit = defineEmits<{ move: [guide: Guide, text: string] }>()
const project = useProject()

const TOGGLES = { locked: ['Lock a guide', 'Unlock a guide'], hidden: ['Hide a guide', 'Show a guide'] }
const toggle = (guide: Guide, field: 'locked' | 'hidden') =>
  project.setSite(
    TOGGLES[field][guide[field] ? 1 : 0],
    'guides',
    guide.id,
    [field],
    guide[field] ? undefined : true,
  )
const clear = ({ id }: Guide) =>
  project.changeSite('Clear a guide', [{ type: 'remove', collection: 'guides', id }])
</script>

<template>
  <ul class="guide-list">
    <li v-for="guide in guides" :key="guide.id">
      <span class="soft"
        >{{ guide.axis === 'x' ? 'from the left' : 'from the top' }}, {{ where(guide) }}</span
      >
      <LineInput
        class="bare"
        label="Where it lies"
        :value="guideWords(guide.at)"
        :max="60"
        @change="emit('move', guide, $event)"
      />
      <span class="do">
        <ElCheckbox :model-value="guide.locked" @change="toggle(guide, 'locked')">locked</ElCheckbox>
        <ElCheckbox :model-value="guide.hidden" @change="toggle(guide, 'hidden')">hidden</ElCheckbox>
        <ElButton link @click="clear(guide)">Clear</ElButton>
      </span>
    </li>
  </ul>
</template>

<style scoped>
.guide-list {
  display: grid;
  gap: 6px;
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  display: grid;
  padding-bottom: 4px;
  border-bottom: 1px solid var(--hairline);
}
.do {
  display: flex;
  gap: 14px;
  align-items: center;
}
.do .el-button {
  margin-left: auto;
}
</style>
