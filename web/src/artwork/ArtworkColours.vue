<script setup lang="ts">
import { computedAsync } from '@vueuse/core'
import { assetAddress } from '../session/api'
import { useProject } from '../session/projectStore'
import ColoursToTake from '../style/ColoursToTake.vue'
import { picturesColours } from '../style/picturesColours'

/** The main colours of the picture that was kept, to be taken into the style guide. */
const props = defineProps<{ asset: string }>()
const project = useProject()
const colours = computedAsync(async () => {
  try {
    const file = await (await fetch(assetAddress(project.id, props.asset))).blob()
    return (await picturesColours(file)).colours.map(({ hex }) => hex)
  } catch {
    // A picture that cannot be fetched now has no colours to offer.
    return []
  }
}, [])
</script>

<template>
  <div v-if="colours.length" class="artwork-colours">
    <h3>Its colours</h3>
    <ColoursToTake :colours="colours" of="Artwork" />
  </div>
</template>

<style scoped>
.artwork-colours {
  width: 100%;
}
</style>
