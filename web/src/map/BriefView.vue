<script setup lang="ts">
import { ElButton, ElCheckbox } from 'element-plus'
import { computed } from 'vue'
import { childrenOf, inOrder } from '@nolvex/core/document/tree'
import { putAmong } from '@nolvex/core/document/placing'
import { homePage } from '@nolvex/core/site/address'
import { nextRequirement, type Decision } from '@nolvex/core/site/brief'
import { addPages } from '@nolvex/core/site/pageChanges'
import { cutText } from '@nolvex/core/text/cutText'
import RecordList from '../forms/RecordList.vue'
import TextField from '../forms/TextField.vue'
import { newId } from '../session/newId'
import { useProject } from '../session/projectStore'
import { PROFILES, profileOf } from '../stages/profiles'
import { stages } from '../stages/stages'
import ComparisonTable from './ComparisonTable.vue'
import DecisionList from './DecisionList.vue'
import { useMap } from './mapStore'
import ReferenceList from './ReferenceList.vue'
import RequirementList from './RequirementList.vue'

/** The project's cover page: what it is for, for whom, what is asked of it and what is still open. */
const project = useProject()
const map = useMap()
const settings = computed(() => map.site.settings.site)
const goals = computed(() => inOrder(Object.values(map.site.goals)))
const audiences = computed(() => inOrder(Object.values(map.site.audienceGroups)))
const ideas = computed(() => inOrder(Object.values(map.site.ideas)))
const openOfPages = computed(() =>
  Object.values(map.site.decisions).filter(({ page, answer }) => page && map.pages[page] && !answer),
)

const remove = (label: string, collection: string, id: string) =>
  project.changeSite(label, [{ type: 'remove', collection, id }])

const pointWords = ({ page, question, who }: Decision) =>
  `${map.titleOf(page)}: ${question}${who ? ` (${who} decides)` : ''}`

const set = project.setSite
const move = project.moveRecord

const addGoal = (text: string) =>
  project.changeSite('Add goal', putAmong('goals', goals.value, goals.value.length, [{ id: newId(), text }]))
const addAudience = (name: string) =>
  project.changeSite(
    'Add audience',
    putAmong('audienceGroups', audiences.value, audiences.value.length, [
      { id: newId(), name: cutText(name, 200) },
    ]),
  )
const addIdea = (text: string) =>
  project.changeSite(
    'Note an idea',
    putAmong('ideas', ideas.value, ideas.value.length, [{ id: newId(), text }]),
  )

/** An idea becomes a page below home, and is taken off the list. */
function ideaToPage(id: string, text: string) {
  const parent = homePage(map.pages)?.id ?? null
  const page = newId()
  project.changeSite('Make the idea a page', [
    ...addPages(map.pages, parent, childrenOf(map.pages, parent).length, [
      { id: page, title: cutText(text, 500) },
    ]),
    { type: 'remove', collection: 'ideas', id },
  ])
  map.selected = page
}

function ideaToRequirement(id: string, text: string) {
  const there = inOrder(Object.values(map.site.requirements).filter(({ page }) => !page))
  const record = { id: newId(), number: nextRequirement(map.site.requirements), text, state: 'open' as const }
  project.changeSite('Make the idea a requirement', [
    ...putAmong('requirements', there, there.length, [record]),
    { type: 'remove', collection: 'ideas', id },
  ])
}

const profile = computed(() => settings.value?.profile)
const hasStage = (name: string) => !profile.value || profile.value.includes(name)

function setStage(name: string, isOn: boolean) {
  setProfile(profileOf((one) => (one === name ? isOn : hasStage(one))))
}
function setProfile(names: string[] | undefined) {
  project.setSite('Change the profile', 'settings', 'site', ['profile'], names)
}
</script>

