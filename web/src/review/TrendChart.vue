<script setup lang="ts">
import { LineChart } from 'echarts/charts'
import { AriaComponent, GridComponent, LegendComponent, TooltipComponent } from 'echarts/components'
import { use } from 'echarts/core'
import { SVGRenderer } from 'echarts/renderers'
import { computed } from 'vue'
import VChart from 'vue-echarts'
import { SEVERITIES, type Severity } from '@nolvex/core/review/finding'
import { GRAVITY } from '@nolvex/core/review/severityCounts'
import { CHART, chartLines, chartText, chartTooltip } from '../theme/chartLook'
import type { Looked } from './useOverTime'

use([LineChart, SVGRenderer, AriaComponent, GridComponent, LegendComponent, TooltipComponent])

/** Findings by gravity, from version to version. */
const props = defineProps<{ looked: Looked[] }>()

/** Told apart by their shapes, too. */
const LINES: Record<Severity, { colour: string; symbol: string; type: string }> = {
  serious: { colour: '#a13d2d', symbol: 'rect', type: 'solid' },
  fair: { colour: '#b9770e', symbol: 'triangle', type: 'dashed' },
  slight: { colour: '#3e5c76', symbol: 'circle', type: 'dotted' },
}
const option = computed(() => ({
  animation: false,
  aria: { enabled: true },
  textStyle: chartText(12),
  grid: { left: 40, right: 24, top: 40, bottom: 28 },
  legend: { top: 4, left: 8, itemWidth: 30, textStyle: { color: CHART.ink, fontSize: 12 } },
  tooltip: chartTooltip,
  xAxis: {
    type: 'category',
    data: props.looked.map(({ name }) => name),
    axisLine: chartLines.axisLine,
    axisLabel: { color: CHART.soft, width: 120, overflow: 'truncate' },
  },
  yAxis: {
    type: 'value',
    minInterval: 1,
    axisLabel: { color: CHART.soft },
    splitLine: chartLines.splitLine,
  },
  series: GRAVITY.map((severity) => {
    const { colour, symbol, type } = LINES[severity]
    return {
      ...{ type: 'line', name: SEVERITIES[severity], symbol, symbolSize: 8 },
      itemStyle: { color: colour },
      lineStyle: { color: colour, width: 2, type },
      data: props.looked.map(({ count }) => count[severity]),
    }
  }),
}))
</script>

<template>
  <VChart
    class="trend"
    :option="option"
    :init-options="{ renderer: 'svg' }"
    autoresize
    role="img"
    aria-label="Findings by gravity, from version to version; the table below says the same"
  />
</template>

<style scoped>
.trend {
  width: 100%;
  height: 280px;
}
</style>
