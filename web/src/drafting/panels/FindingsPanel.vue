<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { SEVERITIES, type Severity } from '@nolvex/core/review/finding'
import { useReview } from '../../review/useReview'
import { useFindingWalk } from '../../review/useFindingWalk'
import { useDraftingPage } from '../useDraftingPage'

/** What review finds on the page that is drawn, kept up while one draws; the gravest first. */
const page = useDraftingPage()
const { findings, waiting, isSweeping, pageOf } = useReview()
const walk = useFindingWalk()

const here = computed(() => findings.value.filter((finding) => pageOf(finding) === page.page.value))
const groups = computed(() =>
  (Object.keys(SEVERITIES) as Severity[])
    .map((severity) => ({ severity, found: here.value.filter((finding) => finding.severity === severity) }))
    .filter(({ found }) => found.length),
)
</script>

<template>
  <p v-if="waiting || isSweeping" class="soft" role="status">Looking…</p>
  <p v-else-if="!here.length" class="soft">Nothing is found wrong on this page, at any width.</p>
  <section v-for="{ severity, found } in groups" :key="severity">
    <h3>{{ SEVERITIES[severity] }} {{ found.length }}</h3>
    <ul>
      <li v-for="(finding, index) in found" :key="index">
        <ElButton link @click="walk.show(finding, here)">{{ finding.says }}</ElButton>
      </li>
    </ul>
  </section>
</template>

<style scoped>
h3 {
  margin: 8px 0 2px;
}
ul {
  margin: 0;
  padding: 0;
  list-style: none;
}
li {
  padding: 4px 0;
  border-bottom: 1px dotted var(--edge);
}
li .el-button {
  height: auto;
  white-space: normal;
  text-align: left;
}
</style>
