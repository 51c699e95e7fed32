<script setup lang="ts" generic="One extends Token">
import { ElButton, ElPopconfirm } from 'element-plus'
import type { Token } from '@nolvex/core/style/token'
import AddLine from '../forms/AddLine.vue'
import LineInput from '../forms/LineInput.vue'
import { useGuide } from './useGuide'

/** Tokens of one kind, each with its name, its value and how often it is used, and a line to add another. */
defineProps<{ tokens: One[]; label: string }>()
const emit = defineEmits<{ add: [name: string] }>()
const { set, usedWords, remove } = useGuide()
</script>

<template>
  <ul>
    <li v-for="token in tokens" :key="token.id" :data-token="token.name">
      <LineInput
        class="name"
        :label="`Name of the ${label} ${token.name}`"
        :value="token.name"
        :max="100"
        @change="$event && set(`Rename ${token.name}`, 'tokens', token.id, ['name'], $event)"
      />
      <slot :token="token" />
      <span class="used soft" :title="usedWords(token.id)">{{ usedWords(token.id) }}</span>
      <ElPopconfirm
        :title="`${token.name} is ${usedWords(token.id)}. What names it will measure nothing.`"
        confirm-button-text="Delete it"
        cancel-button-text="Keep it"
        width="280"
        @confirm="remove(`Delete ${token.name}`, 'tokens', token.id)"
      >
        <template #reference
          ><ElButton link :aria-label="`Delete the ${label} ${token.name}`">Delete</ElButton></template
        >
      </ElPopconfirm>
    </li>
  </ul>
  <p v-if="tokens.length === 0" class="soft">None yet.</p>
  <AddLine
    :label="`Add a ${label}`"
    :placeholder="`Add a ${label} by its name`"
    :max="100"
    @add="emit('add', $event)"
  />
</template>

<style scoped>
ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  display: flex;
  gap: 10px;
  align-items: center;
  min-height: 34px;
  border-bottom: 1px dotted var(--edge);
}
.name {
  flex: none;
  width: 150px;
}
.used {
  flex: 1;
  min-width: 0;
  overflow: hidden;
  text-align: right;
  text-overflow: ellipsis;
  white-space: nowrap;
}
</style>
