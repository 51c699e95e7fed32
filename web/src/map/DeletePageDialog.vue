<script setup lang="ts">
import { ElButton, ElDialog } from 'element-plus'
import type { PageChanges } from './usePageChanges'

/** Asked before pages go that menus, journeys, links or content refer to. */
defineProps<{ changes: PageChanges }>()
const list = (names: string[]) =>
  names.slice(0, 6).join(', ') + (names.length > 6 ? ` and ${names.length - 6} more` : '')
</script>

<template>
  <ElDialog
    :model-value="changes.asked.value !== undefined"
    :title="`Delete ${changes.asked.value?.title ?? ''}?`"
    width="520"
    @update:model-value="changes.keep"
  >
    <template v-if="changes.asked.value">
      <p v-if="changes.asked.value.pages > 1">
        {{ changes.asked.value.pages - 1 }} pages stand below it and go as well.
      </p>
      <p>Something refers to it:</p>
      <ul>
        <li v-if="changes.asked.value.references.menus.length">
          <b>Menus</b> lose {{ list(changes.asked.value.references.menus) }}.
        </li>
        <li v-if="changes.asked.value.references.journeys.length">
          <b>Journeys</b> break: {{ list(changes.asked.value.references.journeys) }}.
        </li>
        <li v-if="changes.asked.value.references.links">
          <b>Links</b>: {{ changes.asked.value.references.links }} from other pages go.
        </li>
        <li v-if="changes.asked.value.references.content.length">
          <b>Content</b> has no page any more: {{ list(changes.asked.value.references.content) }}.
        </li>
      </ul>
      <p class="soft">Undo brings all of it back.</p>
      <div class="do">
        <ElButton type="primary" @click="changes.removeNow(changes.asked.value.id)">Delete it</ElButton>
        <ElButton @click="changes.keep">Keep it</ElButton>
      </div>
    </template>
  </ElDialog>
</template>

<style scoped>
ul {
  padding-left: 18px;
}
.do {
  display: flex;
  gap: 8px;
  margin-top: 12px;
}
</style>
