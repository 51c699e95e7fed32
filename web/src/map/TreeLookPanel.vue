<script setup lang="ts">
import { ElButton, ElCheckbox } from 'element-plus'
import { computed } from 'vue'
import { inOrder } from '@nolvex/core/document/tree'
import PopPanel from '../forms/PopPanel.vue'
import ChoiceField from '../forms/ChoiceField.vue'
import { useMap } from './mapStore'

/** How the tree is drawn, and what is shown on it. */
const map = useMap()
const journeys = computed(() =>
  Object.fromEntries(
    inOrder(Object.values(map.site.journeys)).map(({ id, name }) => [id, name || 'Untitled']),
  ),
)
</script>

<template>
  <PopPanel words="How it is drawn" :width="272">
    <div class="panel">
      <ChoiceField
        label="Direction"
        :value="map.look.direction"
        :choices="{ down: 'From the top down', across: 'From left to right' }"
        @change="map.look.direction = $event ?? 'down'"
      />
      <ChoiceField
        label="Connectors"
        :value="map.look.connectors"
        :choices="{ straight: 'Straight', stepped: 'Stepped', curved: 'Curved' }"
        @change="map.look.connectors = $event ?? 'stepped'"
      />
      <ElCheckbox v-model="map.look.heavy">Heavy lines</ElCheckbox>
      <ElCheckbox v-model="map.look.menus">Menus as trees beside it</ElCheckbox>
      <ChoiceField
        label="Journey shown on it"
        :value="map.journey"
        :choices="journeys"
        none="None"
        @change="map.journey = $event"
      />
      <ElButton
        :disabled="!map.selected && !map.forward"
        @click="map.forward = map.forward ? undefined : map.selected"
      >
        {{ map.forward ? 'Show all branches alike' : 'Bring the selected branch forward' }}
      </ElButton>
      <p class="soft">
        A hatch and the word “service” mark sections the content service fills. A doubled edge marks a page
        that stands for many.
      </p>
    </div>
  </PopPanel>
</template>

<style scoped>
.panel {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 8px;
}
.panel p {
  font-size: 12px;
  line-height: 16px;
}
</style>
