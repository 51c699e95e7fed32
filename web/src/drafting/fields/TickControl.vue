<script setup lang="ts">
import { ElCheckbox } from 'element-plus'
import type { ControlEmits, ControlProps } from './control'

/** Yes or no. */
defineProps<ControlProps>()
const emit = defineEmits<ControlEmits>()
</script>

<template>
  <span class="tick">
    <span v-if="state.isMixed" class="soft">mixed</span>
    <ElCheckbox
      :model-value="state.value === true"
      :aria-label="state.field.label"
      @change="emit('write', $event === true ? true : false)"
    />
  </span>
</template>

<style scoped>
.tick {
  display: flex;
  gap: 6px;
  align-items: center;
  justify-content: flex-end;
}
</style>
