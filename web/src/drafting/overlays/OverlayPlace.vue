<script setup lang="ts">
import { computed } from 'vue'
import type { Json } from '@nolvex/core/document/types'
import { pathAtBand } from '@nolvex/core/resolve/cascade'
import { OVERLAY_PLACES, USUAL_VEIL } from '@nolvex/core/site/overlay'
import ColourPicker from '../../forms/ColourPicker.vue'
import FigureField from '../../forms/FigureField.vue'
import LineInput from '../../forms/LineInput.vue'
import PopPanel from '../../forms/PopPanel.vue'
import SelectField from '../../forms/SelectField.vue'
import { useProject } from '../../session/projectStore'
import { useDraftingPage } from '../useDraftingPage'
import type { DrawnOverlay } from '../useLaidOutPage'

/** Where an overlay stands over its page and how wide it is, at this band, and what veils the page behind it. */
const props = defineProps<{ overlay: DrawnOverlay }>()
const project = useProject()
const page = useDraftingPage()
const veil = computed(() => props.overlay.record.veil ?? USUAL_VEIL)
const isWide = computed(() => ['whole', 'top', 'bottom'].includes(props.overlay.place))

const write = (path: string[], value: Json | undefined) =>
  project.setSite(`Change ${props.overlay.record.name}`, 'overlays', props.overlay.record.id, path, value)
const atBand = (leaf: string, value: Json | undefined) => write(pathAtBand([leaf], page.at.value), value)
const setWidth = (px: number | undefined) =>
  atBand('width', px === undefined ? undefined : Math.round(Math.min(4000, Math.max(80, px))))
const setStrength = (percent: number | undefined) =>
  percent !== undefined &&
  write(['veil'], { ...veil.value, strength: Math.min(100, Math.max(0, percent)) / 100 })
</script>

<template>
  <PopPanel words="Overlay…" :width="280">
    <LineInput
      label="Name of the overlay"
      :value="overlay.record.name"
      @change="$event && write(['name'], $event)"
    />
    <SelectField
      label="Where it stands"
      :value="overlay.place"
      :options="OVERLAY_PLACES"
      @change="atBand('place', $event)"
    />
    <FigureField v-if="!isWide" label="px wide" :value="overlay.width" @change="setWidth" />
    <p v-else class="soft">It is as wide as the viewport.</p>
    <div class="veil">
      <span class="soft">veil over the page</span>
      <ColourPicker
        label="Colour of the veil"
        :value="veil.colour"
        @change="write(['veil'], { ...veil, colour: $event })"
      />
      <FigureField label="strength, %" :value="Math.round(veil.strength * 100)" @change="setStrength" />
    </div>
    <p v-if="!page.isLead.value" class="soft">Place and width hold for {{ page.band.value.name }}.</p>
  </PopPanel>
</template>

<style scoped>
.veil {
  display: grid;
  grid-template-columns: 1fr auto 90px;
  gap: 8px;
  align-items: end;
}
p {
  margin: 0;
}
</style>
