<script setup lang="ts">
import { ElButton } from 'element-plus'

/** One of the things a view can show, in the list at its side. */
defineProps<{ current?: boolean }>()
</script>

<template>
  <ElButton text class="side-entry" :class="{ current }" :aria-current="current || undefined"
    ><slot
  /></ElButton>
</template>

<style scoped>
.side-entry.el-button {
  display: block;
  width: 100%;
  padding: 6px 8px;
  border-left: 3px solid var(--hairline);
  border-radius: 0;
  font-weight: 400;
  text-align: left;
  white-space: normal;
}
.side-entry :deep(> span) {
  display: grid;
  min-width: 0;
}
.side-entry.el-button:not(.is-disabled):hover {
  background: var(--desk);
  text-decoration: none;
}
.side-entry.el-button.current,
.side-entry.el-button.current:hover {
  border-color: var(--pine);
  background: var(--pine-tint);
}
</style>
