<script setup lang="ts">
import { computed, ref } from 'vue'
import { drawingRules } from '@nolvex/core/review/drawing/drawingRules'
import { mapRules } from '@nolvex/core/review/map/mapRules'
import { pagesInOrder } from '@nolvex/core/site/treeOrder'
import PickField from '../forms/PickField.vue'
import { useProject } from '../session/projectStore'
import FindingGroups from './FindingGroups.vue'
import { useReview } from './useReview'

/** Everything that was found wrong, on the map and on drawings, with the way to each. */
const project = useProject()
const { findings, waiting, pageOf, countByPage } = useReview()
const page = ref<string>()
const rules = [...drawingRules, ...mapRules]

const choices = computed(() =>
  Object.fromEntries(
    pagesInOrder(project.site.records.pages)
      .filter((one) => countByPage.value.has(one.page.id))
      .map((one) => [one.page.id, `${one.page.title || 'Untitled'} (${countByPage.value.get(one.page.id)})`]),
  ),
)
const shown = computed(() =>
  page.value ? findings.value.filter((finding) => pageOf(finding) === page.value) : findings.value,
)
const title = computed(() => {
  const count = shown.value.length
  return count === 0 ? 'Nothing found wrong' : count === 1 ? '1 finding' : `${count} findings`
})
</script>

<template>
  <main class="review">
    <div class="stage-strip">
      <b>{{ title }}</b>
      <span v-if="waiting" class="soft" role="status">
        Looking at {{ waiting === 1 ? 'the last page' : `${waiting} more pages` }}…
      </span>
      <span class="end">
        <PickField
          label="Page"
          hide-label
          :value="page"
          :choices="choices"
          none="All pages"
          clearable
          @change="page = $event"
        />
      </span>
    </div>
    <div class="board">
      <p v-if="shown.length === 0" class="soft">
        Pages can be reached, nothing runs out at any band, and every section and word that was planned is
        there.
      </p>
      <FindingGroups :findings="shown" :rules="rules" />
    </div>
  </main>
</template>

<style scoped>
.review {
  display: flex;
  flex: 1;
  flex-direction: column;
  min-height: 0;
}
.board {
  flex: 1;
  max-width: 1000px;
  padding: 8px 24px 48px;
  overflow: auto;
}
.end {
  margin-left: auto;
}
</style>
