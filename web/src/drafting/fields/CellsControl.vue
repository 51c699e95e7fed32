<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import type { ControlEmits, ControlProps } from './control'
import CellsDialog from './CellsDialog.vue'

/** The rows of a table, which are typed and pasted in a dialogue. */
const props = defineProps<ControlProps>()
const emit = defineEmits<ControlEmits>()
const isOpen = ref(false)
const cells = computed(() => (props.state.value as string[][] | undefined) ?? [])
const says = computed(() =>
  cells.value.length ? `${cells.value.length - 1} rows, ${cells.value[0].length} columns…` : 'Type or paste…',
)
</script>

<template>
  <span>
    <ElButton class="cells" @click="isOpen = true">{{ state.isMixed ? 'mixed' : says }}</ElButton>
    <CellsDialog v-if="isOpen" v-model="isOpen" :cells="cells" @write="emit('write', $event)" />
  </span>
</template>

<style scoped>
.cells {
  width: 100%;
  height: 26px;
}
</style>
