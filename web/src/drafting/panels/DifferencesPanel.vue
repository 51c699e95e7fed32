<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { bandDifferences, giveBack, type BandDifference } from '@nolvex/core/edit/bandDifferences'
import { useDraftingPage } from '../useDraftingPage'

/** All that this band says otherwise than the one it comes from, block by block, each with a way back. */
const page = useDraftingPage()
const found = computed(() => bandDifferences(page.blocks.value, page.at.value))
const byBlock = computed(() => {
  const groups = new Map<string, BandDifference[]>()
  for (const one of found.value) groups.set(one.record, [...(groups.get(one.record) ?? []), one])
  return [...groups].map(([record, differences]) => ({ record, differences }))
})
const nameOf = (record: string) => page.nameOf(page.keyOf(record))

function back(some: BandDifference[]) {
  const label = some.length === 1 ? `Give back ${some[0].what}` : `Give back ${some.length} values`
  page.change(label, giveBack(some, page.at.value))
}
</script>

<template>
  <p v-if="page.isLead.value" class="soft">
    {{ page.band.value.name }} is the lead band: the others differ from it. Show another band to see how.
  </p>
  <p v-else-if="!found.length" class="soft">
    Nothing differs at {{ page.band.value.name }}. What you change at this band is listed here.
  </p>
  <template v-else>
    <div class="acts">
      <span
        >{{ found.length === 1 ? '1 value' : `${found.length} values` }} at {{ page.band.value.name }}</span
      >
      <ElButton link @click="back(found)">Give all back</ElButton>
    </div>
    <section v-for="{ record, differences } in byBlock" :key="record">
      <h3>
        <ElButton link @click="page.select([page.keyOf(record)])">
          <span dir="auto">{{ nameOf(record) }}</span>
        </ElButton>
      </h3>
      <div v-for="one in differences" :key="one.what" class="difference">
        <span class="sign" aria-hidden="true">≠</span>
        <span class="what">{{ one.what }}</span>
        <span class="values"
          >{{ one.from }} → <b>{{ one.to }}</b></span
        >
        <ElButton link :aria-label="`Give back ${one.what} of ${nameOf(record)}`" @click="back([one])">
          give back
        </ElButton>
      </div>
    </section>
  </template>
</template>

<style scoped>
.acts {
  display: flex;
  justify-content: space-between;
}
h3 {
  margin: 8px 0 2px;
}
.difference {
  display: flex;
  gap: 6px;
  align-items: baseline;
  padding: 3px 0;
  border-bottom: 1px dotted var(--edge);
}
.sign {
  color: var(--ochre-text);
  font-weight: 700;
}
.what {
  flex: 1;
  color: var(--soft);
}
.values {
  font-size: 12px;
  font-variant-numeric: tabular-nums;
}
</style>
