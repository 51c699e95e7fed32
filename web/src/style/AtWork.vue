<script setup lang="ts">
import { computed, ref } from 'vue'
import { DEFICIENCIES, type Deficiency } from '@nolvex/core/colour/deficiency'
import type { ColourSet } from '@nolvex/core/style/token'
import ChoiceField from '../forms/ChoiceField.vue'
import { useProject } from '../session/projectStore'
import GuidePage from './GuidePage.vue'
import SpecimenPage from './SpecimenPage.vue'
import { SEEN_BY } from './seenBy'
import { useGuidePages } from './useGuidePages'

/** The guide at work on a page of the project, at a band, in either set, as somebody sees it. */
const project = useProject()
const { pages, lead, shown, asked } = useGuidePages()
const set = ref<ColourSet>('light')
const seenBy = ref<Deficiency>()
const band = ref<string>()

const bands = computed(() => Object.values(project.site.records.bands))
const shownBand = computed(() => bands.value.find(({ id }) => id === band.value) ?? lead.value)
const pageChoices = computed(() => Object.fromEntries(pages.value.map(({ id, title }) => [id, title])))
const bandChoices = computed(() =>
  Object.fromEntries(bands.value.map(({ id, name, drawnAt }) => [id, `${name} (${drawnAt})`])),
)
const hasDark = computed(() =>
  Object.values(project.style.records.tokens).some((token) => token.type === 'colour' && token.dark),
)
const people = Object.fromEntries(DEFICIENCIES.map((one) => [one, SEEN_BY[one]])) as Record<
  Deficiency,
  string
>
</script>

<template>
  <section class="at-work" aria-label="The guide at work">
    <h3>At work</h3>
    <div class="choices">
      <ChoiceField
        v-if="pages.length > 1"
        label="Page"
        :value="shown?.id"
        :choices="pageChoices"
        @change="asked = $event"
      />
      <ChoiceField
        v-if="pages.length"
        label="Width"
        :value="shownBand.id"
        :choices="bandChoices"
        @change="band = $event"
      />
      <ChoiceField
        label="Colours"
        :value="set"
        :choices="{ light: 'light set', dark: hasDark ? 'dark set' : 'dark set (none yet)' }"
        @change="set = $event ?? 'light'"
      />
      <ChoiceField
        label="Seen by"
        :value="seenBy"
        :choices="people"
        none="most people"
        @change="seenBy = $event"
      />
    </div>
    <GuidePage
      v-if="shown"
      :sources="project.sources(shown.id)"
      :band="shownBand.id"
      :at="shownBand.drawnAt"
      :until="shownBand.drawnAt * 1.5"
      :set="set"
      :seen-by="seenBy"
      :label="`${shown.title} as the style guide dresses it`"
    />
    <template v-else>
      <SpecimenPage :set="set" :seen-by="seenBy" />
      <p class="soft">This is a page of samples. As soon as a page is drawn, it shows here.</p>
    </template>
  </section>
</template>

<style scoped>
.at-work {
  display: grid;
  gap: 8px;
}
.choices {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px;
}
</style>
