<script setup lang="ts">
import { ElButton, ElCheckbox, ElInput } from 'element-plus'
import { computed, ref } from 'vue'
import { reviewRules, RULES_OF, type ReviewRule, type RuleOf } from '@nolvex/core/review/allRules'
import { useProject } from '../session/projectStore'
import { useReview } from './useReview'

/** Every rule with what it looks at: those a project has no use for are silent in it. */
const project = useProject()
const { findings } = useReview()
const wanted = ref('')

const silent = computed(() => project.site.records.settings.site.silent ?? {})
const silentCount = computed(() => reviewRules.filter(({ id }) => silent.value[id]).length)
const counts = computed(() => {
  const found = new Map<string, number>()
  for (const { rule } of findings.value) found.set(rule, (found.get(rule) ?? 0) + 1)
  return found
})
const groups = computed(() => {
  const asked = wanted.value.trim().toLowerCase()
  const isAsked = ({ label, why }: ReviewRule) => `${label} ${why}`.toLowerCase().includes(asked)
  return (Object.keys(RULES_OF) as RuleOf[])
    .map((of) => ({
      label: RULES_OF[of],
      rules: reviewRules.filter((rule) => rule.of === of && isAsked(rule)),
    }))
    .filter(({ rules }) => rules.length > 0)
})

const set = ({ id }: ReviewRule, speaks: boolean) =>
  project.setSite(
    speaks ? 'Let a rule speak' : 'Let a rule be silent',
    'settings',
    'site',
    ['silent', id],
    speaks ? undefined : true,
  )
const letAllSpeak = () => project.setSite('Let all rules speak', 'settings', 'site', ['silent'], undefined)
function countWords({ id }: ReviewRule): string {
  if (silent.value[id]) return 'silent'
  const count = counts.value.get(id) ?? 0
  return count ? `${count} found` : ''
}
</script>

<template>
  <div class="rules">
    <div class="stage-strip">
      <b>{{ reviewRules.length }} rules</b>
      <span class="soft">{{
        silentCount ? `${silentCount} silent in this project` : 'all of them speak'
      }}</span>
      <span class="end">
        <ElInput v-model="wanted" clearable placeholder="Type to find a rule" aria-label="Find a rule" />
        <ElButton v-if="silentCount" @click="letAllSpeak">Let all speak</ElButton>
      </span>
    </div>
    <div class="board" tabindex="0" aria-label="Rules">
      <p v-if="!groups.length" class="soft">No rule says “{{ wanted }}”.</p>
      <section v-for="{ label, rules } in groups" :key="label">
        <h3>
          {{ label }} <span class="soft">{{ rules.length }}</span>
        </h3>
        <ul>
          <li v-for="rule in rules" :key="rule.id" :data-rule="rule.id">
            <ElCheckbox :model-value="!silent[rule.id]" @change="set(rule, Boolean($event))">{{
              rule.label
            }}</ElCheckbox>
            <span class="soft why">{{ rule.why }}</span>
            <span class="count">{{ countWords(rule) }}</span>
          </li>
        </ul>
      </section>
    </div>
  </div>
</template>

<style scoped>
.rules {
  display: flex;
  flex: 1;
  flex-direction: column;
  min-height: 0;
}
.board {
  flex: 1;
  padding: 8px 24px 48px;
  overflow: auto;
}
.end {
  display: flex;
  gap: 8px;
  margin-left: auto;
}
.end .el-input {
  width: 240px;
}
section {
  max-width: 1160px;
  margin-top: 20px;
}
ul {
  margin: 6px 0 0;
  padding: 0;
  list-style: none;
}
li {
  display: grid;
  grid-template-columns: 320px 1fr 72px;
  gap: 16px;
  align-items: center;
  min-height: 36px;
  border-top: 1px solid var(--hairline);
}
.why {
  line-height: 1.35;
}
.count {
  font-variant-numeric: tabular-nums;
  text-align: right;
}
</style>
