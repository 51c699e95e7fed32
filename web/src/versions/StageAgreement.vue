<script setup lang="ts">
import { computed } from 'vue'
import TroubleNote from '../forms/TroubleNote.vue'
import ApproveForm from './ApproveForm.vue'
import { useVersions } from './versionStore'

/** Who approved a stage and when, what changed since, and a way to approve it; approving keeps a version. */
const props = defineProps<{
  stage: string
  /** what a stage that passed its gate is called: agreed, approved */
  words: string
  /** of the version that is kept */
  name: string
}>()
const versions = useVersions()
const gate = computed(() => versions.gates[props.stage])
const approve = (by: string[]) => versions.keep({ name: props.name, gate: { stage: props.stage, by } })
const title = computed(() => props.words[0].toUpperCase() + props.words.slice(1))
const day = (at: string) =>
  new Date(at).toLocaleDateString('en-GB', { day: 'numeric', month: 'long', year: 'numeric' })
</script>

<template>
  <h3>{{ title }}</h3>
  <template v-if="gate">
    <p>
      By <b>{{ gate.version.approvals.map(({ name: who }) => who).join(', ') }}</b> (unverified) on
      {{ day(gate.version.createdAt) }}.
    </p>
    <template v-if="gate.since.length">
      <p class="since">Since then:</p>
      <ul>
        <li v-for="(one, index) in gate.since.slice(0, 20)" :key="index">{{ one.says }}</li>
        <li v-if="gate.since.length > 20">and {{ gate.since.length - 20 }} more</li>
      </ul>
    </template>
    <p v-else class="well">Nothing changed since.</p>
  </template>
  <p v-else class="soft">Not {{ words }} yet. It keeps a version of the project as it is then.</p>
  <slot />
  <ApproveForm
    :label="`${title} by`"
    :words="gate ? `Mark as ${words} again` : `Mark as ${words}`"
    main
    :approve="approve"
  />
  <TroubleNote :says="versions.trouble" />
</template>

<style scoped>
ul {
  margin: 0;
  padding-left: 16px;
}
.since {
  color: var(--ochre-text);
}
.well {
  color: var(--pine);
}
</style>
