<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { plainText, type RichText } from '@nolvex/core/document/richText'
import { useDraftingPage } from '../useDraftingPage'
import type { ControlProps } from './control'

/** What a block says; it is written on the page itself. */
const props = defineProps<ControlProps>()
const page = useDraftingPage()
const key = computed(() => (page.selection.value.length === 1 ? page.selection.value[0] : undefined))
/** whether it is the block's own text, and no value of a copy */
const isOwn = computed(() => String(props.state.field.path) === 'text')
/** of a block alone, what it shows, wherever that comes from */
const words = computed(() => {
  return plainText(
    isOwn.value && key.value ? page.textOf(key.value).text : (props.state.value as RichText | undefined),
  )
})
</script>

<template>
  <div class="says">
    <p v-if="state.isMixed" class="soft">Each says something else.</p>
    <p v-else class="words" dir="auto">{{ words || 'Nothing yet' }}</p>
    <ElButton v-if="isOwn && key && page.placed.value.has(key)" link @click="page.editing.value = key">
      Edit the text (Enter)
    </ElButton>
  </div>
</template>

<style scoped>
.says {
  display: grid;
  gap: 4px;
  justify-items: start;
}
.words {
  width: 100%;
  max-height: 84px;
  padding: 6px 8px;
  overflow: auto;
  border: 1px solid var(--hairline);
  background: #fff;
}
</style>
