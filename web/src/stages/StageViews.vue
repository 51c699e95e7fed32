<script setup lang="ts">
import { useProject } from '../session/projectStore'

/** The views of a stage, by the last part of their address, with how much waits in some of them. */
defineProps<{
  stage: string
  views: Readonly<Record<string, string>>
  current: string
  label: string
  waiting?: Record<string, number>
}>()
const project = useProject()
</script>

<template>
  <nav :aria-label="label">
    <RouterLink
      v-for="(words, name) in views"
      :key="name"
      :to="{ name: stage, params: { project: project.id, view: name } }"
      :class="{ current: current === name }"
      :aria-current="current === name ? 'page' : undefined"
      >{{ words }}<sup v-if="waiting?.[name]">{{ waiting[name] }}</sup></RouterLink
    >
  </nav>
</template>

<style scoped>
nav {
  display: flex;
  gap: 14px;
}
nav a {
  color: var(--ink);
  font-weight: 600;
  text-decoration: none;
}
nav a.current {
  color: var(--pine);
  text-decoration: underline;
  text-decoration-thickness: 2px;
  text-underline-offset: 4px;
}
sup {
  padding-left: 2px;
  color: var(--ochre-text);
  font-size: 10px;
  line-height: 0;
}
</style>
