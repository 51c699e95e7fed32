<script setup lang="ts">
import { ElButton } from 'element-plus'
import type { Block } from '@nolvex/core/block/block'
import PatternPicture from './PatternPicture.vue'

/** A pattern drawn small, to be looked at or put at once. */
defineProps<{ label: string; blocks: Block[]; band: { id: string; drawnAt: number }; isLooked: boolean }>()
const emit = defineEmits<{ look: []; put: [] }>()
</script>

<template>
  <ElButton class="card" :aria-pressed="isLooked" @click="emit('look')" @dblclick="emit('put')">
    <span class="picture">
      <PatternPicture :blocks="blocks" :band="band.id" :width="band.drawnAt" :label="label" />
    </span>
    <span dir="auto">{{ label }}</span>
  </ElButton>
</template>

<style scoped>
.card.el-button {
  display: block;
  height: auto;
  padding: 6px;
  margin: 0;
  font-weight: 400;
}
.card :deep(> span) {
  display: grid;
  gap: 6px;
}
.picture {
  display: block;
  height: 84px;
  overflow: hidden;
  background: #fff;
  pointer-events: none;
}
</style>
