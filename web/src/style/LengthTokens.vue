<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Json } from '@nolvex/core/document/types'
import type { LengthToken } from '@nolvex/core/style/token'
import { cssLength } from '@nolvex/core/units/length'
import { usualEnvironment, toPx } from '@nolvex/core/units/environment'
import LengthInput, { type TypedMeasure } from '../forms/LengthInput.vue'
import TroubleNote from '../forms/TroubleNote.vue'
import TokenList from './TokenList.vue'
import { useGuide } from './useGuide'

/** Named lengths of one use, each drawn as large as it is. */
const props = defineProps<{ use: NonNullable<LengthToken['use']>; label: string }>()
const { tokens, set, addTokens } = useGuide()
const trouble = ref('')
const shown = computed(() =>
  tokens.value
    .filter((token): token is LengthToken => token.type === 'length' && (token.use ?? 'space') === props.use)
    .sort((a, b) => pxOf(a) - pxOf(b)),
)
const FONT = { size: 16, xHeight: 8, zeroAdvance: 8 }
const pxOf = ({ value }: LengthToken) => ('token' in value ? 0 : toPx(value, usualEnvironment, FONT))
const words = ({ value }: LengthToken) => ('token' in value ? '' : cssLength(value).replace(/px$/, ''))

function typed({ id, name }: LengthToken, measure: TypedMeasure) {
  if (!measure || !('length' in measure)) return
  if (measure.px < 0 || measure.length.unit === '%')
    return (trouble.value = 'Type a length of 0 or more, in px or rem.')
  set(`Change ${name}`, 'tokens', id, ['value'], measure.length as unknown as Json, `${id} value`)
}
const add = (name: string) =>
  addTokens(`Add ${name}`, [{ type: 'length', name, value: { value: 16, unit: 'px' }, use: props.use }])

const LARGEST = 160
function sampleStyle(token: LengthToken) {
  const px = pxOf(token)
  if (props.use === 'radius') return { width: '56px', height: '28px', borderRadius: `${px}px ${px}px 0 0` }
  if (props.use === 'line') return { width: '120px', height: `${Math.min(20, px)}px` }
  return { width: `${Math.min(LARGEST, px)}px`, height: '12px' }
}
</script>

<template>
  <TroubleNote :says="trouble" />
  <TokenList :tokens="shown" :label="label" @add="add">
    <template #default="{ token }">
      <LengthInput
        class="value"
        :label="`${token.name}: length`"
        :value="words(token)"
        @change="typed(token, $event)"
        @trouble="trouble = $event"
      />
      <span class="sample" :class="use" :style="sampleStyle(token)" aria-hidden="true" />
    </template>
  </TokenList>
</template>

<style scoped>
.value {
  width: 84px;
}
.sample {
  background: var(--slate);
}
.sample.radius {
  background: none;
  border: 2px solid var(--slate);
  border-bottom: 0;
}
</style>
