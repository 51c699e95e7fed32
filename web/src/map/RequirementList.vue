<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { inOrder } from '@nolvex/core/document/tree'
import { putAmong } from '@nolvex/core/document/placing'
import { nextRequirement } from '@nolvex/core/site/brief'
import ChoiceField from '../forms/ChoiceField.vue'
import RecordList from '../forms/RecordList.vue'
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
  <RecordList
    :records="list"
    :name-of="({ number }) => `requirement ${number}`"
    :add="{ label: 'A new requirement', placeholder: 'What it has to do', max: 2000 }"
    ordered
    @add="add"
    @move="(one, index) => project.moveRecord('Move requirement', 'requirements', list, one.id, index)"
    @remove="remove($event.id)"
  >
    <template #default="{ one }">
      <div class="requirement">
        <b>R-{{ one.number }}</b>
        <TextField
          :label="`Requirement ${one.number}`"
          hide-label
          :rows="2"
          :value="one.text"
          @change="project.setSite('Change requirement', 'requirements', one.id, ['text'], $event ?? '')"
        />
      </div>
    </template>
    <template #acts="{ one }">
      <ChoiceField
        class="state"
        :label="`State of requirement ${one.number}`"
        hide-label
        :value="one.state"
        :choices="STATES"
        @change="project.setSite('Change state of requirement', 'requirements', one.id, ['state'], $event)"
      />
      <ElButton
        v-if="one.page"
        link
        @click="
          project.setSite(`Make R-${one.number} the project’s`, 'requirements', one.id, ['page'], undefined)
        "
      >
        Make it the project’s
      </ElButton>
    </template>
  </RecordList>
</template>

<style scoped>
.requirement {
  display: grid;
  grid-template-columns: 32px minmax(0, 1fr);
  gap: 4px;
}
.requirement b {
  line-height: 28px;
}
.state {
  width: 92px;
}
</style>
