<script setup lang="ts">
import { ElButton, ElDropdown, ElDropdownItem, ElDropdownMenu } from 'element-plus'
import { computed } from 'vue'
import { nextZoom } from './camera'
import { useDraftingCamera } from './useDraftingCamera'
import { useDraftingPage } from '../useDraftingPage'

/** How large the page is shown, and ways to show it otherwise. */
const { zoom, zoomTo, show } = useDraftingCamera()
const page = useDraftingPage()
const percent = computed(() => Math.round(zoom.value * 100))
const isTrue = computed(() => Math.abs(zoom.value - 1) < 0.001)
/** Type that is being set at another size is not what visitors will see. */
const isHinted = computed(() => page.editing.value !== undefined && !isTrue.value)

const WAYS = {
  true: '100 %: as visitors see it (H)',
  width: 'As wide as the desk (0)',
  page: 'The whole page (Shift+Z)',
  selected: 'What is selected (Z)',
}
function go(way: keyof typeof WAYS) {
  if (way === 'true') void zoomTo(1)
  else if (way === 'selected') void show(page.around.value)
  else void zoomTo(way)
}
</script>

<template>
  <div class="camera-bar" role="group" aria-label="Zoom">
    <span v-if="isHinted" class="hint"
      >Judge type at 100 %
      <ElButton link @click="zoomTo(1)">Show it so</ElButton>
    </span>
    <ElButton text title="Zoom out (−)" aria-label="Zoom out" @click="zoomTo(nextZoom(zoom, -1))">−</ElButton>
    <ElDropdown trigger="click" placement="top-end" @command="go">
      <ElButton text class="percent" :class="{ true: isTrue }" :aria-label="`Zoom: ${percent} %`">
        {{ percent }} %
      </ElButton>
      <template #dropdown>
        <ElDropdownMenu>
          <ElDropdownItem
            v-for="(words, way) in WAYS"
            :key="way"
            :command="way"
            :disabled="way === 'selected' && !page.selected.value.length"
          >
            {{ words }}
          </ElDropdownItem>
        </ElDropdownMenu>
      </template>
    </ElDropdown>
    <ElButton text title="Zoom in (+)" aria-label="Zoom in" @click="zoomTo(nextZoom(zoom, 1))">+</ElButton>
  </div>
</template>

<style scoped>
.camera-bar {
  display: flex;
  align-items: center;
  padding: 0 2px;
  background: var(--paper);
  border: 1px solid var(--hairline);
}
.camera-bar :deep(.el-button) {
  min-width: 26px;
  height: 24px;
  padding: 0 6px;
}
.camera-bar :deep(.el-button + .el-button) {
  margin: 0;
}
.percent {
  min-width: 56px;
  font-variant-numeric: tabular-nums;
}
/* Type and lines are judged here. */
.percent.true {
  font-weight: 700;
  text-decoration: underline double;
  text-underline-offset: 3px;
}
.hint {
  padding: 0 8px;
  color: var(--ochre-text);
  white-space: nowrap;
}
</style>
