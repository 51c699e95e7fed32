<script setup lang="ts">
import { ElButton, ElTag } from 'element-plus'
import { computed } from 'vue'
import type { SortedFindings } from '@nolvex/core/review/leftFindings'
import { useProject } from '../session/projectStore'
import { reviewRules } from '@nolvex/core/review/allRules'

/** What a project leaves as it is: findings with their reasons, and rules that do not speak. */
const props = defineProps<{ sorted: SortedFindings }>()
const project = useProject()

const lines = computed(() => [
  ...props.sorted.left.map(({ finding, record }) => ({ record, says: finding.says, isPast: false })),
  ...props.sorted.past.map((record) => ({ record, says: record.says, isPast: true })),
])
const silent = computed(() => {
  const { silent: rules = {} } = project.site.records.settings.site
  return reviewRules.filter(({ id }) => rules[id])
})
const ownWords = computed(() => Object.keys(project.site.records.settings.site.ownWords ?? {}).sort())
const forget = (word: string) =>
  project.setSite(`Forget “${word}”`, 'settings', 'site', ['ownWords', word], undefined)
const takeBack = (id: string) =>
  project.changeSite('Look at a finding again', [{ type: 'remove', collection: 'ignoredFindings', id }])
const letSpeak = (rule: string) =>
  project.setSite('Let a rule speak', 'settings', 'site', ['silent', rule], undefined)
</script>

<template>
  <section v-if="lines.length">
    <h3>
      Left as they are <span class="soft">{{ lines.length }}</span>
    </h3>
    <ul>
      <li v-for="{ record, says, isPast } in lines" :key="record.id">
        <span class="says" dir="auto">{{ says }}</span>
        <span class="reason" dir="auto">{{ record.reason }}{{ isPast ? ' (found no longer)' : '' }}</span>
        <ElButton @click="takeBack(record.id)">{{ isPast ? 'Forget it' : 'Look at it again' }}</ElButton>
      </li>
    </ul>
  </section>
  <section v-if="silent.length">
    <h3>
      Silent in this project <span class="soft">{{ silent.length }}</span>
    </h3>
    <ul>
      <li v-for="rule in silent" :key="rule.id">
        <span class="says">{{ rule.label }}</span>
        <span class="reason">{{ rule.why }}</span>
        <ElButton @click="letSpeak(rule.id)">Let it speak</ElButton>
      </li>
    </ul>
  </section>
  <section v-if="ownWords.length">
    <h3>
      Words of the project’s own <span class="soft">{{ ownWords.length }}</span>
    </h3>
    <p class="words">
      <ElTag v-for="word in ownWords" :key="word" closable disable-transitions @close="forget(word)">{{
        word
      }}</ElTag>
    </p>
  </section>
</template>

<style scoped>
section {
  margin-top: 28px;
}
ul {
  margin: 6px 0 0;
  padding: 0;
  list-style: none;
}
li {
  display: grid;
  grid-template-columns: 1fr 1fr auto;
  gap: 16px;
  align-items: center;
  min-height: 36px;
  border-top: 1px solid var(--hairline);
}
.words {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.reason {
  color: var(--soft);
}
</style>
