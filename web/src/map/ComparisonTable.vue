<script setup lang="ts">
import { ElButton } from 'element-plus'
import { computed } from 'vue'
import { inOrder } from '@nolvex/core/document/tree'
import { putAmong } from '@nolvex/core/document/placing'
import { cutText } from '@nolvex/core/text/cutText'
import AddLine from '../forms/AddLine.vue'
import ChoiceField from '../forms/ChoiceField.vue'
import TextField from '../forms/TextField.vue'
import { newId } from '../session/newId'
import { useProject } from '../session/projectStore'
import { useMap } from './mapStore'

/** What other sites do, part by part, well or badly. */
const project = useProject()
const map = useMap()
const sites = computed(() => inOrder(Object.values(map.site.comparedSites)))
const parts = computed(() => inOrder(Object.values(map.site.comparedParts)))
const DOES = { well: 'Well', badly: 'Badly' } as const

const verdict = (site: string, part: string) =>
  Object.values(map.site.verdicts).find((one) => one.site === site && one.part === part)

const addSite = (name: string) =>
  project.changeSite(
    'Compare a site',
    putAmong('comparedSites', sites.value, sites.value.length, [{ id: newId(), name: cutText(name, 200) }]),
  )
const addPart = (name: string) =>
  project.changeSite(
    'Compare a part',
    putAmong('comparedParts', parts.value, parts.value.length, [{ id: newId(), name: cutText(name, 200) }]),
  )

function judge(site: string, part: string, field: 'does' | 'note', value: string | undefined) {
  const there = verdict(site, part)
  if (there) return project.setSite('Judge', 'verdicts', there.id, [field], value)
  if (value === undefined) return
  const id = newId()
  project.changeSite('Judge', [
    { type: 'put', collection: 'verdicts', id, record: { id, site, part, [field]: value } },
  ])
}

const remove = (collection: string, id: string) =>
  project.changeSite('Take out of the comparison', [{ type: 'remove', collection, id }])
</script>

<template>
  <p v-if="sites.length === 0" class="soft">Name the sites to look at, then the parts to compare them by.</p>
  <div class="scroll">
    <table v-if="sites.length || parts.length" class="ruled">
      <thead>
        <tr>
          <th>Part</th>
          <th v-for="site in sites" :key="site.id">
            {{ site.name }}
            <ElButton link :aria-label="`Take out ${site.name}`" @click="remove('comparedSites', site.id)">
              ×
            </ElButton>
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="part in parts" :key="part.id">
          <th>
            {{ part.name }}
            <ElButton link :aria-label="`Take out ${part.name}`" @click="remove('comparedParts', part.id)">
              ×
            </ElButton>
          </th>
          <td v-for="site in sites" :key="site.id" :class="verdict(site.id, part.id)?.does">
            <ChoiceField
              :label="`${site.name}: ${part.name}`"
              hide-label
              :value="verdict(site.id, part.id)?.does"
              :choices="DOES"
              none="Not looked at"
              @change="judge(site.id, part.id, 'does', $event)"
            />
            <TextField
              :label="`Note on ${site.name}: ${part.name}`"
              hide-label
              :value="verdict(site.id, part.id)?.note"
              placeholder="how?"
              @change="judge(site.id, part.id, 'note', $event)"
            />
          </td>
        </tr>
      </tbody>
    </table>
  </div>
  <div class="add">
    <AddLine label="A site to compare" placeholder="Another site" @add="addSite" />
    <AddLine label="A part to compare by" placeholder="A part: search, prices, help…" @add="addPart" />
  </div>
</template>

<style scoped>
.scroll {
  overflow-x: auto;
}
td {
  min-width: 160px;
  vertical-align: top;
}
td.well {
  box-shadow: inset 3px 0 0 var(--pine);
}
td.badly {
  box-shadow: inset 3px 0 0 var(--brick);
}
.add {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 16px;
}
</style>
