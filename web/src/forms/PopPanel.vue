<script setup lang="ts">
import { ElButton, ElPopover } from 'element-plus'
import { onClickOutside } from '@vueuse/core'
import { computed, nextTick, ref } from 'vue'
import { PANELS } from '../commands/onTop'

/** A button and the panel it opens. The keys go into the panel; Escape closes it, alone, and gives them back. */
const props = defineProps<{
  words: string
  label?: string
  width: number
  text?: boolean
  placement?: 'bottom-end' | 'bottom-start'
}>()
/** Who speaks to the button says what they see on it. */
const named = computed(() => {
  const { words, label } = props
  return label && !label.includes(words) ? `${words}: ${label}` : label
})
const isOpen = ref(false)
const panel = ref<HTMLElement>()
const button = ref<InstanceType<typeof ElButton>>()
const opener = computed(() => button.value?.ref)

/** Whoever has gone into a field of it already keeps the keys there. */
async function takeKeys() {
  await nextTick()
  if (!panel.value?.contains(document.activeElement)) panel.value?.focus({ preventScroll: true })
}

function close() {
  isOpen.value = false
  opener.value?.focus()
}

/** A press beside it closes it; lists and dialogues that its fields open are none. */
onClickOutside(panel, () => (isOpen.value = false), {
  ignore: [opener, PANELS, '.el-overlay'],
})
</script>

<template>
  <ElPopover
    :visible="isOpen"
    :placement="placement ?? 'bottom-end'"
    :width="width"
    :show-arrow="false"
    :offset="4"
    @show="takeKeys"
  >
    <template #reference>
      <ElButton
        ref="button"
        :text="text"
        :aria-label="named"
        :aria-expanded="isOpen"
        @click="isOpen = !isOpen"
      >
        {{ words }}
      </ElButton>
    </template>
    <div
      ref="panel"
      class="pop-panel"
      role="dialog"
      tabindex="-1"
      :aria-label="label ?? words"
      @keydown.esc.stop="close"
    >
      <slot />
    </div>
  </ElPopover>
</template>

<style scoped>
.pop-panel {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 8px;
  max-height: 70vh;
  overflow: auto;
}
</style>
