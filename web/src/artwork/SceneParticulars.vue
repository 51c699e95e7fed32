<script setup lang="ts">
import { ElButton, ElCheckbox } from 'element-plus'
import { computed, ref } from 'vue'
import type { View } from '@nolvex/core/artwork/view'
import type { Json } from '@nolvex/core/document/types'
import { USUAL_AMBIENCE, USUAL_LAMP, type Artwork } from '@nolvex/core/site/artwork'
import ColourField from '../drafting/fields/ColourField.vue'
import AddLine from '../forms/AddLine.vue'
import LineInput from '../forms/LineInput.vue'
import SliderField from '../forms/SliderField.vue'
import TroubleNote from '../forms/TroubleNote.vue'
import type { ArtworkDesk } from './useArtwork'

/** The light, the grounds and the kept views of an artwork. */
const props = defineProps<{ desk: ArtworkDesk; artwork: Artwork }>()
const trouble = ref('')
const set = (path: string[], value: Json | undefined) =>
  props.desk.set('Change the artwork', path, value, `${props.artwork.id} ${path.join(' ')}`)
const lamp = computed(() => ({ ...USUAL_LAMP, ...props.artwork.lamp }))

const lights = computed(() => [
  {
    label: 'Strength of the lamp',
    leaf: 'strength',
    least: 0,
    most: 4,
    step: 0.1,
    value: lamp.value.strength,
  },
  { label: 'Round', leaf: 'turn', least: 0, most: 360, step: 5, value: lamp.value.turn },
  { label: 'Height', leaf: 'tilt', least: 5, most: 90, step: 1, value: lamp.value.tilt },
  { label: 'Softness of shadows', leaf: 'size', least: 0, most: 60, step: 1, value: lamp.value.size },
])
const views = computed(() => props.artwork.views ?? [])
const setViews = (label: string, now: { name: string; view: View }[]) =>
  props.desk.set(label, ['views'], now as unknown as Json)
function keepView(name: string) {
  setViews('Keep a view', [
    ...views.value.filter((one) => one.name !== name),
    { name, view: props.desk.view.value },
  ])
}
</script>

<template>
  <section class="scene" aria-label="The scene">
    <LineInput label="Name of the artwork" :value="artwork.name" @change="$event && set(['name'], $event)" />
    <h3>Light</h3>
    <label v-for="{ label, leaf, least, most, step, value } in lights" :key="leaf" class="light">
      <span>{{ label }}</span>
      <SliderField
        v-bind="{ label, least, most, step }"
        :model-value="value"
        @update:model-value="set(['lamp', leaf], $event)"
      />
    </label>
    <label class="light">
      <span>Brightness of the sky</span>
      <SliderField
        label="Brightness of the sky"
        :least="0"
        :most="2"
        :step="0.05"
        :model-value="artwork.ambience ?? USUAL_AMBIENCE"
        @update:model-value="set(['ambience'], $event)"
      />
    </label>
    <h3>Grounds</h3>
    <div class="field">
      <span class="soft">Sky</span>
      <ColourField
        label="Colour of the sky"
        :value="artwork.sky"
        placeholder="the page’s ground"
        @change="set(['sky'], $event)"
        @trouble="trouble = $event"
      />
    </div>
    <div v-if="artwork.hasGround ?? true" class="field">
      <span class="soft">Ground</span>
      <ColourField
        label="Colour of the ground"
        :value="artwork.ground"
        placeholder="the page’s ground"
        @change="set(['ground'], $event)"
        @trouble="trouble = $event"
      />
    </div>
    <TroubleNote :says="trouble" />
    <ElCheckbox
      :model-value="artwork.hasGround ?? true"
      @change="set(['hasGround'], $event ? undefined : false)"
      >A ground that takes shadows</ElCheckbox
    >
    <h3>Views</h3>
    <p v-if="views.length === 0" class="soft">
      Turn the scene until it is right, and keep that view by a name.
    </p>
    <div v-for="{ name, view } in views" :key="name" class="view">
      <ElButton link @click="desk.look(view)">{{ name }}</ElButton>
      <ElButton
        link
        :aria-label="`Forget the view ${name}`"
        @click="
          setViews(
            'Forget a view',
            views.filter((one) => one.name !== name),
          )
        "
        >Forget</ElButton
      >
    </div>
    <AddLine label="Keep this view as" placeholder="Name of this view" :max="60" @add="keepView" />
  </section>
</template>

<style scoped>
.scene {
  display: grid;
  gap: 8px;
}
.light {
  display: grid;
  grid-template-columns: 1fr 120px;
  gap: 12px;
  align-items: center;
}
h3 {
  margin: 8px 0 0;
}
.field {
  display: grid;
  grid-template-columns: 60px 1fr;
  align-items: center;
}
.view {
  display: flex;
  justify-content: space-between;
}
p {
  margin: 0;
}
</style>
