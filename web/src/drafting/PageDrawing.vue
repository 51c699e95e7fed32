<script setup lang="ts">
import { computed, toRef } from 'vue'
import type { PageLayout } from '@nolvex/core/layout/pageLayout'
import { marksBetween } from '@nolvex/core/paint/pagePainter'
import { MarkGroup } from '../vector/MarkGroup'
import { usePainter, type FinishName } from './usePainter'

/** A laid-out page as part of a drawing: what reaches into a stretch of it, px of the page; in a finish of its own. */
const props = defineProps<{ layout: PageLayout; from?: number; until: number; finish?: FinishName }>()
const painter = usePainter(toRef(props, 'finish'))
const groups = computed(() =>
  marksBetween(painter.value.sections(props.layout), props.from ?? 0, props.until),
)
</script>

<template>
  <MarkGroup v-for="group in groups" :key="group.key" :group="group" />
</template>
