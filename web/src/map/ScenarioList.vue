<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { childrenByParent, inOrder } from '@nolvex/core/document/tree'
import { putAmong } from '@nolvex/core/document/placing'
import AddLine from '../forms/AddLine.vue'
import RecordList from '../forms/RecordList.vue'
import TextField from '../forms/TextField.vue'
import { newId } from '../session/newId'
import { useProject } from '../session/projectStore'
import { useMap } from './mapStore'

/** What visitors do on a page, as numbered steps with alternatives (2a, 2b). */
const props = defineProps<{ page: string }>()
const project = useProject()
const map = useMap()
const list = computed(() =>
  inOrder(Object.values(map.site.scenarios).filter(({ page }) => page === props.page)),
)

function stepsOf(scenario: string) {
  const own = Object.values(map.site.scenarioSteps).filter((step) => step.scenario === scenario)
  const below = childrenByParent(Object.fromEntries(own.map((step) => [step.id, step])))
  return (below.get(null) ?? []).flatMap((step, index) => [
    { step, number: String(index + 1), isMain: true },
    ...(below.get(step.id) ?? []).map((one, at) => {
      return { step: one, number: `${index + 1}${String.fromCharCode(97 + (at % 26))}`, isMain: false }
    }),
  ])
}

function add(title: string) {
  const record = { id: newId(), page: props.page, title }
  project.changeSite('Add scenario', putAmong('scenarios', list.value, list.value.length, [record]))
}

function addStep(scenario: string, text: string, parent?: string) {
  const siblings = inOrder(
    Object.values(map.site.scenarioSteps).filter(
      (step) => step.scenario === scenario && step.parent === parent,
    ),
  )
  const record = { id: newId(), scenario, text, ...(parent ? { parent } : {}) }
  project.changeSite('Add step', putAmong('scenarioSteps', siblings, siblings.length, [record]))
}

const remove = (collection: string, id: string) =>
  project.changeSite('Remove from scenario', [{ type: 'remove', collection, id }])
</script>

<template>
  <RecordList
    :records="list"
    :name-of="({ title }) => title"
    :add="{ label: 'A new scenario', placeholder: 'A scenario: who does what?' }"
    ordered
    @add="add"
    @move="(one, index) => project.moveRecord('Move scenario', 'scenarios', list, one.id, index)"
    @remove="remove('scenarios', $event.id)"
  >
    <template #default="{ one: scenario }">
      <TextField
        label="Scenario"
        hide-label
        :value="scenario.title"
        @change="project.setSite('Rename scenario', 'scenarios', scenario.id, ['title'], $event ?? '')"
      />
      <div
        v-for="{ step, number, isMain } in stepsOf(scenario.id)"
        :key="step.id"
        class="step"
        :class="{ else: !isMain }"
      >
        <b>{{ number }}</b>
        <TextField
          :label="`Step ${number}`"
          hide-label
          :rows="2"
          :value="step.text"
          @change="project.setSite('Change step', 'scenarioSteps', step.id, ['text'], $event ?? '')"
        />
        <ElButton v-if="isMain" link @click="addStep(scenario.id, 'Otherwise', step.id)">Or</ElButton>
        <ElButton link :aria-label="`Remove step ${number}`" @click="remove('scenarioSteps', step.id)">
          ×
        </ElButton>
      </div>
      <AddLine
        :label="`A new step of ${scenario.title}`"
        placeholder="Next step"
        @add="addStep(scenario.id, $event)"
      />
    </template>
  </RecordList>
</template>

<style scoped>
.step {
  display: grid;
  grid-template-columns: 22px minmax(0, 1fr) auto auto;
  gap: 6px;
  align-items: center;
}
.else {
  margin-left: 18px;
}
</style>
