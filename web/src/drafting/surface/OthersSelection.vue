<script setup lang="ts">
import { computed } from 'vue'
import { useProject } from '../../session/projectStore'
import { useDraftingPage } from '../useDraftingPage'
import { placeAt } from './place'

/** What others who have this page open have selected. */
defineProps<{ zoom: number }>()
const project = useProject()
const page = useDraftingPage()
const found = computed(() =>
  project.others
    .filter(({ where }) => where.document === page.document.value)
    .flatMap(({ from, where }, index) =>
      where.selected.flatMap((key) => {
        const rect = page.placed.value.get(page.keyOf(key))
        return rect ? [{ id: `${from} ${key}`, rect, says: index ? `another ${index + 1}` : 'another' }] : []
      }),
    ),
)
</script>

<template>
  <div
    v-for="one in found"
    :key="one.id"
    class="other"
    :style="placeAt(one.rect, zoom)"
    :data-other="one.rect.key"
  >
    <span>{{ one.says }}</span>
  </div>
</template>

<style scoped>
.other {
  position: absolute;
  z-index: 2;
  outline: 2px dashed var(--slate);
  pointer-events: none;
}
span {
  position: absolute;
  top: 0;
  right: 0;
  padding: 0 4px;
  background: var(--slate);
  color: #fff;
  font-size: 11px;
  line-height: 15px;
}
</style>
