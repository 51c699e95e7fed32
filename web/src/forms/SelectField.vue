<script setup lang="ts">
import { ElSelect } from 'element-plus'
import { computed } from 'vue'

/** One choice of a few, or of many that are found by typing. */
const props = defineProps<{
  label: string
  value: string | undefined
  options: Readonly<Record<string, string>>
  placeholder?: string
  /** found by typing */
  filterable?: boolean
  /** what is typed may be taken though it is none of them */
  takesOther?: boolean
}>()
const emit = defineEmits<{ change: [value: string] }>()
const list = computed(() => Object.entries(props.options).map(([value, label]) => ({ value, label })))
</script>

<template>
  <!-- Its list is made when it is first opened; until then it knows no labels, so they come by slot. -->
  <ElSelect
    :model-value="value"
    :options="list"
    :persistent="false"
    :offset="3"
    :show-arrow="false"
    :aria-label="label"
    :placeholder="placeholder ?? ' '"
    :filterable="filterable"
    :allow-create="takesOther"
    :default-first-option="filterable"
    @update:model-value="emit('change', $event as string)"
  >
    <template #label>{{ options[value ?? ''] ?? value }}</template>
  </ElSelect>
</template>
