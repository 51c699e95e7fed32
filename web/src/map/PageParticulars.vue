<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { addSection, sectionsOf } from '@nolvex/core/site/pageChanges'
import { homePage, pathFromTitle } from '@nolvex/core/site/address'
import type { Json } from '@nolvex/core/document/types'
import { newId } from '../session/newId'
import { useProject } from '../session/projectStore'

const props = defineProps<{ page: string; address: string }>()
const project = useProject()
const router = useRouter()
const trouble = ref('')
const newSection = ref('')

const page = computed(() => project.site.records.pages[props.page])
const sections = computed(() => sectionsOf(project.site.records.sections, props.page))
const isHome = computed(() => homePage(project.site.records.pages)?.id === props.page)
watch(
  () => props.page,
  () => (trouble.value = ''),
)

function set(label: string, path: string[], value: Json | undefined) {
  project.changeSite(label, [
    { type: 'set', collection: 'pages', id: props.page, path, ...(value === undefined ? {} : { value }) },
  ])
}

function setPath(typed: string) {
  const path = typed.trim().replace(/^\/+|\/+$/g, '')
  trouble.value = /[\s/?#]/.test(path) ? 'A path has no spaces and none of / ? #. Use hyphens.' : ''
  if (!trouble.value) set('Change path', ['path'], path || undefined)
}

function add() {
  if (!newSection.value.trim()) return
  project.changeSite(
    'Add section',
    addSection(project.site.records.sections, props.page, newId(), newSection.value.trim()),
  )
  newSection.value = ''
}

function renameSection(id: string, name: string) {
  project.changeSite('Rename section', [
    { type: 'set', collection: 'sections', id, path: ['name'], value: name },
  ])
}

const removeSection = (id: string) =>
  project.changeSite('Remove section', [{ type: 'remove', collection: 'sections', id }])
</script>

<template>
  <aside v-if="page" class="particulars" aria-label="The selected page">
    <h2 dir="auto">{{ page.title || 'Untitled' }}</h2>
    <p class="soft">{{ address }}</p>
    <label>
      Title
      <input
        class="field"
        :value="page.title"
        maxlength="500"
        @change="set('Rename page', ['title'], ($event.target as HTMLInputElement).value)"
      />
    </label>
    <label v-if="!isHome">
      Path
      <input
        class="field"
        :value="page.path ?? ''"
        :placeholder="pathFromTitle(page.title) || 'page'"
        maxlength="200"
        @change="setPath(($event.target as HTMLInputElement).value)"
      />
    </label>
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <label>
      What it is for
      <textarea
        class="field"
        rows="3"
        maxlength="2000"
        :value="page.purpose ?? ''"
        placeholder="Who comes here, and wanting what?"
        @change="
          set('Change purpose', ['purpose'], ($event.target as HTMLTextAreaElement).value || undefined)
        "
      />
    </label>
    <h3>Sections</h3>
    <ul>
      <li v-for="section in sections" :key="section.id">
        <input
          :value="section.name"
          :aria-label="`Name of section ${section.name}`"
          @change="renameSection(section.id, ($event.target as HTMLInputElement).value)"
        />
        <button
          class="plain"
          :aria-label="`Remove section ${section.name}`"
          @click="removeSection(section.id)"
        >
          Remove
        </button>
      </li>
    </ul>
    <form @submit.prevent="add">
      <input
        v-model="newSection"
        class="field"
        placeholder="Another section"
        aria-label="Name of a new section"
        maxlength="200"
      />
      <button class="action">Add</button>
    </form>
    <button
      class="action main draw"
      @click="router.push({ name: 'wireframe', params: { project: project.id, page: props.page } })"
    >
      Draw this page
    </button>
  </aside>
</template>

<style scoped>
.particulars {
  display: flex;
  flex: none;
  flex-direction: column;
  gap: 8px;
  width: 248px;
  padding: 16px;
  overflow: auto;
  background: var(--paper);
  border-left: 1px solid var(--hairline);
}
h2,
h3 {
  overflow-wrap: anywhere;
}
h3 {
  margin-top: 8px;
}
label {
  display: grid;
  gap: 2px;
  color: var(--soft);
}
.field {
  width: 100%;
  color: var(--ink);
}
textarea.field {
  height: auto;
  padding: 6px 8px;
  resize: vertical;
}
.trouble {
  color: var(--brick);
}
ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  display: flex;
  border-bottom: 1px solid var(--hairline);
}
li input {
  flex: 1;
  min-width: 0;
  height: 28px;
  border: 0;
  background: none;
}
li .plain {
  color: var(--soft);
  font-weight: 400;
}
form {
  display: flex;
  gap: 6px;
}
.draw {
  margin-top: 12px;
}
</style>
