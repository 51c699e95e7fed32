<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import type { Finding } from '@nolvex/core/review/finding'
import { mapRules } from '@nolvex/core/review/map/mapRules'
import CountField from '../forms/CountField.vue'
import { useProject } from '../session/projectStore'
import { useMap } from './mapStore'
import { useMapAnalysis } from './useMapAnalysis'

const project = useProject()
const map = useMap()
const router = useRouter()
const { findings, size } = useMapAnalysis()

const groups = computed(() =>
  mapRules
    .map((rule) => ({ rule, found: findings.value.filter((finding) => finding.rule === rule.id) }))
    .filter(({ found }) => found.length > 0),
)
const limits = computed(() => map.site.settings.site?.limits ?? {})
const LIMITS = {
  menuBreadth: 'Lines at one level of a menu, at most',
  menuDepth: 'Levels of a menu, at most',
  clicks: 'Clicks from home, at most',
} as const

function setLimit(key: keyof typeof LIMITS, value: number | undefined) {
  project.setSite('Change a limit', 'settings', 'site', ['limits', key], value)
}

const VIEWS = { pages: 'tree', menus: 'menus', journeys: 'journeys', items: 'content' } as const

function goTo({ place }: Finding) {
  if (place.collection === 'pages') map.selected = place.id
  if (place.collection === 'journeys') map.journey = place.id
  void router.push({
    name: 'map',
    params: { project: project.id, view: VIEWS[place.collection] },
    query: place.collection === 'items' ? { item: place.id } : {},
  })
}

function mend({ fix }: Finding) {
  if (fix) project.change(fix.label, fix.parts)
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
        <section v-for="{ rule, found } in groups" :key="rule.id">
          <h3>
            {{ rule.label }} <span class="soft">{{ found.length }}</span>
          </h3>
          <p class="soft">{{ rule.why }}</p>
          <ul>
            <li v-for="(finding, index) in found.slice(0, 200)" :key="index">
              <ElButton text class="says" @click="goTo(finding)">{{ finding.says }}</ElButton>
              <ElButton v-if="finding.fix" @click="mend(finding)">
                {{ finding.fix.label }}
              </ElButton>
            </li>
          </ul>
          <p v-if="found.length > 200" class="soft">and {{ found.length - 200 }} more</p>
        </section>
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
section {
  margin-top: 20px;
}
ul {
  margin: 6px 0 0;
  padding: 0;
  list-style: none;
}
li {
  display: flex;
  gap: 12px;
  align-items: center;
  min-height: 36px;
  border-top: 1px solid var(--hairline);
}
.says.el-button {
  flex: 1;
  justify-content: start;
  padding: 4px 0;
  font-weight: 400;
  text-align: left;
  white-space: normal;
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
