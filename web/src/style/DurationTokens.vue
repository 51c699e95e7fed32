<script setup lang="ts">
import { computed } from 'vue'
import type { DurationToken } from '@nolvex/core/style/token'
import CountField from '../forms/CountField.vue'
import TokenList from './TokenList.vue'
import { useGuide } from './useGuide'

/** Named durations of what moves. */
const { tokens, set, addTokens } = useGuide()
const durations = computed(() =>
  tokens.value
    .filter((token): token is DurationToken => token.type === 'duration')
    .sort((a, b) => a.value - b.value),
)
const add = (name: string) => addTokens(`Add ${name}`, [{ type: 'duration', name, value: 200 }])
</script>

<template>
  <TokenList :tokens="durations" label="duration" @add="add">
    <template #default="{ token }">
      <CountField
        class="value"
        :label="`${token.name}: ms`"
        hide-label
        :value="token.value"
        :least="0"
        :most="60000"
        @change="$event !== undefined && set(`Change ${token.name}`, 'tokens', token.id, ['value'], $event)"
      />
      <span class="soft">ms</span>
    </template>
  </TokenList>
</template>

<style scoped>
.value {
  width: 84px;
}
</style>
