<script setup lang="ts">
import type { Rect } from '@nolvex/core/snap/rect'
import { placeAt } from './place'

/** The edge of the block under the pointer. */
defineProps<{ rect: Rect; zoom: number }>()
</script>

<template>
  <div class="hovered" :style="placeAt(rect, zoom)" />
</template>

<style scoped>
.hovered {
  position: absolute;
  outline: 1px solid var(--slate);
  pointer-events: none;
}
</style>
