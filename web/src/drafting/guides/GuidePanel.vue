<script setup lang="ts">
import { ElButton, ElInput } from 'element-plus'
import { computed, ref } from 'vue'
import { readGuides } from '@nolvex/core/grid/guide'
import { guidesOfBlock } from '@nolvex/core/grid/guideLayout'
import PopPanel from '../../forms/PopPanel.vue'
import TroubleNote from '../../forms/TroubleNote.vue'
import ChoiceField from '../../forms/ChoiceField.vue'
import { useProject } from '../../session/projectStore'
import { useDraftingPage } from '../useDraftingPage'
import { GUIDE_SCOPES } from './useGuides'

/** Adding guides by typing or from blocks, and what can be done with those in view. */
const page = useDraftingPage()
const project = useProject()
const { guides } = page
const axis = ref<'x' | 'y'>('x')
const text = ref('')
const trouble = ref('')

const blocks = computed(() =>
  page.selection.value.map((id) => page.placed.value.get(id)).filter((block) => block !== undefined),
)
const chosen = computed(() => guides.placed.value.filter(({ id }) => guides.selected.value.includes(id)))
const meant = computed(() => (chosen.value.length ? chosen.value : guides.placed.value))
const areLocked = computed(() => meant.value.length > 0 && meant.value.every(({ locked }) => locked))
const areHidden = computed(() => meant.value.length > 0 && meant.value.every(({ hidden }) => hidden))
const meantWords = computed(() => (chosen.value.length ? 'the chosen' : 'all'))

function add() {
  trouble.value = ''
  const read = readGuides(text.value, axis.value)
  if ('error' in read) return (trouble.value = read.error)
  guides.add(read.places.map((at) => ({ axis: axis.value, at })))
  text.value = ''
}
const ofBlocks = (parts: ('edges' | 'centre')[]) =>
  guides.add(blocks.value.flatMap((block) => guidesOfBlock(block, parts)))
const setMeant = (field: 'locked' | 'hidden', value: boolean) =>
  guides.set(
    meant.value.map(({ id }) => id),
    field,
    value,
  )
</script>

<template>
  <PopPanel words="Guides…" :width="320">
    <div class="guide-panel">
      <form @submit.prevent="add">
        <ChoiceField
          label="Direction"
          hide-label
          :value="axis"
          :choices="{ x: 'from the left', y: 'from the top' }"
          @change="axis = $event ?? 'x'"
        />
        <ElInput
          v-model="text"
          aria-label="Where the guide lies"
          :placeholder="axis === 'x' ? '120, 50 %, column 3 end' : '600, centre, row 2'"
        />
        <ElButton native-type="submit">Add</ElButton>
      </form>
      <TroubleNote :says="trouble" />
      <ChoiceField
        label="New guides stand on"
        :value="guides.scope.value"
        :choices="GUIDE_SCOPES"
        @change="guides.scope.value = $event ?? 'here'"
      />
      <div v-if="blocks.length" class="buttons">
        <ElButton @click="ofBlocks(['edges'])">At all edges of the block</ElButton>
        <ElButton @click="ofBlocks(['centre'])">Through its centre</ElButton>
      </div>
      <p class="soft">
        {{ guides.placed.value.length === 1 ? '1 guide' : `${guides.placed.value.length} guides` }} in view{{
          chosen.length ? `, ${chosen.length} chosen` : ''
        }}. Or pull one out of a ruler.
      </p>
      <div v-if="meant.length" class="buttons">
        <ElButton @click="setMeant('locked', !areLocked)">
          {{ areLocked ? 'Unlock' : 'Lock' }} {{ meantWords }}
        </ElButton>
        <ElButton @click="setMeant('hidden', !areHidden)">
          {{ areHidden ? 'Show' : 'Hide' }} {{ meantWords }}
        </ElButton>
        <ElButton v-if="chosen.length" @click="guides.clear(guides.selected.value)">
          Clear the chosen
        </ElButton>
        <ElButton @click="guides.clear('band')">Clear this band’s</ElButton>
        <ElButton @click="guides.clear('all')">Clear all</ElButton>
      </div>
      <RouterLink :to="{ name: 'grid', params: { project: project.id, view: 'guides' } }">
        Sets of guides, and all guides of the project
      </RouterLink>
    </div>
  </PopPanel>
</template>

<style scoped>
.guide-panel {
  display: grid;
  gap: 8px;
}
form {
  display: grid;
  grid-template-columns: 112px minmax(0, 1fr) auto;
  gap: 6px;
}
.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
a {
  color: var(--pine);
}
</style>
