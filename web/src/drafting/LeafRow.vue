<script setup lang="ts">
import { computed } from 'vue'
import type { Block } from '@nolvex/core/block/block'
import { useDraftingPage } from './useDraftingPage'

const props = defineProps<{ block: Block; label: string; path: string[] }>()
const page = useDraftingPage()
const differs = computed(() => page.differs(props.block, props.path))

/** The band whose value would show again. */
const source = computed(
  () => page.bands.value.inOrder.find(({ id }) => id === page.bands.value.lead)?.name ?? '',
)
</script>

<template>
  <div class="row">
    <span class="label">{{ label }}</span>
    <slot />
    <button
      v-if="differs"
      class="differs"
      :title="`Differs from ${source}. Click to give it back.`"
      :aria-label="`${label} differs from ${source}: give it back`"
      @click="page.set(`Give back ${label}`, path, undefined, [block.id])"
    >
      ≠
    </button>
  </div>
</template>

<style scoped>
.row {
  display: flex;
  gap: 6px;
  align-items: center;
  min-height: 30px;
  border-bottom: 1px dotted var(--edge);
}
.label {
  flex: 1;
  color: var(--soft);
}
.differs {
  padding: 0 4px;
  border: 0;
  background: none;
  color: var(--ochre-text);
  font-weight: 700;
  font-size: 15px;
  cursor: pointer;
}
:slotted(input:not([type='checkbox'])),
:slotted(select) {
  max-width: 128px;
  height: 24px;
  padding: 0 4px;
  border: 1px solid transparent;
  border-radius: 2px;
  background-color: transparent;
  font-weight: 600;
  text-align: right;
}
:slotted(select) {
  padding-right: 20px;
}
:slotted(input:not([type='checkbox']):hover),
:slotted(select:hover),
:slotted(input:not([type='checkbox']):focus),
:slotted(select:focus) {
  border-color: var(--edge);
  background-color: #fff;
}
:slotted(input[type='text']) {
  width: 84px;
}
</style>
