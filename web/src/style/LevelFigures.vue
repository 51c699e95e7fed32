<script setup lang="ts">
import { computed } from 'vue'
import type { Json } from '@nolvex/core/document/types'
import type { Band } from '@nolvex/core/site/site'
import type { BandedLevel } from '@nolvex/core/resolve/styleTokens'
import type { Level } from '@nolvex/core/style/level'
import { cssLength, roundTo } from '@nolvex/core/units/length'
import { readLength } from '@nolvex/core/units/typedLength'
import LengthInput, { type TypedMeasure } from '../forms/LengthInput.vue'
import LineInput from '../forms/LineInput.vue'

/** How large a level is set, how high its lines are and how far apart its letters: for all bands, or at one of them. */
const props = defineProps<{
  level: Level
  /** what it comes to at the band */
  now: BandedLevel
  /** the band whose own values are shown and changed; those of the level itself without one */
  band?: Band
}>()
const emit = defineEmits<{ write: [path: string[], value: Json | undefined]; trouble: [says: string] }>()

type Leaf = 'size' | 'lineHeight' | 'letterSpacing'
const own = computed((): Partial<Pick<Level, Leaf>> =>
  props.band ? (props.level.at?.[props.band.id] ?? {}) : props.level,
)
const write = (leaf: Leaf, value: object | undefined) =>
  emit('write', props.band ? ['at', props.band.id, leaf] : [leaf], value as Json | undefined)

const sizeWords = (size: Level['size'] | undefined) =>
  !size || 'token' in size ? '' : cssLength(size).replace(/px$/, '')
function sizeTyped(typed: TypedMeasure) {
  if (typed && 'length' in typed) write('size', typed.length)
  else if (props.band) write('size', undefined)
}

const lineWords = (height: Level['lineHeight'] | undefined) => {
  if (!height) return ''
  const value = roundTo(height.value, 3)
  return height.unit === 'px' ? String(value) : `${value}${height.unit}`
}
function lineTyped(text: string) {
  emit('trouble', '')
  if (text === '' && props.band) return write('lineHeight', undefined)
  const read = readLength(text)
  if ('error' in read) return emit('trouble', read.error)
  const { value, unit } = read.length
  // A bare number below 4 is meant as a share of the size.
  const written = read.isBare && value < 4 ? { value, unit: 'em' } : { value, unit }
  if (!['px', 'em', 'rem'].includes(written.unit)) return emit('trouble', 'Lines are px, em or rem high.')
  write('lineHeight', written)
}

const spacingWords = (spacing: Level['letterSpacing']) => (spacing ? cssLength(spacing) : '')
function spacingTyped(text: string) {
  emit('trouble', '')
  if (text === '' || (text === '0' && !props.band)) return write('letterSpacing', undefined)
  const percent = /^(-?[\d.]+)\s*%$/.exec(text)
  const read = percent
    ? { length: { value: Number(percent[1]) / 100, unit: 'em' as const } }
    : readLength(text, 'em')
  if ('error' in read) return emit('trouble', read.error)
  if (read.length.unit !== 'em' && read.length.unit !== 'px')
    return emit('trouble', 'Letters are set apart by em or px, such as 0.02em.')
  write('letterSpacing', read.length)
}

const at = computed(() => (props.band ? ` at ${props.band.name}` : ''))
</script>

<template>
  <label class="figure"
    ><span class="soft">size</span
    ><LengthInput
      :label="`${level.name}: size${at}`"
      :value="sizeWords(own.size)"
      :placeholder="now.grows && level.fluid ? 'grows' : sizeWords(now.size)"
      :disabled="level.fluid !== undefined && !band"
      @change="sizeTyped"
      @trouble="emit('trouble', $event)"
  /></label>
  <label class="figure"
    ><span class="soft">lines</span
    ><LineInput
      :label="`${level.name}: height of lines${at}`"
      :value="lineWords(own.lineHeight)"
      :placeholder="lineWords(now.lineHeight)"
      @change="lineTyped"
  /></label>
  <label class="figure"
    ><span class="soft">letters</span
    ><LineInput
      :label="`${level.name}: between letters${at}`"
      :value="spacingWords(own.letterSpacing)"
      :placeholder="spacingWords(now.letterSpacing) || '0'"
      title="Between letters: em, px or %, such as 0.02em"
      @change="spacingTyped"
  /></label>
</template>

<style scoped>
.figure {
  display: flex;
  gap: 4px;
  align-items: center;
  width: 108px;
}
</style>
