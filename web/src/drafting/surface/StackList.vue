<script setup lang="ts">
import { ElButton } from 'element-plus'
import { onClickOutside } from '@vueuse/core'
import { nextTick, onMounted, ref } from 'vue'
import { kindOf } from '@nolvex/core/block/block'
import type { Placed } from '@nolvex/core/snap/drawnPage'
import { useDraftingPage } from '../useDraftingPage'

/** All that stands at one place of the page, from the top down, to choose from. */
const props = defineProps<{
  /** screen px on the surface */
  at: { x: number; y: number }
  stack: Placed[]
}>()
const emit = defineEmits<{ leave: [] }>()
const page = useDraftingPage()
const list = ref<HTMLElement>()
const shown = ref({ left: props.at.x, top: props.at.y })

onClickOutside(list, () => emit('leave'))
onMounted(async () => {
  await nextTick()
  const { offsetWidth = 0, offsetHeight = 0, offsetParent } = list.value ?? {}
  const { clientWidth = 0, clientHeight = 0 } = offsetParent ?? {}
  shown.value = {
    left: Math.max(0, Math.min(props.at.x, clientWidth - offsetWidth - 4)),
    top: Math.max(0, Math.min(props.at.y, clientHeight - offsetHeight - 4)),
  }
  buttons()[0]?.focus()
})
const buttons = () => [...(list.value?.querySelectorAll('button') ?? [])]

function choose({ key }: Placed) {
  page.select([key])
  emit('leave')
}
function walk(event: KeyboardEvent, step: number) {
  event.preventDefault()
  const all = buttons()
  const at = all.indexOf(document.activeElement as HTMLButtonElement)
  all[(at + step + all.length) % all.length]?.focus()
}
</script>

<template>
  <div
    ref="list"
    class="stack"
    role="menu"
    aria-label="What stands here, from the top"
    :style="{ left: `${shown.left}px`, top: `${shown.top}px` }"
    @keydown.esc.stop="emit('leave')"
    @keydown.down="walk($event, 1)"
    @keydown.up="walk($event, -1)"
  >
    <span class="soft">Here, from the top</span>
    <ElButton v-for="one in stack" :key="one.key" text role="menuitem" @click="choose(one)">
      <span class="called" dir="auto">{{ page.nameOf(one.key) }}</span>
      <small class="soft">
        {{ kindOf(page.blocks.value[one.record]).label.toLowerCase() }}
        <template v-if="page.blocks.value[one.record].locked">· locked</template>
      </small>
    </ElButton>
  </div>
</template>

<style scoped>
.stack {
  position: absolute;
  z-index: 6;
  display: grid;
  width: 240px;
  max-height: 60%;
  padding: 6px 0;
  overflow: auto;
  background: var(--paper);
  border: 1px solid var(--ink);
}
.stack > .soft {
  padding: 0 12px 4px;
  font-size: 11px;
}
.stack :deep(.el-button) {
  justify-content: start;
  margin: 0;
  padding: 0 12px;
  font-weight: 400;
}
.stack :deep(.el-button > span) {
  display: flex;
  gap: 8px;
  width: 100%;
}
.called {
  flex: 1;
  overflow: hidden;
  text-align: left;
  text-overflow: ellipsis;
}
</style>
