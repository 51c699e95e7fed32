<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import type { Json, Operation } from '@nolvex/core/document/types'
import { lineHeightFor, readSizeRow, scaleSizes, sizesByRole } from '@nolvex/core/style/typeScale'
import ChoiceField from '../forms/ChoiceField.vue'
import FigureField from '../forms/FigureField.vue'
import RowOrBase from './RowOrBase.vue'
import { useGuide } from './useGuide'

/** The sizes of all levels at once: typed in a row, or worked out from a base and a ratio. */
const { levels, change } = useGuide()
const trouble = ref('')
const base = ref(16)
const ratio = ref('1.25')

const RATIOS = {
  '1.067': 'minor second, 1.067',
  '1.125': 'major second, 1.125',
  '1.2': 'minor third, 1.2',
  '1.25': 'major third, 1.25',
  '1.333': 'fourth, 1.333',
  '1.5': 'fifth, 1.5',
  '1.618': 'golden, 1.618',
}
const now = computed(() => {
  const px = levels.value.flatMap(({ size }) => ('unit' in size && size.unit === 'px' ? [size.value] : []))
  return [...new Set(px)].sort((a, b) => a - b).join('/')
})

function typed(text: string) {
  trouble.value = ''
  const read = readSizeRow(text)
  if ('error' in read) trouble.value = read.error
  else give(read.sizes, `Set sizes ${read.sizes.join('/')}`)
}

const scaled = computed(() => scaleSizes(base.value, Number(ratio.value), 1, 5))

/** Each level that has a role gets its size and a height of lines that suits it. */
function give(sizes: number[], label: string) {
  const byRole = sizesByRole(sizes)
  const operations = levels.value.flatMap((level): Operation[] => {
    const size = level.role === 'button' ? byRole.p : byRole[level.role as keyof typeof byRole]
    if (size === undefined) return []
    const write = (path: string[], value: Json): Operation => {
      return { type: 'set', collection: 'levels', id: level.id, path, value }
    }
    return [
      write(['size'], { value: size, unit: 'px' }),
      write(['lineHeight'], { value: lineHeightFor(size), unit: 'px' }),
      { type: 'set', collection: 'levels', id: level.id, path: ['fluid'] },
    ]
  })
  change(label, operations)
}
</script>

<template>
  <RowOrBase
    label="Sizes in a row, px"
    :value="now"
    placeholder="14/18/24/64"
    :trouble="trouble"
    @typed="typed"
  >
    <FigureField
      label="Base, px"
      :value="base"
      @change="$event && $event >= 8 && $event <= 40 && (base = $event)"
    />
    <ChoiceField label="Ratio" :value="ratio" :choices="RATIOS" @change="ratio = $event ?? '1.25'" />
    <ElButton @click="give(scaled, `Set sizes from ${base} by ${ratio}`)"
      >Set {{ scaled.join('/') }}</ElButton
    >
  </RowOrBase>
</template>
