<script setup lang="ts">
import { ElSelect } from 'element-plus'
import { computed, nextTick, ref } from 'vue'
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
const root = ref<HTMLElement>()
/** A field takes several ms to make; until somebody comes to it, its look stands for it. */
const isAwake = ref(false)
const words = computed(() => props.options[props.value ?? ''] ?? props.value ?? '')

async function wake(isOpening: boolean) {
  if (props.disabled) return
  isAwake.value = true
  await nextTick()
  root.value?.querySelector('input')?.focus()
  if (isOpening) root.value?.querySelector<HTMLElement>('.el-select__wrapper')?.click()
}

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
  <span ref="root" class="select-field">
    <span v-if="!isAwake" class="el-select">
      <span
        class="el-select__wrapper"
        :class="{ 'is-disabled': disabled }"
        role="combobox"
        aria-haspopup="listbox"
        aria-expanded="false"
        :aria-label="label"
        :aria-disabled="disabled || undefined"
        :tabindex="disabled ? -1 : 0"
        @focus="wake(false)"
        @mousedown.prevent
        @click="wake(true)"
      >
        <span class="el-select__selection">
          <span
            class="el-select__selected-item el-select__placeholder"
            :class="{ 'is-transparent': !value }"
            >{{ words || placeholder || '\u00a0' }}</span
          >
        </span>
        <span class="el-select__suffix"><i class="el-icon el-select__caret" /></span>
      </span>
    </span>
    <!-- Its list is made when it is first opened; until then it knows no labels, so they come by slot. -->
    <ElSelect
      v-else
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
      <template #label>{{ words }}</template>
    </ElSelect>
  </span>
</template>

<style scoped>
.select-field {
  display: block;
  min-width: 0;
}
</style>
