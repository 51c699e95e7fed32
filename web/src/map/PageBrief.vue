<script setup lang="ts">
import { computed } from 'vue'
import { contentNumber } from '@nolvex/core/content/content'
import type { Page } from '@nolvex/core/site/site'
import { useProject } from '../session/projectStore'
import DecisionList from './DecisionList.vue'
import ReferenceList from './ReferenceList.vue'
import RequirementList from './RequirementList.vue'
import ScenarioList from './ScenarioList.vue'

/** What is asked of a page. */
const props = defineProps<{ page: Page }>()
const project = useProject()
const items = computed(() =>
  Object.values(project.content.records.items)
    .filter(({ page }) => page === props.page.id)
    .sort((a, b) => a.number - b.number),
)
</script>

<template>
  <div class="part-body">
    <h3>Requirements</h3>
    <RequirementList :page="page.id" />
    <h3>Scenarios</h3>
    <ScenarioList :page="page.id" />
    <h3>To decide</h3>
    <DecisionList :page="page.id" />
    <h3>References, files and links</h3>
    <ReferenceList :page="page.id" />
    <h3>Content</h3>
    <p v-if="items.length === 0" class="soft">No content item belongs to this page yet.</p>
    <p v-for="item in items" :key="item.id" dir="auto">
      {{ contentNumber(item.number) }} {{ item.title }} <span class="soft">{{ item.state }}</span>
    </p>
  </div>
</template>
