<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import type { IconData } from '@nolvex/core/block/iconData'
import type { ControlEmits, ControlProps } from './control'
import IconDialog from './IconDialog.vue'
import IconLines from './IconLines.vue'

/** The icon a block shows, chosen from the package by its name. */
const props = defineProps<ControlProps>()
const emit = defineEmits<ControlEmits>()
const isChoosing = ref(false)
const icon = computed(() => props.state.value as unknown as IconData | undefined)
const words = computed(() => (props.state.isMixed ? 'mixed' : (icon.value?.name ?? 'Choose…')))
</script>

<template>
  <span class="icon-control">
    <ElButton :title="words" @click="isChoosing = true">
      <IconLines v-if="icon" :paths="icon.paths" />
      <span class="name">{{ words }}</span>
    </ElButton>
    <ElButton v-if="icon" link aria-label="Take the icon out" @click="emit('write', undefined)">×</ElButton>
    <IconDialog v-if="isChoosing" v-model="isChoosing" @chosen="emit('write', $event as never)" />
  </span>
</template>

<style scoped>
.icon-control {
  display: flex;
  gap: 2px;
  align-items: center;
}
.icon-control > .el-button:first-child {
  flex: 1;
  min-width: 0;
  height: 26px;
  padding: 0 6px;
}
.name {
  overflow: hidden;
  text-overflow: ellipsis;
}
</style>
