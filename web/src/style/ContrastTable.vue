<script setup lang="ts">
import { ElButton, ElCheckbox } from 'element-plus'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import type { ContrastRow } from '@nolvex/core/review/style/contrastTable'
import SortedTable from '../forms/SortedTable.vue'
import type { Column } from '../forms/sortedRows'
import { useProject } from '../session/projectStore'
import { useColourUse } from './useColourUse'
import { useGuide } from './useGuide'

/** All pairs of colours that drawings use, and those the roles make, with what WCAG 2.2 says of them. */
const project = useProject()
const router = useRouter()
const { set } = useGuide()
const { rows } = useColourUse()
const onlyFailing = ref(false)
const shown = computed(() => (onlyFailing.value ? rows.value.filter(({ passes }) => !passes) : rows.value))
const failing = computed(() => rows.value.filter(({ passes }) => !passes).length)

const AS = { words: 'text', large: 'large text', edge: 'edge' } as const
const nameOf = ({ name, set: of }: ContrastRow['words']) => (of === 'dark' ? `${name} (dark)` : name)

const columns: Column<ContrastRow>[] = [
  { key: 'sample', label: '', track: '44px' },
  { key: 'words', label: 'Words', track: 'minmax(90px, 1fr)', by: ({ words }) => nameOf(words) },
  { key: 'ground', label: 'On', track: 'minmax(90px, 1fr)', by: ({ ground }) => nameOf(ground) },
  { key: 'as', label: 'As', track: '72px', by: ({ as }) => AS[as] },
  { key: 'ratio', label: 'Ratio', track: '64px', by: ({ ratio }) => ratio },
  { key: 'level', label: 'WCAG', track: '84px', by: ({ level }) => level },
  { key: 'used', label: 'Used', track: '52px', by: ({ places }) => places.length },
  { key: 'fix', label: '', track: '150px' },
]

/** Another value for the words' colour, in the set the pair is of. */
function mend({ words, fix }: ContrastRow) {
  if (!words.id || !fix) return
  const field = words.set === 'dark' ? 'dark' : 'value'
  set(`Give ${words.name} enough contrast`, 'tokens', words.id, [field], fix)
}

function show({ places: [first] }: ContrastRow) {
  if (!first) return
  void router.push({
    name: 'wireframe',
    params: { project: project.id, page: first.page },
    query: { block: first.key.split(/[-/]/)[0] },
  })
}
</script>

<template>
  <p v-if="rows.length === 0" class="soft">
    No pairs yet: give colours their roles, or draw a page, and their contrast is told here.
  </p>
  <template v-else>
    <p>
      {{ rows.length }} pairs<template v-if="failing"
        >, <b class="fails">{{ failing === 1 ? '1 fails' : `${failing} fail` }}</b></template
      ><template v-else>, all of them pass</template>.
      <ElCheckbox v-model="onlyFailing" label="only those that fail" :disabled="!failing" />
    </p>
    <SortedTable class="table" label="Contrast of pairs of colours" :rows="shown" :columns="columns">
      <template #sample="{ row }">
        <span
          class="sample"
          aria-hidden="true"
          :style="{ background: row.ground.hex, color: row.words.hex, borderColor: row.words.hex }"
          :class="{ edge: row.as === 'edge' }"
          >{{ row.as === 'edge' ? '' : 'Aa' }}</span
        >
      </template>
      <template #words="{ row }">{{ nameOf(row.words) }}</template>
      <template #ground="{ row }">{{ nameOf(row.ground) }}</template>
      <template #as="{ row }">{{ AS[row.as as keyof typeof AS] }}</template>
      <template #ratio="{ row }">{{ row.ratio.toFixed(2) }}</template>
      <template #level="{ row }"
        ><span :class="{ fails: !row.passes }">{{
          row.passes ? row.level : `needs ${row.needed}`
        }}</span></template
      >
      <template #used="{ row }"
        ><ElButton
          v-if="row.places.length"
          link
          :aria-label="`${row.places.length} times ${nameOf(row.words)} stands on ${nameOf(row.ground)}: show the first`"
          @click="show(row)"
          >{{ row.places.length }}</ElButton
        ></template
      >
      <template #fix="{ row }">
        <ElButton v-if="row.fix && row.words.id" link @click="mend(row)"
          ><span class="swatch" :style="{ background: row.fix }" />Make it {{ row.fix }}</ElButton
        >
        <span v-else-if="!row.passes" class="soft">{{
          row.words.id ? 'no such colour passes' : 'no token'
        }}</span>
      </template>
    </SortedTable>
  </template>
</template>

<style scoped>
.table {
  height: 330px;
}
.sample {
  display: grid;
  width: 34px;
  height: 22px;
  place-items: center;
  border: 1px solid transparent;
  font-weight: 600;
}
.sample:not(.edge) {
  border-color: var(--hairline) !important; /* its colour is written for edges alone */
}
.sample.edge {
  border-width: 3px;
}
.fails {
  color: var(--brick);
  font-weight: 600;
}
.swatch {
  width: 12px;
  height: 12px;
  margin-right: 5px;
  border: 1px solid var(--edge);
}
</style>
