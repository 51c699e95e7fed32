<script setup lang="ts">
import { ElSelect } from 'element-plus'
import { computed, ref } from 'vue'
import { startingWith } from './startingWith'

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
  disabled?: boolean
}>()
const emit = defineEmits<{ change: [value: string] }>()
const list = computed(() => Object.entries(props.options).map(([value, label]) => ({ value, label })))
const isOpen = ref(false)

/** Space opens the list, letters go to the next choice that begins with them; the library knows neither. */
function keyed(event: KeyboardEvent) {
  if (props.filterable || isOpen.value || event.ctrlKey || event.metaKey || event.altKey) return
  if (event.key === ' ') {
    event.preventDefault()
    event.stopPropagation()
    ;(event.target as HTMLElement).click()
  } else if (event.key.length === 1) {
    const next = startingWith(list.value, props.value, event.key)
    if (next !== undefined && next !== props.value) emit('change', next)
  }
}
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
    :disabled="disabled"
    @visible-change="isOpen = $event"
    @keydown.capture="keyed"
    @update:model-value="emit('change', $event as string)"
  >
    <template #label>{{ options[value ?? ''] ?? value }}</template>
  </ElSelect>
</template>
