<script setup lang="ts">
import { ElButton } from 'element-plus'

/** Colours of the logo and of the mood, each to be chosen by pressing it. */
defineProps<{ label: string; value: string | undefined; colours: string[] }>()
const emit = defineEmits<{ choose: [hex: string] }>()
</script>

<template>
  <div v-if="colours.length" class="brand-colours" role="group" :aria-label="label">
    <span class="soft">from the logo and the mood</span>
    <ElButton
      v-for="hex in colours"
      :key="hex"
      text
      class="colour"
      :style="{ background: hex }"
      :title="hex"
      :aria-label="`${label} ${hex}`"
      :aria-pressed="hex === value"
      @click="emit('choose', hex)"
    />
  </div>
</template>

<style scoped>
.brand-colours {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  align-items: center;
}
.brand-colours .soft {
  flex: 1 0 100%;
}
.brand-colours .colour {
  width: 26px;
  height: 26px;
  margin: 0;
  padding: 0;
  border: 1px solid var(--edge);
}
.brand-colours .colour[aria-pressed='true'] {
  outline: 2px solid var(--ink);
  outline-offset: 1px;
}
</style>
