<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import { RouterLink } from 'vue-router'
import { SEVERITIES } from '@nolvex/core/review/finding'
import { GRAVITY, severityCounts } from '@nolvex/core/review/severityCounts'
import { bandsInOrder } from '@nolvex/core/grid/band'
import PickField from '../forms/PickField.vue'
import { useProject } from '../session/projectStore'
import FindingGroups from './FindingGroups.vue'
import LeftFindings from './LeftFindings.vue'
import { reviewRules } from '@nolvex/core/review/allRules'
import { pagesForReview } from '@nolvex/core/review/drawing/reviewedPages'
import ReportPanel from './ReportPanel.vue'
import { useReview } from './useReview'

/** Everything that was found wrong, on the map and on drawings, with the way to each. */
const project = useProject()
const { findings, sorted, waiting, watchOrder, isPainting, isSweeping, trouble, pageOf, countByPage } =
  useReview()
watchOrder(() => true)
const page = ref<string>()
const severity = ref<string>()
const band = ref<string>()

const pages = computed(() =>
  Object.fromEntries(
    pagesForReview(project.site).flatMap(({ id, title }) => {
      const count = countByPage.value.get(id)
      return count === undefined ? [] : [[id, `${title || 'Untitled'} (${count})`] as const]
    }),
  ),
)
const counts = computed(() => severityCounts(findings.value))
const severities = computed(() =>
  Object.fromEntries(GRAVITY.map((one) => [one, `${SEVERITIES[one]} (${counts.value[one]})`])),
)
const bands = computed(() =>
  Object.fromEntries(
    bandsInOrder(Object.values(project.site.records.bands)).map(({ id, name }) => [id, `At ${name}`]),
  ),
)
const shown = computed(() =>
  findings.value.filter(
    (finding) =>
      (!page.value || pageOf(finding) === page.value) &&
      (!severity.value || finding.severity === severity.value) &&
      (!band.value || !finding.bands || finding.bands.includes(band.value)),
  ),
)
const isNothingThere = computed(() => Object.keys(project.site.records.pages).length === 0)
const title = computed(() => {
  if (isNothingThere.value) return 'Findings'
  const count = shown.value.length
  return count === 0 ? 'Nothing found wrong' : count === 1 ? '1 finding' : `${count} findings`
})
</script>

<template>
  <div class="review">
    <div class="stage-strip">
      <b>{{ title }}</b>
      <span v-if="waiting" class="soft" role="status">
        Looking at {{ waiting === 1 ? 'the last page' : `${waiting} more pages` }}…
      </span>
      <span v-else-if="trouble" class="trouble-text" role="alert">Not all was looked at: {{ trouble }}</span>
      <span v-else-if="isPainting" class="soft" role="status">Looking at pages as they are painted…</span>
      <span v-else-if="isSweeping" class="soft" role="status">Laying pages out at every width…</span>
      <span class="end">
        <PickField
          label="How grave"
          hide-label
          :value="severity"
          :choices="severities"
          none="However grave"
          clearable
          @change="severity = $event"
        />
        <PickField
          label="Band"
          hide-label
          :value="band"
          :choices="bands"
          none="At all bands"
          clearable
          @change="band = $event"
        />
        <PickField
          label="Page"
          hide-label
          :value="page"
          :choices="pages"
          none="All pages"
          clearable
          @change="page = $event"
        />
        <span class="report"><ReportPanel /></span>
      </span>
    </div>
    <div class="board">
      <div v-if="isNothingThere" class="invitation">
        <h2>Nothing to look over yet</h2>
        <p>
          Spacing, alignment, type, colour and what visitors meet first are measured on every page at every
          width, as soon as one is drawn. Begin with the pages of the site.
        </p>
        <p>
          <ElButton type="primary" :tag="RouterLink" :to="{ name: 'map', params: { project: project.id } }"
            >Plan the site map</ElButton
          >
        </p>
      </div>
      <p v-else-if="shown.length === 0 && !waiting" class="soft">
        {{
          findings.length
            ? 'Nothing of this kind: choose something else above.'
            : 'Pages can be reached, nothing runs out at any width, and every section and word that was planned is there.'
        }}
      </p>
      <FindingGroups :findings="shown" :rules="reviewRules" is-whole />
      <LeftFindings :sorted="sorted" />
    </div>
  </div>
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
  max-width: 1080px;
  padding: 8px 24px 48px;
  overflow: auto;
}
.end {
  display: flex;
  gap: 8px;
  margin-left: auto;
}
/* Fields alone share the room. */
.end > :not(.report) {
  width: 168px;
}
</style>
