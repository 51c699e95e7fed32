<script setup lang="ts">
import { SEVERITIES } from '@nolvex/core/review/finding'
import { GRAVITY } from '@nolvex/core/review/severityCounts'
import TroubleNote from '../forms/TroubleNote.vue'
import TrendChart from './TrendChart.vue'
import { useOverTime } from './useOverTime'

/** How many findings there were in each kept version, and are now. */
const { looked, left, trouble } = useOverTime()
const day = (at: string) =>
  new Date(at).toLocaleDateString('en-GB', { day: 'numeric', month: 'short', year: 'numeric' })
</script>

<template>
  <div class="board over-time" tabindex="0" aria-label="Findings over time">
    <h2>Is it getting better?</h2>
    <p class="soft">
      What today’s rules find in each kept version, on the map and on the drawings as they are drawn.
    </p>
    <TroubleNote :says="trouble" />
    <p v-if="left" class="soft" role="status">
      Looking over {{ left === 1 ? 'the last version' : `${left} more versions` }}…
    </p>
    <p v-else-if="looked.length === 1" class="soft">
      No version is kept yet. Keep one in the Ledger, under “Versions and gates”: from then on its findings
      are compared with what there is now.
    </p>
    <TrendChart v-if="looked.length > 1" :looked="looked" />
    <table v-if="looked.length">
      <thead>
        <tr>
          <th scope="col">Version</th>
          <th scope="col">Kept</th>
          <th v-for="severity in GRAVITY" :key="severity" scope="col" class="figure">
            {{ SEVERITIES[severity] }}
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(one, index) in looked" :key="index">
          <th scope="row" dir="auto">{{ one.name }}</th>
          <td>{{ one.at ? day(one.at) : '' }}</td>
          <td v-for="severity in GRAVITY" :key="severity" class="figure">{{ one.count[severity] }}</td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.over-time {
  padding: 16px 24px 48px;
}
.over-time > * {
  max-width: 900px;
}
table {
  border-collapse: collapse;
}
th,
td {
  padding: 5px 16px 5px 0;
  border-bottom: 1px solid var(--hairline);
  text-align: left;
}
.figure {
  font-variant-numeric: tabular-nums;
  text-align: right;
}
</style>
