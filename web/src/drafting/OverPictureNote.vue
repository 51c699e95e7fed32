<script setup lang="ts">
import { computed } from 'vue'
import { useDraftingPage } from './useDraftingPage'
import { usePictureContrast } from './usePictureContrast'

/** For a text that stands on a picture: how well it is read there, at this band. */
const page = useDraftingPage()
const { found } = usePictureContrast(page)
const shown = computed(() => found.value.find(({ key }) => key === page.selection.value[0]))
</script>

<template>
  <p v-if="shown" class="over" :class="{ weak: shown.least < shown.wanted }">
    Over the picture: {{ shown.least.toFixed(1) }} to 1 at its weakest,
    {{ shown.least < shown.wanted ? `${shown.wanted} wanted` : 'well read' }}.
  </p>
</template>

<style scoped>
.over {
  margin: 0;
  color: var(--soft);
}
.weak {
  color: var(--brick);
}
</style>