<template>
  <div class="board">
    <div class="brief">
      <section>
        <h2>{{ project.name }}</h2>
        <TextField
          label="What the project is for"
          :rows="4"
          :value="settings?.purpose"
          placeholder="Why is there to be a site, and what would be different with it?"
          @change="set('Change purpose of the project', 'settings', 'site', ['purpose'], $event)"
        />
        <TextField
          label="Where the site will stand"
          :value="settings?.address"
          placeholder="https://www.example.com"
          @change="set('Change address of the site', 'settings', 'site', ['address'], $event)"
        />
        <h3>Goals</h3>
        <RecordList
          :records="goals"
          :name-of="({ text }) => text"
          :add="{ label: 'A new goal', placeholder: 'What is it to achieve?' }"
          ordered
          @add="addGoal"
          @move="(one, index) => move('Move goal', 'goals', goals, one.id, index)"
          @remove="remove('Remove goal', 'goals', $event.id)"
        >
          <template #default="{ one: goal }">
            <TextField
              label="Goal"
              hide-label
              :value="goal.text"
              @change="set('Change goal', 'goals', goal.id, ['text'], $event ?? '')"
            />
          </template>
        </RecordList>
        <h3>For whom</h3>
        <RecordList
          :records="audiences"
          :name-of="({ name }) => name"
          :add="{ label: 'A new audience', placeholder: 'Who comes?' }"
          ordered
          @add="addAudience"
          @move="(one, index) => move('Move audience', 'audienceGroups', audiences, one.id, index)"
          @remove="remove('Remove audience', 'audienceGroups', $event.id)"
        >
          <template #default="{ one }">
            <TextField
              label="Audience"
              hide-label
              :value="one.name"
              :max="200"
              @change="set('Rename audience', 'audienceGroups', one.id, ['name'], $event ?? '')"
            />
            <TextField
              :label="`What ${one.name} need`"
              hide-label
              :value="one.needs"
              placeholder="what they come for"
              @change="set('Change needs', 'audienceGroups', one.id, ['needs'], $event)"
            />
          </template>
        </RecordList>
      </section>
      <section>
        <h2>Asked of the project</h2>
        <RequirementList />
        <h2>To decide</h2>
        <p v-for="one in openOfPages" :key="one.id" class="soft">
          {{ pointWords(one) }}
        </p>
        <DecisionList />
      </section>
      <section>
        <h2>Loose ideas</h2>
        <RecordList
          :records="ideas"
          :name-of="({ text }) => cutText(text, 40)"
          :add="{ label: 'A new idea', placeholder: 'Note it before there is a place for it', max: 2000 }"
          ordered
          @add="addIdea"
          @move="(one, index) => move('Move idea', 'ideas', ideas, one.id, index)"
          @remove="remove('Drop idea', 'ideas', $event.id)"
        >
          <template #default="{ one: idea }">
            <TextField
              label="Idea"
              hide-label
              :rows="2"
              :value="idea.text"
              @change="set('Change idea', 'ideas', idea.id, ['text'], $event ?? '')"
            />
          </template>
          <template #acts="{ one: idea }">
            <ElButton link @click="ideaToPage(idea.id, idea.text)">Make it a page</ElButton>
            <ElButton link @click="ideaToRequirement(idea.id, idea.text)">Make it a requirement</ElButton>
          </template>
        </RecordList>
        <h2>References</h2>
        <ReferenceList />
        <h2>Profile</h2>
        <p class="soft">The stages this project goes through. The stage line and the Ledger follow.</p>
        <span class="line">
          <ElButton v-for="(takes, label) in PROFILES" :key="label" @click="setProfile(profileOf(takes))">
            {{ label }}
          </ElButton>
        </span>
        <ElCheckbox
          v-for="stage in stages"
          :key="stage.name"
          :model-value="hasStage(stage.name)"
          :disabled="stage.name === 'map'"
          @change="setStage(stage.name, $event as boolean)"
          >{{ stage.label }}</ElCheckbox
        >
      </section>
      <section class="wide">
        <h2>What others do</h2>
        <ComparisonTable />
      </section>
    </div>
  </div>
</template>

<style scoped>
.brief {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 16px;
  max-width: 1280px;
}
section {
  display: grid;
  gap: 8px;
  align-content: start;
  padding: 16px;
  background: var(--paper);
  border: 1px solid var(--hairline);
}
.wide {
  grid-column: 1 / -1;
}
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
</style>
