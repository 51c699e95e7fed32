<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { SEVERITIES, type Finding } from '@nolvex/core/review/finding'
import { allFixes } from '@nolvex/core/review/fixes'
import { useProject } from '../session/projectStore'
import LeaveFinding from './LeaveFinding.vue'
import OwnWord from './OwnWord.vue'
import { useFindingWalk } from './useFindingWalk'

/** Findings rule by rule, each a way to its place, with the change that mends it. */
const props = defineProps<{
  findings: Finding[]
  rules: { id: string; label: string; why: string }[]
  /** whether they can be left as they are, and rules be silent */
  isWhole?: boolean
}>()
const project = useProject()
const walk = useFindingWalk()
const MOST = 200
const GRAVITY = Object.keys(SEVERITIES)

const groups = computed(() =>
  props.rules
    .map((rule) => ({ rule, found: props.findings.filter((finding) => finding.rule === rule.id) }))
    .filter(({ found }) => found.length > 0)
    .map(({ rule, found }) => ({ rule, found, fixes: found.filter(({ fix }) => fix).length }))
    .sort((a, b) => GRAVITY.indexOf(a.found[0].severity) - GRAVITY.indexOf(b.found[0].severity)),
)

function mend({ fix }: Finding) {
  if (fix) project.change(fix.label, fix.parts)
}
function mendAll(label: string, found: Finding[]) {
  const { parts, count } = allFixes(found)
  project.change(`${label}: mend ${count}`, parts)
}
const silence = (rule: string) =>
  project.setSite('Let a rule be silent', 'settings', 'site', ['silent', rule], true)
</script>

<template>
  <section v-for="{ rule, found, fixes } in groups" :key="rule.id" :data-rule="rule.id">
    <div class="head">
      <h3>
        {{ rule.label }} <span class="soft">{{ found.length }}</span>
      </h3>
      <span class="severity" :class="found[0].severity">{{ SEVERITIES[found[0].severity] }}</span>
      <ElButton v-if="fixes > 1" @click="mendAll(rule.label, found)">Mend all {{ fixes }}</ElButton>
      <ElButton v-if="isWhole" link class="silence" @click="silence(rule.id)">Silence this rule</ElButton>
    </div>
    <p class="soft">{{ rule.why }}</p>
    <ul>
      <li v-for="(finding, index) in found.slice(0, MOST)" :key="index">
        <ElButton text class="says" @click="walk.show(finding, findings)">
          <span dir="auto">{{ finding.says }}</span>
        </ElButton>
        <ElButton v-if="finding.fix" @click="mend(finding)">{{ finding.fix.label }}</ElButton>
        <OwnWord v-if="finding.word" :word="finding.word" />
        <LeaveFinding v-if="isWhole" :finding="finding" />
      </li>
    </ul>
    <p v-if="found.length > MOST" class="soft">and {{ found.length - MOST }} more</p>
  </section>
</template>

<style scoped>
section {
  margin-top: 20px;
}
.head {
  display: flex;
  gap: 12px;
  align-items: center;
}
.silence {
  margin-left: auto;
}
.severity {
  padding: 0 6px;
  border: 1px solid currentcolor;
  color: var(--slate);
  font-size: 11px;
  line-height: 16px;
}
.severity.serious {
  color: var(--brick);
  font-weight: 700;
}
.severity.fair {
  color: var(--ochre-text);
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
