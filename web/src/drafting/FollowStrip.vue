<script setup lang="ts">
import { ElButton, ElRadioButton, ElRadioGroup } from 'element-plus'
import { useDraftingPage } from './useDraftingPage'

/** What follows a change: all copies of an original, all rows of a series, or only the one that is edited. */
const page = useDraftingPage()
const { following, wantsOne, original } = page
</script>

<template>
  <div v-if="following" class="follow-strip" role="region" :aria-label="following.what">
    <b dir="auto">{{ following.what }}</b>
    <ElRadioGroup v-model="wantsOne" aria-label="What a change counts for">
      <ElRadioButton :value="false">{{ following.all }}</ElRadioButton>
      <ElRadioButton :value="true">{{ following.one }}</ElRadioButton>
    </ElRadioGroup>
    <ElButton v-if="original" type="primary" title="Back to the page (Escape)" @click="page.leave()">
      Done
    </ElButton>
  </div>
</template>

<style scoped>
.follow-strip {
  position: absolute;
  z-index: 5;
  bottom: 12px;
  left: 50%;
  display: flex;
  gap: 12px;
  align-items: center;
  padding: 8px 12px;
  background: var(--paper);
  border: 1px solid var(--ink);
  width: max-content;
  max-width: calc(100% - 24px);
  transform: translateX(-50%);
  white-space: nowrap;
}
.el-radio-group {
  flex-wrap: nowrap;
}
.follow-strip b {
  max-width: 220px;
  overflow: hidden;
  text-overflow: ellipsis;
}
</style>
