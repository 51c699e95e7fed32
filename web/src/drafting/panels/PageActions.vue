<script setup lang="ts">
import { ElButton, ElCheckbox } from 'element-plus'
import { ref } from 'vue'
import AlternativesDialog from '../../alternatives/AlternativesDialog.vue'
import { useOverlays } from '../../grid/useOverlays'
import { useDraftingPage } from '../useDraftingPage'

/** What can be done with the page as a whole, where nothing of it is selected. */
const page = useDraftingPage()
const { spacing } = useOverlays()
const isOnAlternatives = ref(false)
</script>

<template>
  <div class="page-actions">
    <h3>The whole page</h3>
    <ElCheckbox v-model="spacing">Show all gaps and padding <kbd>J</kbd></ElCheckbox>
    <ElButton @click="page.panel.value = 'trueUp'">True up… <kbd>T</kbd></ElButton>
    <ElButton :disabled="page.isLead.value" @click="page.panel.value = 'differences'">
      What differs at {{ page.band.value.name }}… <kbd>Alt+B</kbd>
    </ElButton>
    <ElButton @click="page.panel.value = 'findings'">Findings on it… <kbd>Alt+N</kbd></ElButton>
    <ElButton @click="page.panel.value = 'eye'">What the eye meets… <kbd>Alt+Y</kbd></ElButton>
    <ElButton @click="page.panel.value = 'skeleton'">Skeleton and boxes… <kbd>Alt+X</kbd></ElButton>
    <ElButton v-if="!page.overlay.value" @click="isOnAlternatives = true">Alternatives…</ElButton>
    <AlternativesDialog
      v-if="isOnAlternatives"
      v-model="isOnAlternatives"
      :of="{ page: page.page.value }"
      what="this page"
    />
    <ElButton @click="page.panel.value = 'overlays'">Overlays…</ElButton>
    <ElButton @click="page.panel.value = 'pageStates'">States of the page…</ElButton>
    <ElButton @click="page.panel.value = 'changes'">Changes… <kbd>Alt+H</kbd></ElButton>
  </div>
</template>

<style scoped>
.page-actions {
  display: grid;
  gap: 8px;
  justify-items: start;
  margin-top: 16px;
}
.page-actions .el-button {
  margin: 0;
}
kbd {
  margin-left: 6px;
  color: var(--soft);
  font: inherit;
  font-size: 11px;
}
</style>
