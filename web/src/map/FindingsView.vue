<script setup lang="ts">
import { computed } from 'vue'
import { mapRules } from '@nolvex/core/review/map/mapRules'
import CountField from '../forms/CountField.vue'
import FindingGroups from '../review/FindingGroups.vue'
import { useProject } from '../session/projectStore'
import { useMap } from './mapStore'
import { useMapAnalysis } from './useMapAnalysis'

const project = useProject()
const map = useMap()
const { findings, size } = useMapAnalysis()

const limits = computed(() => map.site.settings.site?.limits ?? {})
const LIMITS = {
  menuBreadth: 'Lines at one level of a menu, at most',
  menuDepth: 'Levels of a menu, at most',
  clicks: 'Clicks from home, at most',
} as const

function setLimit(key: keyof typeof LIMITS, value: number | undefined) {
  project.setSite('Change a limit', 'settings', 'site', ['limits', key], value)
}
</script>

<template>
  <div class="board">
    <div class="columns">
      <div>
        <h2>{{ findings.length === 0 ? 'Nothing found wrong' : `${findings.length} findings` }}</h2>
        <p v-if="findings.length === 0" class="soft">
          Pages can be reached, journeys can be walked, and nothing that was asked for is missing.
        </p>
        <FindingGroups :findings="findings" :rules="mapRules" />
      </div>
      <aside>
        <h3>The size of the job</h3>
        <table v-if="size">
          <tr>
            <td>Pages</td>
            <td>{{ size.pages }}</td>
          </tr>
          <tr>
            <td>Pages that stand for many</td>
            <td>{{ size.templates }}{{ size.standFor ? ` for ${size.standFor}` : '' }}</td>
          </tr>
          <tr>
            <td>Sections that differ</td>
            <td>{{ size.uniqueSections }}</td>
          </tr>
          <tr>
            <td>Content items to write</td>
            <td>{{ size.toWrite }}</td>
          </tr>
        </table>
        <h3>Limits</h3>
        <p class="soft">Empty: nothing is said about it.</p>
        <CountField
          v-for="(label, key) in LIMITS"
          :key="key"
          :label="label"
          :value="limits[key]"
          :least="1"
          :most="100"
          placeholder="no limit"
          @change="setLimit(key, $event)"
        />
      </aside>
    </div>
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 280px;
  gap: 32px;
  align-items: start;
  max-width: 1080px;
}
aside {
  display: grid;
  gap: 8px;
  align-content: start;
  padding: 16px;
  background: var(--paper);
  border: 1px solid var(--hairline);
}
aside td:last-child {
  padding-left: 12px;
  font-weight: 600;
  text-align: right;
}
</style>
