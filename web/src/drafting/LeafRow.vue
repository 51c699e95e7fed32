<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, inject } from 'vue'
import type { Json } from '@nolvex/core/document/types'
import { controls } from './fields/control'
import type { FieldState } from './fields/useFields'
import { draftingPage } from './usePage'

/** One field of the particulars, with a not-equal sign where this band has a value of its own. */
const props = defineProps<{
  state: FieldState
  /** what it differs from, where that is no band */
  from?: string
}>()
const emit = defineEmits<{
  write: [value: Json | undefined]
  trouble: [says: string]
  pictures: [files: File[]]
}>()
/** nothing where the particulars are those of a part of the style guide */
const page = inject(draftingPage, undefined)
const control = computed(() => controls[props.state.field.control.type])

/** What would show again: the value of the band it then comes from, or of the kind. */
const source = computed(() => {
  const { block, field } = props.state
  if (props.from || !page) return props.from
  return block ? page.sourceBeneath(block, field.path) : 'the band nearer the lead'
})
</script>

<template>
  <div
    class="leaf"
    :class="{ wide: control.isWide }"
    :data-field="state.field.isShortcut ? state.field.label : state.field.path.join('.')"
  >
    <span class="label">{{ state.field.label }}</span>
    <component
      :is="control.component"
      class="control"
      :state="state"
      @write="emit('write', $event)"
      @trouble="emit('trouble', $event)"
      @pictures="emit('pictures', $event)"
    />
    <ElButton
      v-if="state.differs"
      class="differs"
      link
      :title="`Differs from ${source}. Click to give it back.`"
      :aria-label="`${state.field.label} differs from ${source}: give it back`"
      @click="emit('write', undefined)"
    >
      ≠
    </ElButton>
  </div>
</template>

<style scoped>
.leaf {
  display: flex;
  gap: 6px;
  align-items: center;
  min-height: 30px;
  border-bottom: 1px dotted var(--edge);
}
.label {
  flex: 1;
  color: var(--soft);
  white-space: nowrap;
}
.control {
  flex: none;
  width: 116px;
}
.wide {
  flex-wrap: wrap;
  padding: 4px 0 6px;
}
.wide .label {
  flex: 1 0 100%;
  white-space: normal;
}
.wide .control {
  flex: 1;
  width: auto;
}
.leaf .differs {
  color: var(--ochre-text);
  font-weight: 700;
  font-size: 15px;
}
</style>
