<script setup lang="ts">
import { computed } from 'vue'
import { roundTo } from '@nolvex/core/units/length'
import LengthInput from '../../forms/LengthInput.vue'
import { useGapsAmong } from './useGapsAmong'
import { useDraftingPage } from '../useDraftingPage'

/** How several blocks stand, as a sentence: what they take together and the gaps between them. */
const emit = defineEmits<{ trouble: [says: string] }>()
const page = useDraftingPage()
const { among, typeGaps } = useGapsAmong(page)
const around = computed(() => page.around.value)
const px = (value: number) => roundTo(value, 2)

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
        @change="typeGaps"
        @trouble="emit('trouble', $event)"
      />,
    </template>
    <template v-else> apart from any line, </template>
    {{ px(around.w) }} wide and {{ px(around.h) }} tall together.
  </p>
</template>
