<script setup lang="ts">
import { ElButton } from 'element-plus'
import { ref } from 'vue'
import { PAPERS, type PaperName } from '@nolvex/core/paint/paper'
import ChoiceField from '../forms/ChoiceField.vue'
import PopPanel from '../forms/PopPanel.vue'
import TroubleNote from '../forms/TroubleNote.vue'
import { useExport } from '../session/useExport'

/** What was found as a report for those who ordered the site. */
const { running, trouble, take, cancel } = useExport()
const paper = ref<PaperName>('A4')
const papers = Object.fromEntries(Object.keys(PAPERS).map((name) => [name, name])) as Record<
  PaperName,
  string
>
const today = new Date().toISOString().slice(0, 10)
const takeReport = (file: 'pdf' | 'html') =>
  take(`The report as ${file.toUpperCase()}`, { format: 'review', file, paper: paper.value, date: today })
</script>

<template>
  <PopPanel words="Report…" :width="300">
    <p>
      Every finding with why it matters, what mends it and a picture of the place, and what is left as it is
      with your reasons.
    </p>
    <ChoiceField label="Paper" :value="paper" :choices="papers" @change="paper = $event ?? 'A4'" />
    <p class="files">
      <ElButton :disabled="!!running" @click="takeReport('pdf')">PDF</ElButton>
      <ElButton :disabled="!!running" title="One page that needs nothing else" @click="takeReport('html')"
        >HTML</ElButton
      >
    </p>
    <p v-if="running" role="status">
      {{ running.label }}: {{ running.percent ?? 0 }} % <ElButton link @click="cancel">Cancel</ElButton>
    </p>
    <TroubleNote :says="trouble" />
  </PopPanel>
</template>

<style scoped>
p {
  margin: 0 0 8px;
}
.files {
  display: flex;
  gap: 6px;
  margin-top: 8px;
}
</style>
