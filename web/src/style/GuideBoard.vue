<script setup lang="ts">
import AtWork from './AtWork.vue'

/** A view of the style guide: its sections, and beside them the guide at work. */
</script>

<template>
  <div class="board guide-board"><slot /></div>
  <aside class="side-panel broad" aria-label="At work"><AtWork /></aside>
</template>

<style scoped>
.guide-board {
  display: grid;
  gap: 16px;
  align-content: start;
}
.side-panel.broad {
  width: 380px;
}
</style>
