<script setup lang="ts">
import { ElSlider } from 'element-plus'

/** A number pulled along a line, or stepped with the arrow keys. */
defineProps<{ label: string; least: number; most: number; step?: number }>()
const value = defineModel<number>({ required: true })
</script>

<template>
  <ElSlider
    v-model="value"
    :min="least"
    :max="most"
    :step="step ?? 1"
    :aria-label="label"
    :show-tooltip="false"
  />
</template>
