<script setup lang="ts">
import { computed } from 'vue'
import { inOrder } from '@nolvex/core/document/tree'
import { putAmong } from '@nolvex/core/document/placing'
import type { Decision } from '@nolvex/core/site/brief'
import RecordList from '../forms/RecordList.vue'
import TextField from '../forms/TextField.vue'
import { newId } from '../session/newId'
import { useProject } from '../session/projectStore'
import { useMap } from './mapStore'

/** Points to decide on a page, or on the whole project: open ones first, decided ones with reason and evidence. */
const props = defineProps<{ page?: string }>()
const project = useProject()
const map = useMap()
const all = computed(() =>
  inOrder(Object.values(map.site.decisions).filter(({ page }) => page === props.page)),
)
const list = computed(() => [
  ...all.value.filter(({ answer }) => !answer),
  ...all.value.filter(({ answer }) => answer),
])

function add(question: string) {
  const record = { id: newId(), question, ...(props.page ? { page: props.page } : {}) }
  project.changeSite('Add a point to decide', putAmong('decisions', all.value, all.value.length, [record]))
}

const set = (label: string, { id }: Decision, field: string, value: string | undefined) =>
  project.setSite(label, 'decisions', id, [field], value)
const remove = (id: string) =>
  project.changeSite('Remove decision', [{ type: 'remove', collection: 'decisions', id }])
</script>

<template>
  <RecordList
    :records="list"
    :name-of="({ question }) => question"
    :add="{ label: 'A point to decide', placeholder: 'What is not decided yet?' }"
    @add="add"
    @remove="remove($event.id)"
  >
    <template #default="{ one }">
      <div class="decision" :class="{ decided: one.answer }">
        <b>{{ one.answer ? 'Decided' : 'Open' }}</b>
        <TextField
          label="Question"
          hide-label
          :rows="2"
          :value="one.question"
          @change="set('Change question', one, 'question', $event ?? '')"
        />
        <TextField
          label="Who decides"
          :value="one.who"
          :max="200"
          @change="set('Change who decides', one, 'who', $event)"
        />
        <TextField
          label="Answer"
          :rows="2"
          :value="one.answer"
          @change="set('Decide', one, 'answer', $event)"
        />
        <template v-if="one.answer">
          <TextField
            label="Reason"
            :rows="2"
            :value="one.reason"
            @change="set('Change reason', one, 'reason', $event)"
          />
          <TextField
            label="Evidence"
            :rows="2"
            :value="one.evidence"
            @change="set('Change evidence', one, 'evidence', $event)"
          />
        </template>
      </div>
    </template>
  </RecordList>
</template>

<style scoped>
.decision {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 4px;
  padding-left: 10px;
  border-left: 3px solid var(--ochre);
}
.decided {
  border-color: var(--pine);
}
</style>
