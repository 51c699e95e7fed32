<script setup lang="ts">
import { computed } from 'vue'
import type { Json } from '@nolvex/core/document/types'
import { moveAmong, putAmong, setField } from '@nolvex/core/document/placing'
import { inOrder } from '@nolvex/core/document/tree'
import type { BrowserTab } from '@nolvex/core/viewport/browserTab'
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

function bringForward(tab: BrowserTab) {
  project.changeSite(
    'Bring a tab to the front',
    tabs.value.map(({ id }) => setField('browserTabs', id, 'active', id === tab.id || undefined)),
  )
}
function move(tab: BrowserTab, by: number) {
  const others = tabs.value.filter(({ id }) => id !== tab.id)
  const at = tabs.value.indexOf(tab) + by
  if (at < 0 || at > others.length) return
  project.changeSite('Move a tab', moveAmong('browserTabs', others, at, tab.id))
}
</script>

<template>
  <section>
    <h3>Tabs of the browser frame</h3>
    <p v-if="tabs.length === 0" class="soft">One tab, with the title and address of the page in view.</p>
    <div v-for="(tab, index) in tabs" :key="tab.id" class="tab">
      <label :title="tab === front ? 'In front' : 'Bring it to the front'">
        <input type="radio" name="front" :checked="tab === front" @change="bringForward(tab)" />
        <span class="visually-hidden">In front</span>
      </label>
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
      <span class="do">
        <button
          class="plain"
          :disabled="index === 0"
          aria-label="Move the tab to the left"
          @click="move(tab, -1)"
        >
          ←
        </button>
        <button
          class="plain"
          :disabled="index === tabs.length - 1"
          aria-label="Move the tab to the right"
          @click="move(tab, 1)"
        >
          →
        </button>
        <button
          class="plain"
          @click="
            project.changeSite('Remove a tab', [{ type: 'remove', collection: 'browserTabs', id: tab.id }])
          "
        >
          Remove
        </button>
      </span>
    </div>
    <button class="action" @click="add">Add a tab</button>
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
.tab {
  display: grid;
  grid-template-columns: 20px 56px 1fr 2fr auto;
  gap: 8px;
  align-items: center;
  width: 100%;
}
.do {
  display: flex;
  gap: 10px;
}
.plain:disabled {
  color: var(--edge);
  cursor: default;
}
</style>
