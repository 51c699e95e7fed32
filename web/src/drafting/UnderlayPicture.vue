<script setup lang="ts">
import type { Underlay } from '@nolvex/core/site/gridPlan'
import { assetAddress } from '../session/api'
import { useProject } from '../session/projectStore'

/** The picture laid under a page's drawing. */
defineProps<{ underlay: Underlay }>()
const project = useProject()
</script>

<template>
  <image
    class="underlay"
    :href="assetAddress(project.id, underlay.asset)"
    :x="underlay.x"
    :y="underlay.y"
    :width="underlay.width"
    :height="underlay.height"
    :opacity="underlay.strength / 100"
    preserveAspectRatio="none"
  />
</template>
