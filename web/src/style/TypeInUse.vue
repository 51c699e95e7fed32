<script setup lang="ts">
import { computed } from 'vue'
import { PageLayouter } from '@nolvex/core/layout/pageLayout'
import { PageResolver } from '@nolvex/core/resolve/resolvePage'
import { GOOD_MEASURE, textMeasures, typeInUse } from '@nolvex/core/review/style/typeInUse'
import { usualEnvironment } from '@nolvex/core/units/environment'
import { useProject } from '../session/projectStore'
import { useGuidePages } from './useGuidePages'

/** How many sizes, weights and faces the pages are set in, and how long their lines are at each band. */
const project = useProject()
const { library, layouts, shown } = useGuidePages()
const used = computed(() => typeInUse(layouts.value))
const listed = (map: Map<string | number, number>) =>
  [...map]
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([one]) => one)
    .join(', ')

const bands = computed(() => {
  const { value: fonts } = library
  const { value: page } = shown
  if (!fonts || !page) return []
  const all = Object.values(project.site.records.bands).sort((a, b) => a.from - b.from)
  return all.map((band) => {
    const resolved = new PageResolver().resolve(project.sources(page.id), band.id)
    const layout = new PageLayouter(fonts).layout(resolved, {
      ...usualEnvironment,
      viewportWidth: band.drawnAt,
    })
    const measures = textMeasures(layout)
      .map(({ characters }) => Math.round(characters))
      .sort((a, b) => a - b)
    const off = measures.filter((one) => one < GOOD_MEASURE.least || one > GOOD_MEASURE.most).length
    return { band, measures, off, middle: measures[Math.floor(measures.length / 2)] }
  })
})
</script>

<template>
  <p v-if="layouts.length === 0" class="soft">Nothing is drawn yet, so no text is set.</p>
  <dl v-else>
    <dt>{{ used.sizes.size }} {{ used.sizes.size === 1 ? 'size' : 'sizes' }}</dt>
    <dd>{{ listed(used.sizes) }} px</dd>
    <dt>{{ used.weights.size }} {{ used.weights.size === 1 ? 'weight' : 'weights' }}</dt>
    <dd>{{ listed(used.weights) }}</dd>
    <dt>{{ used.families.size }} {{ used.families.size === 1 ? 'face' : 'faces' }}</dt>
    <dd>{{ listed(used.families) }}</dd>
  </dl>
  <table v-if="bands.length">
    <caption>
      Characters on a line of running text in “{{
        shown?.title
      }}” ({{
        GOOD_MEASURE.least
      }}
      to
      {{
        GOOD_MEASURE.most
      }}
      read well)
    </caption>
    <thead>
      <tr>
        <th scope="col">Band</th>
        <th scope="col">In the middle</th>
        <th scope="col">From</th>
        <th scope="col">To</th>
        <th scope="col">Outside</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="{ band, measures, middle, off } in bands" :key="band.id">
        <th scope="row">{{ band.name }} ({{ band.drawnAt }} px)</th>
        <template v-if="measures.length">
          <td :class="{ off: middle < GOOD_MEASURE.least || middle > GOOD_MEASURE.most }">{{ middle }}</td>
          <td>{{ measures[0] }}</td>
          <td>{{ measures.at(-1) }}</td>
          <td>{{ off ? `${off} of ${measures.length}` : 'none' }}</td>
        </template>
        <td v-else colspan="4" class="soft">no text of three lines or more</td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: 90px 1fr;
  gap: 2px 12px;
  margin: 0;
}
dt {
  font-weight: 600;
}
dd {
  margin: 0;
}
table {
  border-collapse: collapse;
  text-align: left;
  font-variant-numeric: tabular-nums;
}
caption {
  padding: 6px 0;
  color: var(--soft);
  text-align: left;
}
th,
td {
  padding: 3px 12px 3px 0;
  border-bottom: 1px dotted var(--edge);
  font-weight: 400;
}
.off {
  color: var(--ochre-text);
  font-weight: 600;
}
</style>
