<script setup lang="ts">
import { ElCheckbox } from 'element-plus'
import type { Chosen, Pattern } from '@nolvex/core/draft/pattern'
import ChoiceField from '../forms/ChoiceField.vue'
import CountField from '../forms/CountField.vue'

/** What can be chosen of a pattern. */
const props = defineProps<{ pattern: Pattern; chosen: Chosen }>()
const emit = defineEmits<{ change: [chosen: Chosen] }>()
const set = (name: string, value: Chosen[string] | undefined) => {
  if (value !== undefined) emit('change', { ...props.chosen, [name]: value })
}
</script>

<template>
  <div class="parameters">
    <template v-for="one in pattern.parameters" :key="one.name">
      <CountField
        v-if="one.type === 'count'"
        :label="one.label"
        :value="Number(chosen[one.name])"
        :least="one.least"
        :most="one.most"
        @change="set(one.name, $event)"
      />
      <ChoiceField
        v-else-if="one.type === 'choice'"
        :label="one.label"
        :value="String(chosen[one.name])"
        :choices="one.options"
        @change="set(one.name, $event)"
      />
      <ElCheckbox
        v-else
        :model-value="Boolean(chosen[one.name])"
        @change="set(one.name, $event as boolean)"
        >{{ one.label }}</ElCheckbox
      >
    </template>
    <p v-if="pattern.parameters.length === 0" class="soft">It has nothing to choose.</p>
  </div>
</template>

<style scoped>
.parameters {
  display: grid;
  gap: 8px;
}
</style>
