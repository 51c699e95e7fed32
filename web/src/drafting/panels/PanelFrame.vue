<script setup lang="ts">
import { ElButton } from 'element-plus'
import { onMounted, onUnmounted, ref } from 'vue'
import { useDraftingPage } from '../useDraftingPage'

/** A list beside the page, with a way back to the particulars. */
defineProps<{ title: string }>()
const page = useDraftingPage()
const frame = ref<HTMLElement>()

onMounted(() => frame.value?.focus({ preventScroll: true }))
/** What the list shows on the page goes with it. */
onUnmounted(() => {
  page.marked.value = []
  page.landing.value = undefined
})
</script>

<template>
  <aside
    ref="frame"
    class="panel"
    tabindex="-1"
    :aria-label="title"
    @keydown.esc="page.panel.value = undefined"
  >
    <div class="head">
      <h2>{{ title }}</h2>
      <ElButton link title="Back to the particulars (Escape)" @click="page.panel.value = undefined"
        >Close</ElButton
      >
    </div>
    <slot />
  </aside>
</template>

<style scoped>
.panel {
  display: flex;
  flex-direction: column;
  gap: 8px;
  min-height: 100%;
  padding: 12px 14px 24px;
  background: var(--paper);
  outline: none;
}
.head {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
}
</style>
