<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import type { GuideSet } from '@nolvex/core/grid/guide'
import { writeGuideSet } from '@nolvex/core/formats/guideSetFile'
import { saveFile } from '../../forms/saveFile'
import TextField from '../../forms/TextField.vue'
import { useProject } from '../../session/projectStore'

/** Sets of guides kept under a name, to be put on other pages and bands. */
const emit = defineEmits<{ put: [set: GuideSet, replacing: boolean] }>()
const project = useProject()
const sets = computed(() => Object.values(project.site.records.guideSets))
const remove = ({ id }: GuideSet) =>
  project.changeSite('Delete a set of guides', [{ type: 'remove', collection: 'guideSets', id }])
</script>

<template>
  <p v-if="sets.length === 0" class="soft">
    None yet. Keep the guides that stand on the page and band chosen, and put them on others.
  </p>
  <div v-for="set in sets" :key="set.id" class="set">
    <TextField
      label="Name of the set"
      hide-label
      :value="set.name"
      :max="100"
      @change="$event && project.setSite('Rename a set', 'guideSets', set.id, ['name'], $event)"
    />
    <span class="soft">{{ set.guides.length === 1 ? '1 guide' : `${set.guides.length} guides` }}</span>
    <span class="do">
      <ElButton link @click="emit('put', set, false)">Put</ElButton>
      <ElButton link @click="emit('put', set, true)">Put instead</ElButton>
      <ElButton link @click="saveFile(`${set.name}.guides.json`, writeGuideSet(set), 'application/json')">
        Take away
      </ElButton>
      <ElButton link :aria-label="`Delete the set ${set.name}`" @click="remove(set)">Delete</ElButton>
    </span>
  </div>
</template>

<style scoped>
.set {
  display: grid;
  gap: 2px;
  padding-bottom: 6px;
  border-bottom: 1px solid var(--hairline);
}
.do {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 12px;
}
</style>
