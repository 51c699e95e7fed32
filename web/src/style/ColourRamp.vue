<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import { colourRamp } from '@nolvex/core/colour/ramp'
import type { ColourToken } from '@nolvex/core/style/token'
import CountField from '../forms/CountField.vue'
import { useGuide } from './useGuide'

/** Tints and shades of a colour, to be taken as tokens. */
const props = defineProps<{ token: ColourToken; hex: string }>()
const { addTokens, tokens } = useGuide()
const count = ref(9)
const steps = computed(() => colourRamp(props.hex.slice(0, 7), count.value))
const said = computed(() => steps.value.map(({ hex }) => hex).join(', '))
const nameOf = (index: number) => `${props.token.name} ${(index + 1) * 10}`

function take() {
  const known = new Set(tokens.value.map(({ name }) => name))
  const made = steps.value.flatMap(({ hex, isBase }, index) => {
    const name = nameOf(index)
    if (known.has(name)) return []
    return [{ type: 'colour' as const, name, value: isBase ? { token: props.token.id } : hex }]
  })
  if (made.length) addTokens(`Take a ramp of ${props.token.name}`, made)
}
</script>

<template>
  <div class="colour-ramp">
    <CountField label="Tints and shades" :value="count" :least="3" :most="14" @change="count = $event ?? 9" />
    <div class="steps" role="img" :aria-label="`${count} steps from light to dark: ${said}`">
      <span
        v-for="(step, index) in steps"
        :key="index"
        :class="{ base: step.isBase }"
        :style="{ background: step.hex }"
        :title="`${nameOf(index)}: ${step.hex}`"
      />
    </div>
    <ElButton @click="take">Take as tokens</ElButton>
  </div>
</template>

<style scoped>
.colour-ramp {
  display: grid;
  grid-template-columns: 110px 1fr auto;
  gap: 8px;
  align-items: end;
}
.steps {
  display: flex;
  height: 28px;
  border: 1px solid var(--edge);
}
.steps span {
  flex: 1;
}
.steps .base {
  box-shadow: inset 0 -4px 0 var(--ochre);
}
</style>
