<script setup lang="ts">
import { ElButton } from 'element-plus'
import type { Alike } from './useColourUse'
import { useColourUse } from './useColourUse'
import { useGuide } from './useGuide'

/** Colours most people take for one another, here or on a poor display, with a way to make them one. */
const { replace } = useGuide()
const { duplicates, alikeOnPoor, hexOf } = useColourUse()
const merge = ({ a, b }: Alike) => replace(`Merge ${b.name} into ${a.name}`, 'tokens', b.id, a.id, true)
</script>

<template>
  <p v-if="duplicates.length === 0" class="soft">No two colours are nearly the same.</p>
  <ul>
    <li v-for="pair in duplicates" :key="`${pair.a.id} ${pair.b.id}`">
      <span class="swatch" :style="{ background: hexOf(pair.a.id) }" /><span
        class="swatch"
        :style="{ background: hexOf(pair.b.id) }"
      />
      {{ pair.a.name }} and {{ pair.b.name }} differ by {{ pair.difference.toFixed(1) }}.
      <ElButton link @click="merge(pair)">Make both {{ pair.a.name }}</ElButton>
    </li>
    <li v-for="pair in alikeOnPoor" :key="`poor ${pair.a.id} ${pair.b.id}`">
      <span class="swatch" :style="{ background: hexOf(pair.a.id) }" /><span
        class="swatch"
        :style="{ background: hexOf(pair.b.id) }"
      />
      {{ pair.a.name }} and {{ pair.b.name }} look alike on a poor display.
    </li>
  </ul>
</template>

<style scoped>
ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 6px;
  align-items: center;
  padding: 3px 0;
}
.swatch {
  width: 22px;
  height: 18px;
  border: 1px solid var(--hairline);
}
.swatch + .swatch {
  margin-left: -6px;
}
</style>
