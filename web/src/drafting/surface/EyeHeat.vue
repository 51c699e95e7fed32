<script setup lang="ts">
import type { HeatPicture } from '../../review/eye/useSeenAs'
import { placeAt } from './place'

/** What stands out by its pixels alone, over the first window of the page. */
defineProps<{ heat: HeatPicture; zoom: number }>()
</script>

<template>
  <img
    class="heat"
    :src="heat.address"
    :style="placeAt({ x: 0, y: 0, w: heat.width, h: heat.height }, zoom)"
    alt="What stands out: the warmer, the more"
  />
</template>

<style scoped>
.heat {
  position: absolute;
  pointer-events: none;
}
</style>
