<script setup lang="ts">
import { computed } from 'vue'
import { distributeBlocks } from '@nolvex/core/snap/alignBlocks'
import { gapsAmong } from '@nolvex/core/snap/gapsAmong'
import { roundTo } from '@nolvex/core/units/length'
import LengthInput, { type TypedMeasure } from '../../forms/LengthInput.vue'
import { useDraftingPage } from '../useDraftingPage'

/** How several blocks stand, as a sentence: what they take together and the gaps between them. */
const emit = defineEmits<{ trouble: [says: string] }>()
const page = useDraftingPage()
const among = computed(() => gapsAmong(page.selected.value))
const around = computed(() => page.around.value)
const px = (value: number) => roundTo(value, 2)

function type(typed: TypedMeasure) {
  if (!among.value || !typed || !('px' in typed)) return
  const { axis } = among.value
  page.arrange(
    'Make gaps equal',
    distributeBlocks(page.drawn.value, page.selected.value, axis, { gap: typed.px }),
  )
}
const sizes = computed(() => among.value?.gaps.map(({ size }) => px(size)).join(', '))
</script>

<template>
  <p class="sentence">
    <b>{{ page.selection.value.length }} blocks</b> stand
    <template v-if="among">
      {{ among.axis === 'x' ? 'beside one another' : 'one below another' }}
      <template v-if="among.areEqual"> with gaps of </template>
      <template v-else> with unequal gaps of {{ sizes }}; all of them </template>
      <LengthInput
        class="figure short underlined"
        label="Gaps between them"
        :value="among.areEqual ? String(px(among.gaps[0].size)) : ''"
        :placeholder="among.areEqual ? '' : 'equal'"
        :spell="page.spelled"
        title="A figure makes all gaps so"
        @change="type"
        @trouble="emit('trouble', $event)"
      />,
    </template>
    <template v-else> apart from any line, </template>
    {{ px(around.w) }} wide and {{ px(around.h) }} tall together.
  </p>
</template>
