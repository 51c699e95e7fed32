<script setup lang="ts">
import { ref } from 'vue'
import type { WrittenLength } from '@nolvex/core/units/length'
import { readLength } from '@nolvex/core/units/typedLength'
import LineInput from './LineInput.vue'
import { useTypedPx } from './useTypedPx'

/** What was typed: nothing, one of the words, or a length with the px it comes to. */
export type TypedMeasure = undefined | { word: string } | { length: WrittenLength; px: number }

/**
 * A length: a number with or without a unit, a sum (“64 + 24”), or one of a few words. Arrow keys step it, with Shift
 * by ten. What cannot be read is said, and what stood stands.
 */
const props = defineProps<{
  label: string
  value: string
  words?: readonly string[]
  /** px that 100 % stands for */
  percentOf?: number
  /** what a number is written in; px where nothing is said */
  read?: (text: string) => { length: WrittenLength } | { error: string }
  /** writes out what a text names: columns, steps of the spacing scale */
  spell?: (text: string) => string
  placeholder?: string
  title?: string
  disabled?: boolean
  stays?: boolean
  /** what is refused stands for another try */
  keeps?: boolean
  isLight?: boolean
}>()
const emit = defineEmits<{
  change: [typed: TypedMeasure]
  trouble: [says: string]
}>()
const typedPx = useTypedPx()

/** what was typed cannot be read */
const isRefused = ref(false)

function typed(text: string) {
  emit('trouble', '')
  isRefused.value = false
  if (text === '') return emit('change', undefined)
  const word = props.words?.find((one) => one === text.toLowerCase())
  if (word) return emit('change', { word })
  const spelled = props.spell?.(text) ?? text
  const read = (props.read ?? readLength)(spelled)
  if ('error' in read) return refuse(read.error)
  const px = typedPx(spelled, props.percentOf)
  if ('error' in px) return refuse(px.error)
  emit('change', { length: read.length, px: px.px })
}

function refuse(why: string) {
  isRefused.value = true
  emit('trouble', why)
}

function step(event: KeyboardEvent) {
  const by = { ArrowUp: 1, ArrowDown: -1 }[event.key]
  if (by === undefined) return
  event.preventDefault()
  event.stopPropagation()
  const { value } = event.target as HTMLInputElement
  const next = (Number.parseFloat(value) || 0) + by * (event.shiftKey ? 10 : 1)
  const unit = /[\d.)\s]([a-z%]+)$/i.exec(value)?.[1] ?? ''
  typed(`${Math.round(next * 100) / 100}${props.words?.includes(value) ? '' : unit}`)
}
</script>

<template>
  <LineInput
    :label="label"
    :value="value"
    :placeholder="placeholder"
    :title="title"
    :disabled="disabled"
    :stays="stays"
    :is-light="isLight"
    :keeps="keeps && isRefused"
    :class="{ refused: keeps && isRefused }"
    :max="100"
    @change="typed"
    @keydown="step($event as KeyboardEvent)"
  />
</template>
