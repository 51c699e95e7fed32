<script setup lang="ts">
import { ElButton } from 'element-plus'
import { entryLabel } from '@nolvex/core/site/menuChanges'
import type { MenuEntry } from '@nolvex/core/site/menu'
import PickField from '../forms/PickField.vue'
import TextField from '../forms/TextField.vue'
import { useProject } from '../session/projectStore'
import { useMap } from './mapStore'

/** The selected line of a menu: what it says, where it leads, and its place. */
const props = defineProps<{ entry: MenuEntry }>()
const emit = defineEmits<{ shift: [by: -1 | 1]; in: []; out: []; remove: [] }>()
const project = useProject()
const map = useMap()
const set = (field: string, value: string | undefined) =>
  project.setSite('Change a menu line', 'menuEntries', props.entry.id, [field], value)
</script>

<template>
  <aside class="side-panel" aria-label="The selected line">
    <h3>{{ entryLabel(entry, map.pages) }}</h3>
    <TextField
      label="Label in this menu"
      :value="entry.label"
      :placeholder="entry.page ? map.titleOf(entry.page) : ''"
      :max="200"
      @change="set('label', $event)"
    />
    <PickField
      clearable
      label="Leads to"
      :value="entry.page"
      :choices="map.choices"
      none="no page"
      @change="set('page', $event)"
    />
    <TextField
      v-if="!entry.page"
      label="Address"
      :value="entry.address"
      :max="2000"
      @change="set('address', $event)"
    />
    <span class="steps">
      <ElButton @click="emit('shift', -1)">Up</ElButton>
      <ElButton @click="emit('shift', 1)">Down</ElButton>
      <ElButton @click="emit('in')">In</ElButton>
      <ElButton @click="emit('out')">Out</ElButton>
    </span>
    <ElButton @click="emit('remove')">Take it out</ElButton>
  </aside>
</template>

<style scoped>
.steps {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: 4px;
}
.steps .el-button {
  padding: 0;
}
</style>
