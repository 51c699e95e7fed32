<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import type { Finding } from '@nolvex/core/review/finding'
import { useProject } from '../session/projectStore'
import { useFindingPlace } from './useFindingPlace'

/** Findings rule by rule, each a way to its place, with the change that mends it. */
const props = defineProps<{ findings: Finding[]; rules: { id: string; label: string; why: string }[] }>()
const project = useProject()
const goTo = useFindingPlace()
const MOST = 200

const groups = computed(() =>
  props.rules
    .map((rule) => ({ rule, found: props.findings.filter((finding) => finding.rule === rule.id) }))
    .filter(({ found }) => found.length > 0),
)

function mend({ fix }: Finding) {
  if (fix) project.change(fix.label, fix.parts)
}
</script>

<template>
  <section v-for="{ rule, found } in groups" :key="rule.id">
    <h3>
      {{ rule.label }} <span class="soft">{{ found.length }}</span>
    </h3>
    <p class="soft">{{ rule.why }}</p>
    <ul>
      <li v-for="(finding, index) in found.slice(0, MOST)" :key="index">
        <ElButton text class="says" @click="goTo(finding)">
          <span dir="auto">{{ finding.says }}</span>
        </ElButton>
        <ElButton v-if="finding.fix" @click="mend(finding)">{{ finding.fix.label }}</ElButton>
      </li>
    </ul>
    <p v-if="found.length > MOST" class="soft">and {{ found.length - MOST }} more</p>
  </section>
</template>

<style scoped>
section {
  margin-top: 20px;
}
ul {
  margin: 6px 0 0;
  padding: 0;
  list-style: none;
}
li {
  display: flex;
  gap: 12px;
  align-items: center;
  min-height: 36px;
  border-top: 1px solid var(--hairline);
}
.says.el-button {
  flex: 1;
  justify-content: start;
  height: auto;
  padding: 4px 0;
  font-weight: 400;
  text-align: left;
  white-space: normal;
}
</style>
