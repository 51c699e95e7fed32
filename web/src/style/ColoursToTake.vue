<script setup lang="ts">
import { ElButton } from 'element-plus'
import { cssColourName } from '@nolvex/core/colour/writeColour'
import { useGuide } from './useGuide'

/** Colours found in a picture, each to be taken into the style guide as a token. */
const props = defineProps<{
  colours: string[]
  /** what the picture is, as names of tokens begin: “Mood” */
  of: string
}>()
const { tokens, addTokens } = useGuide()
const isToken = (hex: string) => tokens.value.some((token) => token.type === 'colour' && token.value === hex)
function take(hex: string) {
  if (isToken(hex)) return
  const name = cssColourName(hex) ?? `${props.of} ${hex.slice(1)}`
  addTokens(`Take ${hex} from the ${props.of.toLowerCase()}`, [{ type: 'colour', name, value: hex }])
}
const says = (hex: string) => (isToken(hex) ? `${hex} is a token` : `Take ${hex} as a token`)
</script>

<template>
  <div class="colours">
    <ElButton
      v-for="hex in colours"
      :key="hex"
      text
      class="colour"
      :style="{ background: hex }"
      :title="says(hex)"
      :aria-label="says(hex)"
      @click="take(hex)"
      >{{ isToken(hex) ? '✓' : '' }}</ElButton
    >
  </div>
</template>

<style scoped>
.colours {
  display: flex;
}
.colour.el-button {
  flex: 1;
  min-width: 0;
  height: 28px;
  margin: 0;
  border: 1px solid var(--edge);
  border-radius: 0;
  color: #fff;
  text-shadow: 0 0 3px #000;
}
</style>
