<script setup lang="ts">
import { ElButton, ElInput, type InputInstance } from 'element-plus'
import { nextTick, ref, watch } from 'vue'
import type { Page, Section } from '@nolvex/core/site/site'
import { MOST_LINES } from './cardSize'

const props = defineProps<{
  page: Page
  address: string
  sections: Section[]
  /** names of menus it stands in, and how far it has come */
  marks: { menus: string; progress: string }
  selected: boolean
  renaming: boolean
  faded: boolean
  found: boolean
  /** only the head is shown */
  flat: boolean
  /** px the title is written in where the map is so small that nothing else could be read */
  titleOnly?: number
  /** pages folded away below it */
  folded?: number
  /** numbers of the stops a journey makes here */
  stops?: string
  target?: 'before' | 'inside' | 'after'
}>()
const emit = defineEmits<{ rename: [title: string]; done: []; fold: [] }>()
const field = ref<InputInstance>()
const typed = ref('')

watch(
  () => props.renaming,
  async (renaming) => {
    if (!renaming) return
    typed.value = props.page.title
    await nextTick()
    field.value?.focus()
    field.value?.select()
  },
  { immediate: true },
)

function finish(keep: boolean) {
  if (!props.renaming) return
  const title = typed.value.trim()
  if (keep && title !== props.page.title) emit('rename', title)
  emit('done')
}

const kinds = { outside: 'outside the tree', external: 'external' }
</script>

<template>
  <div
    class="card"
    :class="[
      { selected, faded, found, flat, many: page.template, apart: page.kind, 'title-only': titleOnly },
      target,
    ]"
    :style="titleOnly ? { '--title': `${titleOnly}px` } : undefined"
  >
    <span v-if="stops" class="stops">{{ stops }}</span>
    <ElInput
      v-if="renaming"
      ref="field"
      v-model="typed"
      class="rename"
      maxlength="500"
      dir="auto"
      aria-label="Title of the page"
      @pointerdown.stop
      @keydown.enter.prevent.stop="finish(true)"
      @keydown.esc.prevent.stop="finish(false)"
      @blur="finish(true)"
    />
    <b v-else dir="auto">{{ page.title || 'Untitled' }}</b>
    <span v-if="!titleOnly" class="address">{{ page.kind ? kinds[page.kind] : address }}</span>
    <span v-if="!titleOnly" class="marks">
      <span class="menus">{{ page.template ? page.template.each : marks.menus }}</span>
      <span>{{ marks.progress }}</span>
    </span>
    <ul v-if="sections.length && !flat && !titleOnly">
      <li
        v-for="section in sections.slice(0, MOST_LINES)"
        :key="section.id"
        :class="{ service: section.source === 'service', common: !section.page }"
      >
        <span dir="auto">{{ section.name }}</span><em v-if="section.source === 'service'">service</em>
      </li>
      <li v-if="sections.length > MOST_LINES">and {{ sections.length - MOST_LINES }} more</li>
    </ul>
    <ElButton
      v-if="folded !== undefined"
      class="fold"
      :aria-label="folded ? `Unfold ${folded} pages below ${page.title}` : `Fold the branch of ${page.title}`"
      @pointerdown.stop
      @click.stop="emit('fold')"
    >
      {{ folded ? `+${folded}` : '–' }}
    </ElButton>
  </div>
</template>

<style scoped>
.card {
  position: relative;
  width: 132px;
  height: 100%;
  padding: 4px 0 0;
  background: var(--paper);
  border: 1px solid var(--ink);
  cursor: grab;
  user-select: none;
}
.card.apart {
  border-style: dashed;
}
.card.many {
  box-shadow:
    3px 3px 0 -1px var(--paper),
    3px 3px 0 0 var(--ink);
}
.card.selected {
  outline: 2px solid var(--pine);
}
.card.found {
  background: #fff3d6;
}
.card.faded {
  opacity: 0.25;
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
.address,
.marks {
  display: block;
  overflow: hidden;
  padding: 0 7px;
  text-overflow: ellipsis;
  white-space: nowrap;
}
b {
  line-height: 17px;
}
.card.title-only {
  display: grid;
  place-content: center stretch;
  padding: 0;
}
.title-only b {
  display: -webkit-box;
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 3;
  font-size: var(--title);
  line-height: 1.15;
  text-align: center;
  white-space: normal;
  overflow-wrap: anywhere;
}
.address,
.marks {
  color: var(--soft);
  font-size: 10px;
  line-height: 14px;
}
.marks {
  display: flex;
  gap: 6px;
  justify-content: space-between;
}
.menus {
  overflow: hidden;
  text-overflow: ellipsis;
}
.rename {
  width: 118px;
  height: 17px;
  margin: 0 6px;
}
.rename :deep(.el-input__wrapper) {
  padding: 0 2px;
}
.rename :deep(.el-input__inner) {
  height: 17px;
  font-weight: 700;
}
ul {
  margin: 3px 0;
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
.common {
  color: var(--soft);
}
.service {
  background: repeating-linear-gradient(135deg, transparent 0 4px, var(--hairline) 4px 5px);
}
.service span {
  background: var(--paper);
}
em {
  float: right;
  padding-left: 4px;
  background: var(--paper);
  color: var(--slate);
  font-style: normal;
}
.fold.el-button {
  position: absolute;
  bottom: -17px;
  left: 50%;
  transform: translateX(-50%);
  min-width: 18px;
  height: 16px;
  padding: 0 3px;
  background: var(--paper);
  border: 1px solid var(--edge);
  font-size: 10px;
  line-height: 12px;
  cursor: pointer;
}
.flat .fold.el-button {
  top: 50%;
  right: -22px;
  bottom: auto;
  left: auto;
  transform: translateY(-50%);
}
.stops {
  position: absolute;
  top: -10px;
  left: -8px;
  padding: 0 5px;
  background: var(--slate);
  color: #fff;
  font-weight: 700;
  font-size: 11px;
  line-height: 17px;
}
</style>
