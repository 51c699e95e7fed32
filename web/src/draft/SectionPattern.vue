<script setup lang="ts">
import { computed } from 'vue'
import { plannedFor } from '@nolvex/core/draft/planPage'
import type { Chosen } from '@nolvex/core/draft/pattern'
import { patternById, patterns } from '@nolvex/core/draft/patterns'
import { homePage } from '@nolvex/core/site/address'
import type { Section } from '@nolvex/core/site/page'
import { sectionsOf } from '@nolvex/core/site/pageChanges'
import PickField from '../forms/PickField.vue'
import { useProject } from '../session/projectStore'
import PatternParameters from './PatternParameters.vue'

/** The pattern a planned section is drawn by: guessed from its name, or chosen, with what can be chosen of it. */
const props = defineProps<{ section: Section }>()
const project = useProject()
const choices = computed(() => {
  const { without = {} } = project.site.records.settings.site
  return Object.fromEntries(patterns.filter(({ id }) => !without[id]).map(({ id, label }) => [id, label]))
})

const planned = computed(() => {
  const { pages, sections } = project.site.records
  const { page } = props.section
  const isFirst = page !== undefined && sectionsOf(sections, page)[0]?.id === props.section.id
  return plannedFor(props.section, { isFirst, isHome: homePage(pages)?.id === page })
})
const own = computed(() => patternById(props.section.pattern ?? '')?.id)

const choose = (pattern: string | undefined) =>
  project.setSite('Choose pattern', 'sections', props.section.id, ['pattern'], pattern)
const chooseOf = (chosen: Chosen) =>
  project.setSite('Choose of the pattern', 'sections', props.section.id, ['chosen'], chosen)
</script>

<template>
  <PickField
    label="Drawn by the pattern"
    :value="own"
    :choices="choices"
    :none="`guessed: ${planned.pattern.label.toLowerCase()}`"
    clearable
    @change="choose"
  />
  <PatternParameters :pattern="planned.pattern" :chosen="planned.chosen" @change="chooseOf" />
</template>
