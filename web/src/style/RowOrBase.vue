<script setup lang="ts">
import LineInput from '../forms/LineInput.vue'
import TroubleNote from '../forms/TroubleNote.vue'

/** Several figures typed in one row, or worked out by what stands beside it. */
defineProps<{ label: string; value: string; placeholder: string; trouble: string }>()
const emit = defineEmits<{ typed: [text: string] }>()
</script>

<template>
  <div class="row-or-base">
    <label
      >{{ label }}
      <LineInput
        :label="label"
        :value="value"
        :placeholder="placeholder"
        :keeps="trouble !== ''"
        @change="emit('typed', $event)"
    /></label>
    <span class="soft or">or</span>
    <slot />
    <TroubleNote class="trouble" :says="trouble" />
  </div>
</template>

<style scoped>
.row-or-base {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: end;
}
label {
  display: grid;
  flex: 1 1 180px;
  gap: 2px;
  color: var(--soft);
}
.or {
  padding-bottom: 4px;
}
.row-or-base :deep(.figure-field) {
  width: 72px;
}
.trouble {
  flex: 1 0 100%;
}
</style>
