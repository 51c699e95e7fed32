<script setup lang="ts">
import { ElColorPicker } from 'element-plus'
import { nextTick } from 'vue'

/** A colour as #rrggbb, chosen from a field of shades or typed. */
const props = defineProps<{ label: string; value: string }>()
const emit = defineEmits<{ change: [hex: string] }>()

/** The library's panel leaves its dialogue and its field without names, and says a place for a figure. */
async function nameParts() {
  await nextTick()
  for (const panel of document.querySelectorAll('.el-color-picker__panel')) {
    panel.setAttribute('aria-label', props.label)
    panel.querySelector('input')?.setAttribute('aria-label', `${props.label} as #rrggbb`)
    const shades = panel.querySelector('.el-color-svpanel')
    for (const name of ['aria-valuemin', 'aria-valuemax', 'aria-valuenow']) shades?.removeAttribute(name)
    shades?.removeAttribute('role')
  }
}
</script>

<template>
  <span @click="nameParts" @keydown.enter="nameParts" @keydown.space="nameParts">
    <ElColorPicker
      :model-value="value"
      color-format="hex"
      :aria-label="label"
      :persistent="false"
      @change="$event && emit('change', $event)"
  /></span>
</template>
