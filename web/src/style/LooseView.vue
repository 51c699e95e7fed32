<script setup lang="ts">
import { ElButton, ElCheckbox, ElMessage } from 'element-plus'
import { computed, ref } from 'vue'
import { drawingTitle } from '@nolvex/core/resolve/pageSources'
import { rawValues, suggestedName, takeOver, type RawUse, type RawValue } from '@nolvex/core/edit/rawValues'
import ChoiceField from '../forms/ChoiceField.vue'
import LineInput from '../forms/LineInput.vue'
import SortedTable from '../forms/SortedTable.vue'
import type { Column } from '../forms/sortedRows'
import { newId } from '../session/newId'
import GuideBoard from './GuideBoard.vue'
import GuideSection from './GuideSection.vue'
import { useGuide } from './useGuide'

/** Every colour, gap, corner and width of a line that drawings use without a token, to be made tokens in one step. */
const { project, tokens, changeAll } = useGuide()
interface Row extends RawValue {
  id: string
}
const rows = computed((): Row[] =>
  rawValues(project.view.documents).map((raw) => ({ ...raw, id: `${raw.use} ${raw.key}` })),
)
const only = ref<RawUse>()
const shown = computed(() => (only.value ? rows.value.filter(({ use }) => use === only.value) : rows.value))
const USES: Record<RawUse, string> = {
  colour: 'colours',
  space: 'gaps',
  radius: 'corners',
  line: 'lines',
  other: 'other lengths',
}
const ONE: Record<RawUse, string> = {
  colour: 'colour',
  space: 'gap',
  radius: 'corner',
  line: 'line',
  other: 'length',
}

/** what was chosen for a value: a token, or a name; what is near a token becomes that where nothing was chosen */
const chosen = ref<Record<string, { token: string } | { name: string }>>({})
const left = ref(new Set<string>())
const intoOf = (row: Row) =>
  chosen.value[row.id] ?? (row.token ? { token: row.token.id } : { name: suggestedName(row) })
const choose = (row: Row, into: { token: string } | { name: string }) =>
  (chosen.value = { ...chosen.value, [row.id]: into })
function leave(row: Row, isTaken: boolean) {
  const next = new Set(left.value)
  if (isTaken) next.delete(row.id)
  else next.add(row.id)
  left.value = next
}
const taken = computed(() => shown.value.filter(({ id }) => !left.value.has(id)))

const tokenChoices = (row: Row) =>
  Object.fromEntries(
    tokens.value
      .filter((token) =>
        row.use === 'colour'
          ? token.type === 'colour'
          : token.type === 'length' && (token.use ?? 'space') === row.use,
      )
      .map(({ id, name }) => [id, name]),
  )
const where = ({ uses }: Row) =>
  uses.map(({ document }) => drawingTitle(project.view.documents, document) ?? 'the guide’s parts').join(', ')

function take() {
  const parts = takeOver(
    project.view.documents,
    taken.value.map((row) => ({ raw: row, into: intoOf(row) })),
    newId,
  )
  const count = taken.value.length
  changeAll(`Make ${count} values tokens`, parts)
  chosen.value = {}
  ElMessage({ message: `${count} values are tokens now, wherever they are used.` })
}

const columns: Column<Row>[] = [
  { key: 'take', label: '', track: '28px' },
  { key: 'value', label: 'Value', track: '120px', by: ({ key }) => key },
  { key: 'use', label: 'What', track: '64px', by: ({ use }) => ONE[use] },
  { key: 'count', label: 'Times', track: '52px', by: ({ count }) => count },
  { key: 'where', label: 'Where', track: 'minmax(90px, 1fr)', by: where },
  { key: 'into', label: 'Becomes', track: 'minmax(250px, 1.4fr)' },
]
</script>

<template>
  <GuideBoard>
    <GuideSection title="Values without a token">
      <template #acts>
        <ChoiceField
          label="Only"
          hide-label
          :value="only"
          :choices="USES"
          none="all of them"
          @change="only = $event"
        />
        <ElButton type="primary" :disabled="taken.length === 0" @click="take"
          >Make {{ taken.length === 1 ? '1 token' : `${taken.length} tokens` }}</ElButton
        >
      </template>
      <p v-if="rows.length === 0" class="soft">
        Nothing: every colour, gap, corner and line of the drawings comes from the guide.
      </p>
      <SortedTable
        v-else
        class="table"
        label="Values without a token"
        :rows="shown"
        :columns="columns"
        :height="40"
      >
        <template #take="{ row }"
          ><ElCheckbox
            :model-value="!left.has(row.id)"
            :aria-label="`Make ${row.key} a token`"
            @update:model-value="leave(row, Boolean($event))"
        /></template>
        <template #value="{ row }"
          ><span v-if="row.use === 'colour'" class="swatch" :style="{ background: row.key }" />{{
            row.key
          }}</template
        >
        <template #use="{ row }">{{ ONE[row.use as RawUse] }}</template>
        <template #count="{ row }">{{ row.count }}</template>
        <template #where="{ row }"
          ><span :title="where(row)">{{ where(row) }}</span></template
        >
        <template #into="{ row }">
          <span class="into">
            <ChoiceField
              :label="`What ${row.key} becomes`"
              hide-label
              :value="'token' in intoOf(row) ? (intoOf(row) as { token: string }).token : undefined"
              :choices="tokenChoices(row)"
              none="a new token"
              @change="choose(row, $event ? { token: $event } : { name: suggestedName(row) })"
            />
            <LineInput
              v-if="'name' in intoOf(row)"
              :label="`Name of the new token for ${row.key}`"
              :value="(intoOf(row) as { name: string }).name"
              :max="100"
              @change="$event && choose(row, { name: $event })"
            />
            <small v-else-if="row.token && !row.token.isSame && !chosen[row.id]" class="soft"
              >nearly the same</small
            >
          </span>
        </template>
      </SortedTable>
    </GuideSection>
  </GuideBoard>
</template>

<style scoped>
.table {
  height: 440px;
}
.swatch {
  display: inline-block;
  width: 14px;
  height: 14px;
  margin-right: 6px;
  border: 1px solid var(--edge);
  vertical-align: -2px;
}
.into {
  display: flex;
  gap: 6px;
  align-items: center;
}
</style>
