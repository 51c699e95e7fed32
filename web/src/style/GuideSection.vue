<script setup lang="ts">
/** A part of a view of the style guide. */
defineProps<{ title: string }>()
</script>

<template>
  <section class="guide-section">
    <header>
      <h3>{{ title }}</h3>
      <slot name="acts" />
    </header>
    <slot />
  </section>
</template>

<style scoped>
.guide-section {
  display: grid;
  gap: 8px;
  min-width: 0;
  padding: 12px 16px;
  background: var(--paper);
  border: 1px solid var(--hairline);
}
header {
  display: flex;
  gap: 8px;
  align-items: center;
}
h3 {
  flex: 1;
}
</style>
