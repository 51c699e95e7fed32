<script setup lang="ts">
import { ElButton, ElCheckbox } from 'element-plus'
import { computed, ref } from 'vue'
import { SOLIDS, SURFACES, type SurfaceName, type Triple } from '@nolvex/core/artwork/solids'
import type { Json } from '@nolvex/core/document/types'
import type { Solid } from '@nolvex/core/site/artwork'
import ColourField from '../drafting/fields/ColourField.vue'
import LineInput from '../forms/LineInput.vue'
import ChoiceField from '../forms/ChoiceField.vue'
import TroubleNote from '../forms/TroubleNote.vue'
import TripleField from './TripleField.vue'
import type { ArtworkDesk } from './useArtwork'

/** What a solid is, where it stands, what it measures, its colour and how it shines. */
const props = defineProps<{ desk: ArtworkDesk; solid: Solid }>()
const { chosen } = props.desk
const trouble = ref('')
const surfaces = Object.fromEntries(
  Object.entries(SURFACES).map(([name, { label }]) => [name, label]),
) as Record<SurfaceName, string>
const set = (path: string[], value: Json | undefined) =>
  props.desk.setSolid('Change the solid', path, value, `${props.solid.id} ${path.join(' ')}`)
const turn = computed((): Triple => props.solid.turn ?? [0, 0, 0])
const round = (triple: Triple) => triple.map((degrees) => ((degrees % 360) + 360) % 360)
</script>

<template>
  <section class="solid" aria-label="The solid">
    <LineInput label="Name of the solid" :value="solid.name" @change="$event && set(['name'], $event)" />
    <div class="two">
      <ChoiceField
        label="Form"
        :value="solid.solid"
        :choices="SOLIDS"
        @change="$event && set(['solid'], $event)"
      />
      <ChoiceField
        label="Surface"
        :value="solid.surface ?? 'chalk'"
        :choices="surfaces"
        @change="$event && set(['surface'], $event)"
      />
    </div>
    <div class="field">
      <span class="soft">Colour</span>
      <ColourField
        label="Colour of the solid"
        :value="solid.colour"
        placeholder="the guide’s own"
        @change="set(['colour'], $event)"
        @trouble="trouble = $event"
      />
    </div>
    <TroubleNote :says="trouble" />
    <TripleField
      label="Stands"
      :value="solid.at"
      :least="-50"
      :most="50"
      :step="0.1"
      :axes="['across', 'up', 'to the front']"
      @change="set(['at'], $event)"
    />
    <TripleField
      label="Measures"
      :value="solid.size"
      :least="0.05"
      :most="200"
      :step="0.1"
      :axes="['wide', 'tall', 'deep']"
      @change="set(['size'], $event)"
    />
    <TripleField
      label="Turned, degrees"
      :value="turn"
      :least="-360"
      :most="360"
      :step="5"
      :axes="['over', 'round', 'aside']"
      @change="set(['turn'], round($event))"
    />
    <ElCheckbox :model-value="solid.hidden ?? false" @change="set(['hidden'], $event ? true : undefined)"
      >Hidden</ElCheckbox
    >
    <div class="acts">
      <ElButton @click="desk.duplicateSolid">Duplicate</ElButton>
      <ElButton @click="desk.removeSolid">Delete</ElButton>
      <ElButton link @click="chosen = undefined">Done with it</ElButton>
    </div>
  </section>
</template>

<style scoped>
.solid {
  display: grid;
  gap: 10px;
}
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px;
}
.field {
  display: grid;
  gap: 2px;
}
.acts {
  display: flex;
  gap: 6px;
}
.acts .el-button {
  margin: 0;
}
</style>
