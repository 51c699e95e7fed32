<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import { putAmong } from '@nolvex/core/document/placing'
import type { Operation } from '@nolvex/core/document/types'
import { gapsAround, readGapRow, type NamedGap } from '@nolvex/core/style/spaceSteps'
import type { LengthToken } from '@nolvex/core/style/token'
import FigureField from '../forms/FigureField.vue'
import RowOrBase from './RowOrBase.vue'
import { newId } from '../session/newId'
import { useGuide } from './useGuide'

/** All gaps at once: typed in a row, or worked out around a base. */
const { tokens, change } = useGuide()
const trouble = ref('')
const base = ref(16)
const gaps = computed(() =>
  tokens.value.filter(
    (token): token is LengthToken => token.type === 'length' && (token.use ?? 'space') === 'space',
  ),
)
const now = computed(() =>
  gaps.value
    .flatMap(({ value }) => ('unit' in value && value.unit === 'px' ? [value.value] : []))
    .sort((a, b) => a - b)
    .join(' '),
)
const around = computed(() => gapsAround(base.value, 3, 6))

function typed(text: string) {
  trouble.value = ''
  const read = readGapRow(text)
  if ('error' in read) trouble.value = read.error
  else give(read.gaps)
}

/** Gaps of a name that is there change, others are added; what the row has no more is taken out where nothing names it. */
function give(wanted: NamedGap[]) {
  const byName = new Map(gaps.value.map((token) => [token.name, token]))
  const sets = wanted.flatMap(({ name, px }): Operation[] => {
    const known = byName.get(name)
    const value = { value: px, unit: 'px' }
    return known ? [{ type: 'set', collection: 'tokens', id: known.id, path: ['value'], value }] : []
  })
  const made = wanted
    .filter(({ name }) => !byName.has(name))
    .map(({ name, px }) => ({
      id: newId(),
      name,
      type: 'length',
      value: { value: px, unit: 'px' },
      use: 'space',
    }))
  const puts = made.length ? putAmong('tokens', tokens.value, tokens.value.length, made) : []
  change('Set the gaps', [...sets, ...puts])
}
</script>

<template>
  <RowOrBase
    label="Gaps in a row, px"
    :value="now"
    placeholder="4 8 12 16 24 32 48 64"
    :trouble="trouble"
    @typed="typed"
  >
    <FigureField
      label="Base, px"
      :value="base"
      @change="$event && $event >= 2 && $event <= 64 && (base = $event)"
    />
    <ElButton @click="give(around)">Set {{ around.map(({ px }) => px).join(' ') }}</ElButton>
  </RowOrBase>
</template>
