<script setup lang="ts">
import { computed, ref } from 'vue'
import { moveAmong } from '@nolvex/core/document/placing'
import type { Json } from '@nolvex/core/document/types'
import type { Page, Section } from '@nolvex/core/site/site'
import { addSection, commonSections, sectionsOf } from '@nolvex/core/site/pageChanges'
import AddLine from '../forms/AddLine.vue'
import ChoiceField from '../forms/ChoiceField.vue'
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

function move(section: Section, step: -1 | 1) {
  const index = own.value.indexOf(section) + step
  if (index < 0 || index >= own.value.length) return
  const others = own.value.filter(({ id }) => id !== section.id)
  project.changeSite('Move section', moveAmong('sections', others, index, section.id))
}

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
    <ol>
      <li v-for="section in own" :key="section.id">
        <div class="line">
          <input
            :value="section.name"
            :aria-label="`Name of section ${section.name}`"
            maxlength="200"
            @change="set('Rename section', section.id, ['name'], ($event.target as HTMLInputElement).value)"
            @keydown.alt.up.prevent.stop="move(section, -1)"
            @keydown.alt.down.prevent.stop="move(section, 1)"
          />
          <button class="plain" :aria-label="`Move ${section.name} up`" @click="move(section, -1)">↑</button>
          <button class="plain" :aria-label="`Move ${section.name} down`" @click="move(section, 1)">↓</button>
          <button
            class="plain"
            :aria-expanded="open === section.id"
            @click="open = open === section.id ? undefined : section.id"
          >
            {{ open === section.id ? 'Less' : 'More' }}
          </button>
        </div>
        <div v-if="open === section.id" class="more">
          <TextField
            label="What it is for"
            :rows="2"
            :value="section.purpose"
            @change="set('Change purpose', section.id, ['purpose'], $event)"
          />
          <TextField
            label="Pattern it will use"
            :value="section.pattern"
            placeholder="cards, prices, picture and words…"
            :max="200"
            @change="set('Change pattern', section.id, ['pattern'], $event)"
          />
          <ChoiceField
            label="Where its content comes from"
            :value="section.source"
            :choices="{ written: 'Written once', service: 'The content service' }"
            none="Not said"
            @change="set('Change where content comes from', section.id, ['source'], $event)"
          />
          <div class="line">
            <button class="plain" @click="share(section)">Common to all pages</button>
            <button class="plain" :aria-label="`Remove section ${section.name}`" @click="remove(section.id)">
              Remove
            </button>
          </div>
        </div>
      </li>
    </ol>
    <AddLine label="Name of a new section" placeholder="Another section" :max="200" @add="add" />
    <template v-if="common.length">
      <h3>Common to all pages</h3>
      <div v-for="section in common" :key="section.id" class="line">
        <input
          type="checkbox"
          :checked="!page.without?.includes(section.id)"
          :aria-label="`${section.name} stands on this page`"
          @change="takeOut(section, ($event.target as HTMLInputElement).checked)"
        />
        <input
          :value="section.name"
          :aria-label="`Name of common section ${section.name}`"
          maxlength="200"
          @change="set('Rename section', section.id, ['name'], ($event.target as HTMLInputElement).value)"
        />
        <span class="soft">{{ section.common === 'bottom' ? 'foot' : 'top' }}</span>
        <button class="plain" :aria-label="`Remove section ${section.name}`" @click="remove(section.id)">
          Remove
        </button>
      </div>
    </template>
  </div>
</template>

<style scoped>
ol {
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  border-bottom: 1px solid var(--hairline);
}
.line {
  display: flex;
  gap: 8px;
  align-items: center;
}
.line label {
  flex: 1;
}
.line input:not([type]) {
  flex: 1;
  min-width: 0;
  height: 28px;
  border: 0;
  background: none;
}
.more {
  display: grid;
  gap: 6px;
  padding: 4px 0 10px;
}
</style>
