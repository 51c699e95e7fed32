<script setup lang="ts">
import { ElButton, ElCheckbox } from 'element-plus'
import { computed, ref, watch } from 'vue'
import { PART_STATES, type PartState } from '@nolvex/core/style/part'
import ChoiceField from '../../forms/ChoiceField.vue'
import type { KitItem } from './kitItems'
import KitPicture from './KitPicture.vue'
import { bandsOfSource, leadOf, type KitSource } from './kitSource'

/** One block at 100 %: at any band, in any state, as the kit dresses it or as this project's guide does. */
const props = defineProps<{
  item: KitItem
  source: KitSource
  /** where the same block stands as it would be here, if that is another */
  here?: { source: KitSource; drawing: string; root: string }
  isChosen: boolean
}>()
const emit = defineEmits<{ back: []; step: [by: number]; choose: [isChosen: boolean] }>()

const dress = ref<'kit' | 'here'>('kit')
const DRESSES = { kit: 'as the kit has it', here: 'as it would look here' } as const
const isHere = computed(() => dress.value === 'here' && props.here !== undefined)
const source = computed(() => (isHere.value && props.here ? props.here.source : props.source))
const bands = computed(() => bandsOfSource(source.value))
const asked = ref<string>()
const band = computed(() => bands.value.find(({ id }) => id === asked.value) ?? leadOf(source.value))
const bandChoices = computed(() => Object.fromEntries(bands.value.map(({ id, name }) => [id, name])))
const state = ref<PartState>()
watch(
  () => props.item.id,
  () => (state.value = undefined),
)
const drawing = computed(() => (isHere.value && props.here ? props.here.drawing : props.item.records[0]))
const root = computed(() => (isHere.value && props.here ? props.here.root : (props.item.root ?? '')))
</script>

<template>
  <section class="kit-block" @keydown.esc.stop="emit('back')">
    <header>
      <ElButton @click="emit('back')">Back to all</ElButton>
      <ElButton aria-label="The one before" title="The one before" @click="emit('step', -1)">‹</ElButton>
      <ElButton aria-label="The next one" title="The next one" @click="emit('step', 1)">›</ElButton>
      <ElCheckbox
        class="name"
        :model-value="isChosen"
        :aria-label="`Choose ${item.name}`"
        @update:model-value="emit('choose', Boolean($event))"
        ><b dir="auto">{{ item.name }}</b></ElCheckbox
      >
      <ChoiceField label="Band" hide-label :value="band.id" :choices="bandChoices" @change="asked = $event" />
      <ChoiceField
        label="State"
        hide-label
        :value="state"
        :choices="PART_STATES"
        none="at rest"
        @change="state = $event"
      />
      <ChoiceField
        v-if="here"
        label="Dressed"
        hide-label
        :value="dress"
        :choices="DRESSES"
        @change="dress = $event ?? 'kit'"
      />
      <span class="soft">100 %</span>
    </header>
    <div class="room" tabindex="0" :aria-label="`${item.name} at 100 %`">
      <KitPicture
        :source="source.key"
        :stamp="source.stamp"
        :drawing="drawing"
        :root="root"
        :band="band"
        :state="state"
        :label="item.name"
        is-actual
      />
    </div>
  </section>
</template>

<style scoped>
.kit-block {
  display: flex;
  flex: 1;
  flex-direction: column;
  gap: 10px;
  min-width: 0;
  min-height: 0;
}
header {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
header .el-button {
  margin: 0;
}
header .name {
  flex: 1;
}
.room {
  flex: 1;
  min-height: 0;
  padding: 16px;
  overflow: auto;
  background: var(--paper);
  border: 1px solid var(--hairline);
}
</style>
