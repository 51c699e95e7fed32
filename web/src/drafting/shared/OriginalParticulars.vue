<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { nameOf, type Block } from '@nolvex/core/block/block'
import { valuesOf } from '@nolvex/core/resolve/scope'
import { CHILDREN, type Shared } from '@nolvex/core/style/shared'
import LineInput from '../../forms/LineInput.vue'
import { useProject } from '../../session/projectStore'

/** An original with nothing selected in it: what copies may say otherwise, by the names they see it under. */
const props = defineProps<{ shared: Shared; blocks: Record<string, Block> }>()
const project = useProject()
const values = computed(() =>
  valuesOf(project.style, props.shared.id).filter(({ leaf }) => leaf !== CHILDREN),
)
const whereOf = (block: string) =>
  props.blocks[block] ? nameOf(props.blocks[block]) : 'a block that is gone'

function change(label: string, id: string, name?: string) {
  const collection = 'sharedValues'
  const operation = name
    ? { type: 'set' as const, collection, id, path: ['label'], value: name }
    : { type: 'remove' as const, collection, id }
  project.change(label, [{ document: project.style.id, kind: 'style', operations: [operation] }])
}
</script>

<template>
  <h2 dir="auto">{{ shared.name }}</h2>
  <p class="soft">The original. Click a block in it; what you change, all copies follow.</p>
  <h3>What copies may say otherwise</h3>
  <p v-if="values.length === 0" class="soft">
    Nothing yet. Choose “Only this one” below and change something: it gets a name here.
  </p>
  <div v-for="{ id, label, block } in values" :key="id" class="value">
    <LineInput
      :label="`Name of a value of ${whereOf(block)}`"
      :value="label"
      :max="100"
      @change="$event && change('Rename value', id, $event)"
    />
    <ElButton
      link
      :aria-label="`Let ${label} be the same for all`"
      title="The same for all again"
      @click="change(`Let ${label} be the same for all`, id)"
      >×</ElButton
    >
  </div>
</template>

<style scoped>
.value {
  display: flex;
  gap: 4px;
}
.value > :first-child {
  flex: 1;
}
</style>
