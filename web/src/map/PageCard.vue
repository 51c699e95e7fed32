<script setup lang="ts">
import { nextTick, ref, watch } from 'vue'
import type { Page, Section } from '@nolvex/core/site/site'
import { MOST_LINES } from './cardSize'

const props = defineProps<{
  page: Page
  address: string
  sections: Section[]
  selected: boolean
  renaming: boolean
  target?: 'before' | 'inside' | 'after'
}>()
const emit = defineEmits<{ rename: [title: string]; done: [] }>()
const field = ref<HTMLInputElement>()

watch(
  () => props.renaming,
  async (renaming) => {
    if (!renaming) return
    await nextTick()
    field.value?.focus()
    field.value?.select()
  },
  { immediate: true },
)

function finish(keep: boolean) {
  if (!props.renaming) return
  const title = field.value?.value.trim() ?? ''
  if (keep && title !== props.page.title) emit('rename', title)
  emit('done')
}
</script>

<template>
  <div class="card" :class="[{ selected }, target]">
    <input
      v-if="renaming"
      ref="field"
      class="rename"
      :value="page.title"
      maxlength="500"
      aria-label="Title of the page"
      @pointerdown.stop
      @keydown.enter.prevent.stop="finish(true)"
      @keydown.esc.prevent.stop="finish(false)"
      @blur="finish(true)"
    />
    <b v-else dir="auto">{{ page.title || 'Untitled' }}</b>
    <span class="address">{{ address }}</span>
    <ul v-if="sections.length">
      <li v-for="section in sections.slice(0, MOST_LINES)" :key="section.id" dir="auto">
        {{ section.name }}
      </li>
      <li v-if="sections.length > MOST_LINES">and {{ sections.length - MOST_LINES }} more</li>
    </ul>
  </div>
</template>

<style scoped>
.card {
  width: 132px;
  padding: 4px 0 0;
  background: var(--paper);
  border: 1px solid var(--ink);
  cursor: grab;
  user-select: none;
}
.card.selected {
  outline: 2px solid var(--pine);
}
.card.inside {
  background: var(--pine-tint);
}
.card.before {
  box-shadow: -6px 0 0 var(--pine);
}
.card.after {
  box-shadow: 6px 0 0 var(--pine);
}
b,
.address {
  display: block;
  overflow: hidden;
  padding: 0 7px;
  text-overflow: ellipsis;
  white-space: nowrap;
}
b {
  line-height: 17px;
}
.address {
  color: var(--soft);
  font-size: 10px;
  line-height: 14px;
}
.rename {
  width: 118px;
  height: 17px;
  margin: 0 6px;
  padding: 0;
  border: 0;
  border-bottom: 1px solid var(--pine);
  background: #fff;
  font-weight: 700;
  line-height: 16px;
}
ul {
  margin: 2px 0 3px;
  padding: 0;
  list-style: none;
}
li {
  overflow: hidden;
  padding: 0 7px;
  border-top: 1px solid var(--hairline);
  font-size: 10px;
  line-height: 15px;
  text-overflow: ellipsis;
  white-space: nowrap;
}
</style>
