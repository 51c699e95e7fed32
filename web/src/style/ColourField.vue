<script setup lang="ts">
import { ref } from 'vue'
import { readColour } from '@nolvex/core/colour/readColour'
import { opaque } from '@nolvex/core/colour/spaces'
import { writeColour, type ColourNotation } from '@nolvex/core/colour/writeColour'
import ColourPicker from '../forms/ColourPicker.vue'
import LineInput from '../forms/LineInput.vue'
import TroubleNote from '../forms/TroubleNote.vue'

/** A colour: chosen from shades, or typed as CSS writes colours; shown in one notation. */
const props = defineProps<{
  label: string
  value: string | undefined
  notation?: ColourNotation
  placeholder?: string
  /** nothing may stand for it */
  isOptional?: boolean
}>()
const emit = defineEmits<{ change: [hex: string | undefined] }>()
const trouble = ref('')
const note = ref('')

function typed(text: string) {
  trouble.value = note.value = ''
  if (text === '' && props.isOptional) return emit('change', undefined)
  const read = readColour(text)
  if ('error' in read) return (trouble.value = read.error)
  if (read.isMapped) note.value = 'sRGB does not have this colour: this is the nearest it has.'
  emit('change', read.hex)
}
</script>

<template>
  <div class="colour-field">
    <ColourPicker
      :label="`${label}: shade`"
      :value="value ? opaque(value) : '#ffffff'"
      @change="emit('change', $event.toLowerCase())"
    />
    <LineInput
      :label="label"
      :value="value ? writeColour(value, notation ?? 'hex') : ''"
      :placeholder="placeholder"
      :keeps="trouble !== ''"
      @change="typed"
    />
    <p v-if="note" class="soft" role="status">{{ note }}</p>
    <TroubleNote v-if="trouble" class="trouble" :says="trouble" />
  </div>
</template>

<style scoped>
.colour-field {
  display: grid;
  grid-template-columns: auto minmax(84px, 1fr);
  gap: 4px;
  align-items: center;
}
.colour-field > span {
  display: flex;
}
.colour-field > p,
.trouble {
  grid-column: 1 / -1;
}
</style>
