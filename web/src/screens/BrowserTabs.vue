<script setup lang="ts">
import { ElButton, ElRadio, ElRadioGroup } from 'element-plus'
import { computed } from 'vue'
import type { Json } from '@nolvex/core/document/types'
import { putAmong, setField } from '@nolvex/core/document/placing'
import { inOrder } from '@nolvex/core/document/tree'
import type { BrowserTab } from '@nolvex/core/viewport/browserTab'
import RecordList from '../forms/RecordList.vue'
import TextField from '../forms/TextField.vue'
import { newId } from '../session/newId'
import { useProject } from '../session/projectStore'

/** The tabs a browser frame shows: added, ordered and removed, one of them in front. */
const project = useProject()
const tabs = computed(() => inOrder(Object.values(project.site.records.browserTabs)))
const front = computed(() => tabs.value.find(({ active }) => active) ?? tabs.value[0])

const set = (tab: BrowserTab, field: keyof BrowserTab, value: Json | undefined) =>
  project.setSite('Change a tab', 'browserTabs', tab.id, [field], value)

function add() {
  const made = tabs.value.length === 0 ? { active: true } : { title: 'Another page' }
  const operations = putAmong('browserTabs', tabs.value, tabs.value.length, [{ id: newId(), ...made }])
  project.changeSite('Add a tab', operations)
}

function bringForward(chosen: unknown) {
  project.changeSite(
    'Bring a tab to the front',
    tabs.value.map(({ id }) => setField('browserTabs', id, 'active', id === chosen || undefined)),
  )
}
const remove = ({ id }: BrowserTab) =>
  project.changeSite('Remove a tab', [{ type: 'remove', collection: 'browserTabs', id }])
</script>

<template>
  <section>
    <h3>Tabs of the browser frame</h3>
    <p v-if="tabs.length === 0" class="soft">One tab, with the title and address of the page in view.</p>
    <ElRadioGroup class="tabs" :model-value="front?.id" aria-label="The tab in front" @change="bringForward">
      <RecordList
        :records="tabs"
        :name-of="({ title }) => `the tab ${title ?? ''}`"
        ordered
        @move="(tab, index) => project.moveRecord('Move a tab', 'browserTabs', tabs, tab.id, index)"
        @remove="remove"
      >
        <template #default="{ one: tab }">
          <div class="tab">
            <ElRadio :value="tab.id" :title="tab === front ? 'In front' : 'Bring it to the front'">
              <span class="visually-hidden">In front</span>
            </ElRadio>
            <TextField
              label="Icon"
              hide-label
              :value="tab.icon"
              placeholder="▪"
              :max="8"
              @change="set(tab, 'icon', $event)"
            />
            <TextField
              label="Title"
              hide-label
              :value="tab.title"
              :placeholder="tab === front ? 'the page’s title' : 'Another page'"
              :max="100"
              @change="set(tab, 'title', $event)"
            />
            <TextField
              label="Address"
              hide-label
              :value="tab.address"
              :placeholder="tab === front ? 'the page’s address' : ''"
              :max="500"
              @change="set(tab, 'address', $event)"
            />
          </div>
        </template>
      </RecordList>
    </ElRadioGroup>
    <ElButton @click="add">Add a tab</ElButton>
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 8px;
  justify-items: start;
  padding: 12px 16px;
  background: var(--paper);
  border: 1px solid var(--hairline);
}
.tabs {
  display: block;
}
.tab {
  display: grid;
  grid-template-columns: 20px 56px 1fr 2fr;
  gap: 8px;
  align-items: center;
}
</style>
