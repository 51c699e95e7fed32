<script setup lang="ts">
import { ElButton } from 'element-plus'
import { nextTick, ref } from 'vue'
import { placeBy, readPlace } from '@nolvex/core/snap/placeBy'
import { useCommands } from '../../commands/commandStore'
import LineInput from '../../forms/LineInput.vue'
import { useDraftingPage } from '../useDraftingPage'

/** Says where a block is to stand: “48 below Headline”. */
const emit = defineEmits<{ trouble: [says: string] }>()
const page = useDraftingPage()
const isOpen = ref(false)
const root = ref<HTMLElement>()

async function open() {
  isOpen.value = true
  await nextTick()
  root.value?.querySelector('input')?.focus()
}
function place(words: string) {
  const [one] = page.selected.value
  isOpen.value = false
  if (!words || !one) return
  const wish = readPlace(words, page.spelled)
  if ('error' in wish) return emit('trouble', wish.error)
  page.arrange(`Place ${page.nameOf(one.key)}`, placeBy(page.drawn.value, one, wish))
}
useCommands().offer([
  {
    id: 'place-said',
    label: 'Place at a distance from something…',
    keys: ['Shift+W'],
    run: () => void open(),
    enabled: () => page.selected.value.length === 1,
  },
])
</script>

<template>
  <span ref="root" class="place-said" @focusout="isOpen = false">
    <LineInput
      v-if="isOpen"
      class="said underlined"
      label="Where it is to stand"
      value=""
      placeholder="48 below Headline"
      @change="place"
    />
    <ElButton v-else link title="Say where it is to stand, such as 48 below Headline (Shift+W)" @click="open">
      Place…
    </ElButton>
  </span>
</template>

<style scoped>
.said {
  width: 168px;
}
</style>
