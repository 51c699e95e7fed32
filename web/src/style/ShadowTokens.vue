<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Colour } from '@nolvex/core/block/colourSchema'
import { readShadows, writeShadows } from '@nolvex/core/block/shadowText'
import type { Json } from '@nolvex/core/document/types'
import { tokenColour, type ShadowToken } from '@nolvex/core/style/token'
import LineInput from '../forms/LineInput.vue'
import TroubleNote from '../forms/TroubleNote.vue'
import TokenList from './TokenList.vue'
import { useGuide } from './useGuide'

/** Named shadows, typed as CSS writes them. */
const { project, tokens, set, addTokens } = useGuide()
const trouble = ref('')
const shadows = computed(() => tokens.value.filter((token): token is ShadowToken => token.type === 'shadow'))
const hexOf = (colour: Colour) => {
  if (colour === 'none') return '#00000000'
  if ('hex' in colour) return colour.hex
  return tokenColour(project.style.records.tokens, colour.token) ?? '#00000000'
}
const words = ({ value }: ShadowToken) => writeShadows(value, hexOf)
const css = ({ value }: ShadowToken) =>
  value
    .map(
      ({ x, y, blur, spread, colour, inset }) =>
        `${inset ? 'inset ' : ''}${x}px ${y}px ${blur}px ${spread}px ${hexOf(colour)}`,
    )
    .join(', ')

function typed({ id, name }: ShadowToken, text: string) {
  const read = readShadows(text)
  trouble.value = 'error' in read ? read.error : ''
  if ('shadows' in read) set(`Change ${name}`, 'tokens', id, ['value'], read.shadows as unknown as Json)
}
const add = (name: string) =>
  addTokens(`Add ${name}`, [
    { type: 'shadow', name, value: [{ x: 0, y: 2, blur: 8, spread: 0, colour: { hex: '#00000033' } }] },
  ])
</script>

<template>
  <TroubleNote :says="trouble" />
  <TokenList :tokens="shadows" label="shadow" @add="add">
    <template #default="{ token }">
      <LineInput
        class="value"
        :label="`${token.name}: shadow`"
        :value="words(token)"
        title="across, down, blur, spread, colour"
        @change="typed(token, $event)"
      />
      <span class="sample" :style="{ boxShadow: css(token) }" aria-hidden="true" />
    </template>
  </TokenList>
</template>

<style scoped>
.value {
  width: 220px;
}
.sample {
  width: 56px;
  height: 24px;
  margin: 6px;
  background: #fff;
}
</style>
