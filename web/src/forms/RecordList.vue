<script setup lang="ts" generic="One extends { id: string }">
import { ElButton } from 'element-plus'
import { GripVertical } from '@lucide/vue'
import { shallowRef, watch } from 'vue'
import { VueDraggable, type DraggableEvent } from 'vue-draggable-plus'
import AddLine from './AddLine.vue'

/**
 * Records one below the other, each with its fields and a way to take it out, and a line to add another. Where their
 * order means something they are pulled by their handle, or moved with Alt and an arrow key.
 */
const props = defineProps<{
  records: One[]
  /** what a record is called, for the names of its buttons */
  nameOf: (one: One) => string
  add?: { label: string; placeholder?: string; max?: number }
  ordered?: boolean
}>()
const emit = defineEmits<{ add: [text: string]; remove: [one: One]; move: [one: One, index: number] }>()

/** While a record is pulled the list shows it where it would stand. */
const shown = shallowRef<One[]>([])
watch(
  () => props.records,
  (records) => (shown.value = [...records]),
  { immediate: true },
)

function dropped({ oldIndex, newIndex }: DraggableEvent) {
  const one = props.records[oldIndex ?? -1] as One | undefined
  if (one && newIndex !== undefined && newIndex !== oldIndex) emit('move', one, newIndex)
}

function keyed(event: KeyboardEvent, one: One) {
  const by = { ArrowUp: -1, ArrowDown: 1 }[event.key]
  if (!props.ordered || !event.altKey || by === undefined) return
  event.preventDefault()
  event.stopPropagation()
  const to = props.records.indexOf(one) + by
  if (to >= 0 && to < props.records.length) emit('move', one, to)
}
</script>

<template>
  <VueDraggable
    v-model="shown"
    tag="ul"
    class="record-list"
    handle=".grip"
    :animation="120"
    :disabled="!ordered"
    @end="dropped"
  >
    <li v-for="one in shown" :key="one.id" :data-record="one.id" @keydown="keyed($event, one)">
      <ElButton
        v-if="ordered"
        class="grip"
        text
        :aria-label="`Move ${nameOf(one)}: Alt with the up and down arrow keys`"
        title="Pull it to another place, or press Alt with the up or down arrow key"
        ><GripVertical :size="16" aria-hidden="true"
      /></ElButton>
      <div class="fields"><slot :one="one" /></div>
      <span class="acts">
        <slot name="acts" :one="one" />
        <ElButton link :aria-label="`Remove ${nameOf(one)}`" @click="emit('remove', one)">Remove</ElButton>
      </span>
    </li>
  </VueDraggable>
  <AddLine v-if="add" v-bind="add" @add="emit('add', $event)" />
</template>

<style scoped>
.record-list {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 8px;
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  align-items: start;
}
.fields {
  display: grid;
  flex: 1 1 0;
  grid-template-columns: minmax(0, 1fr);
  gap: 4px;
  min-width: 96px;
}
.grip.el-button {
  height: var(--control);
  color: var(--soft);
  cursor: grab;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  justify-content: flex-end;
  min-height: var(--control);
  margin-left: auto;
}
</style>
