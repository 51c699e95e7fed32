<script setup lang="ts">
import { ElButton, ElCheckbox } from 'element-plus'
import { computed, ref } from 'vue'
import type { Json } from '@nolvex/core/document/types'
import type { Page, Section } from '@nolvex/core/site/site'
import { addSection, commonSections, sectionsOf } from '@nolvex/core/site/pageChanges'
import SectionPattern from '../draft/SectionPattern.vue'
import ChoiceField from '../forms/ChoiceField.vue'
import LineInput from '../forms/LineInput.vue'
import RecordList from '../forms/RecordList.vue'
import TextField from '../forms/TextField.vue'
import { newId } from '../session/newId'
import { useProject } from '../session/projectStore'
import { useMap } from './mapStore'

/** What stands on a page, from top to bottom. */
const props = defineProps<{ page: Page }>()
const project = useProject()
const map = useMap()
const open = ref<string>()

const sections = computed(() => map.site.sections)
const own = computed(() => sectionsOf(sections.value, props.page.id))
const common = computed(() => [
  ...commonSections(sections.value, 'top'),
  ...commonSections(sections.value, 'bottom'),
])

const set = (label: string, id: string, path: string[], value: Json | undefined) =>
  project.setSite(label, 'sections', id, path, value)

function add(name: string) {
  project.changeSite('Add section', addSection(sections.value, props.page.id, newId(), name))
}

const move = (section: Section, index: number) =>
  project.moveRecord('Move section', 'sections', own.value, section.id, index)

function remove(id: string) {
  project.changeSite('Remove section', [{ type: 'remove', collection: 'sections', id }])
}

/** Makes a section common to all pages, or this page's own again. */
function share(section: Section) {
  project.changeSite(`Make ${section.name} common to all pages`, [
    { type: 'set', collection: 'sections', id: section.id, path: ['page'] },
    {
      type: 'set',
      collection: 'sections',
      id: section.id,
      path: ['common'],
      value: own.value[0] === section ? 'top' : 'bottom',
    },
  ])
}

function takeOut(section: Section, isOn: boolean) {
  const without = (props.page.without ?? []).filter((id) => id !== section.id)
  const next = isOn ? without : [...without, section.id]
  project.setSite(
    isOn ? `Put ${section.name} on the page` : `Take ${section.name} off the page`,
    'pages',
    props.page.id,
    ['without'],
    next.length ? next : undefined,
  )
}
</script>

<template>
  <div class="part-body">
    <p v-if="own.length === 0" class="soft">
      List what stands on the page, from top to bottom: what a visitor should see first comes first.
    </p>
    <RecordList
      :records="own"
      :name-of="({ name }) => `section ${name}`"
      :add="{ label: 'Name of a new section', placeholder: 'Another section', max: 200 }"
      ordered
      @add="add"
      @move="move"
      @remove="remove($event.id)"
    >
      <template #default="{ one: section }">
        <LineInput
          class="bare"
          :label="`Name of section ${section.name}`"
          :value="section.name"
          :max="200"
          @change="set('Rename section', section.id, ['name'], $event)"
        />
        <div v-if="open === section.id" class="more">
          <TextField
            label="What it is for"
            :rows="2"
            :value="section.purpose"
            @change="set('Change purpose', section.id, ['purpose'], $event)"
          />
          <SectionPattern :section="section" />
          <ChoiceField
            label="Where its content comes from"
            :value="section.source"
            :choices="{ written: 'Written once', service: 'The content service' }"
            none="Not said"
            @change="set('Change where content comes from', section.id, ['source'], $event)"
          />
          <ElButton link @click="share(section)">Common to all pages</ElButton>
        </div>
      </template>
      <template #acts="{ one: section }">
        <ElButton
          link
          :aria-expanded="open === section.id"
          @click="open = open === section.id ? undefined : section.id"
        >
          {{ open === section.id ? 'Less' : 'More' }}
        </ElButton>
      </template>
    </RecordList>
    <template v-if="common.length">
      <h3>Common to all pages</h3>
      <div v-for="section in common" :key="section.id" class="line">
        <ElCheckbox
          :model-value="!page.without?.includes(section.id)"
          :aria-label="`${section.name} stands on this page`"
          @change="takeOut(section, $event as boolean)"
        />
        <LineInput
          class="bare"
          :label="`Name of common section ${section.name}`"
          :value="section.name"
          :max="200"
          @change="set('Rename section', section.id, ['name'], $event)"
        />
        <span class="soft">{{ section.common === 'bottom' ? 'foot' : 'top' }}</span>
        <ElButton link :aria-label="`Remove section ${section.name}`" @click="remove(section.id)">
          Remove
        </ElButton>
      </div>
    </template>
  </div>
</template>

<style scoped>
.line {
  display: flex;
  gap: 8px;
  align-items: center;
}
.more {
  /* Below its line it has the room beside it too. */
  width: calc(100% + 88px);
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 6px;
  justify-items: start;
}
.more > label {
  width: 100%;
}
</style>
