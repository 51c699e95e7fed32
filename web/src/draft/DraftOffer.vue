<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed, ref } from 'vue'
import { planPage } from '@nolvex/core/draft/planPage'
import type { Page } from '@nolvex/core/site/page'
import { sectionsOf } from '@nolvex/core/site/pageChanges'
import { useProject } from '../session/projectStore'
import DraftAllDialog from './DraftAllDialog.vue'
import { useDrafting } from './useDrafting'

/** What an empty page begins with: its sections from the map, drawn at all bands, or a first section by hand. */
const props = defineProps<{ page: Page }>()
const emit = defineEmits<{ section: []; drafted: [] }>()
const project = useProject()
const { draft, sources } = useDrafting()
const isDraftingAll = ref(false)
const planned = computed(() => planPage(sources(), props.page))
const isGuessed = computed(() => sectionsOf(project.site.records.sections, props.page.id).length === 0)

async function begin() {
  if (await draft([props.page])) emit('drafted')
}
</script>

<template>
  <div class="offer">
    <h2>{{ page.title || 'Untitled' }} has no drawing yet</h2>
    <p v-if="isGuessed">The map names no sections for it. Pages like it mostly have these:</p>
    <p v-else>The map has these sections for it:</p>
    <ol>
      <li v-for="(one, index) in planned" :key="index">
        <b dir="auto">{{ one.name || 'Untitled' }}</b>{{ ' ' }}
        <span class="soft">as {{ one.pattern.label.toLowerCase() }}</span>
      </li>
    </ol>
    <div class="acts">
      <ElButton type="primary" @click="begin">Draft this page</ElButton>
      <ElButton @click="isDraftingAll = true">Draft all pages…</ElButton>
      <ElButton @click="emit('section')">Put a section</ElButton>
    </div>
    <p class="soft">Other patterns are chosen on the map, with the page’s sections, or on the shelf.</p>
    <DraftAllDialog v-model="isDraftingAll" />
  </div>
</template>

<style scoped>
.offer {
  width: 460px;
  max-height: 70vh;
  padding: 24px 32px;
  overflow: auto;
  background: var(--paper);
  border: 1px solid var(--hairline);
}
ol {
  margin: 8px 0 16px;
  padding: 0 0 0 20px;
}
li {
  padding: 1px 0;
}
.acts {
  display: flex;
  gap: 6px;
  margin-bottom: 12px;
}
</style>
