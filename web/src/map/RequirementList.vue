<script setup lang="ts">
import { computed } from 'vue'
import { inOrder } from '@nolvex/core/document/tree'
import { putAmong } from '@nolvex/core/document/placing'
import { nextRequirement } from '@nolvex/core/site/brief'
import AddLine from '../forms/AddLine.vue'
import ChoiceField from '../forms/ChoiceField.vue'
import TextField from '../forms/TextField.vue'
import { newId } from '../session/newId'
import { useProject } from '../session/projectStore'
import { useMap } from './mapStore'

/** Numbered requirements of a page, or of the whole project where there is none. */
const props = defineProps<{ page?: string }>()
const project = useProject()
const map = useMap()
const list = computed(() =>
  inOrder(Object.values(map.site.requirements).filter(({ page }) => page === props.page)),
)
const STATES = { open: 'Open', agreed: 'Agreed', met: 'Met' } as const

function add(text: string) {
  const record = {
    id: newId(),
    number: nextRequirement(map.site.requirements),
    text,
    state: 'open' as const,
    ...(props.page ? { page: props.page } : {}),
  }
  project.changeSite('Add requirement', putAmong('requirements', list.value, list.value.length, [record]))
}

const remove = (id: string) =>
  project.changeSite('Remove requirement', [{ type: 'remove', collection: 'requirements', id }])
</script>

<template>
  <ul class="requirements">
    <li v-for="one in list" :key="one.id">
      <b>R-{{ one.number }}</b>
      <TextField
        :label="`Requirement ${one.number}`"
        hide-label
        :rows="2"
        :value="one.text"
        @change="project.setSite('Change requirement', 'requirements', one.id, ['text'], $event ?? '')"
      />
      <span class="do">
        <ChoiceField
          :label="`State of requirement ${one.number}`"
          hide-label
          :value="one.state"
          :choices="STATES"
          @change="project.setSite('Change state of requirement', 'requirements', one.id, ['state'], $event)"
        />
        <button
          v-if="one.page"
          class="plain"
          @click="
            project.setSite(`Make R-${one.number} the project’s`, 'requirements', one.id, ['page'], undefined)
          "
        >
          Make it the project’s
        </button>
        <button class="plain" :aria-label="`Remove requirement ${one.number}`" @click="remove(one.id)">
          Remove
        </button>
      </span>
    </li>
  </ul>
  <AddLine label="A new requirement" placeholder="What it has to do" :max="2000" @add="add" />
</template>

<style scoped>
.requirements {
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  display: grid;
  grid-template-columns: 36px 1fr;
  gap: 2px 4px;
  padding: 4px 0;
}
.do {
  display: flex;
  flex-wrap: wrap;
  grid-column: 2;
  gap: 8px;
  align-items: center;
}
</style>
