<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { useProject } from '../../session/projectStore'

/** All changes made in this window, newest first, with a way to any of them: those after it are undone. */
const project = useProject()
const steps = computed(() => {
  const { undo, redo } = project.view.history
  // What was undone comes before what stands: it is done again from the nearest on.
  const undone = redo.map(({ label }, at) => ({ label, isUndone: true, way: redo.length - at }))
  const done = undo.map(({ label }, at) => ({ label, isUndone: false, way: at + 1 - undo.length }))
  return [...undone, ...done.reverse()]
})

/** @param way steps to do again, or to undo where it is negative */
async function go(way: number) {
  for (let count = 0; count < Math.abs(way); count++) await (way > 0 ? project.redo() : project.undo())
}
</script>

<template>
  <p v-if="!steps.length" class="soft">Nothing was changed in this window yet.</p>
  <template v-else>
    <p class="soft">Newest first. Press one to go back to just after it, or forward again.</p>
    <ul>
      <li
        v-for="(step, index) in steps"
        :key="index"
        :class="{ undone: step.isUndone, here: step.way === 0 }"
      >
        <ElButton text :aria-current="step.way === 0 ? 'step' : undefined" @click="go(step.way)">
          <span dir="auto">{{ step.label }}</span>
          <small v-if="step.way === 0">now</small>
          <small v-else-if="step.isUndone">undone</small>
        </ElButton>
      </li>
      <li :class="{ here: !project.view.history.undo.length }">
        <ElButton text @click="go(-project.view.history.undo.length)">As the window was opened</ElButton>
      </li>
    </ul>
  </template>
</template>

<style scoped>
ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  border-left: 3px solid transparent;
}
.here {
  border-left-color: var(--pine);
  background: var(--pine-tint);
}
.undone :deep(span) {
  color: var(--soft);
}
.el-button {
  justify-content: start;
  width: 100%;
  font-weight: 400;
}
.el-button :deep(> span) {
  display: flex;
  gap: 8px;
  justify-content: space-between;
  width: 100%;
  overflow: hidden;
}
.el-button :deep(> span > span) {
  overflow: hidden;
  text-overflow: ellipsis;
}
small {
  color: var(--soft);
}
</style>
