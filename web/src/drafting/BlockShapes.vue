<script setup lang="ts">
import type { Shape } from '@nolvex/core/paint/shape'

defineProps<{ id: string; x: number; y: number; shapes: Shape[] }>()
</script>

<template>
  <g :data-block="id" :transform="`translate(${x} ${y})`">
    <component :is="shape.tag" v-for="(shape, index) in shapes" :key="index" v-bind="shape.attributes">{{
      shape.text
    }}</component>
  </g>
</template>
