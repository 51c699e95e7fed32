<script setup lang="ts">
import { BarChart, LineChart } from 'echarts/charts'
import {
  AriaComponent,
  GridComponent,
  MarkAreaComponent,
  MarkLineComponent,
  TooltipComponent,
} from 'echarts/components'
import { use } from 'echarts/core'
import { SVGRenderer } from 'echarts/renderers'
import { computed } from 'vue'
import VChart from 'vue-echarts'
import { CHART, chartLines, chartText, chartTooltip } from '../theme/chartLook'

use([
  ...[BarChart, LineChart, SVGRenderer, AriaComponent],
  ...[GridComponent, MarkAreaComponent, MarkLineComponent, TooltipComponent],
])

/** A chart in the look of the application: bars or a line over numbers, with marks across. */
const props = defineProps<{
  label: string
  kind: 'bar' | 'line' | 'step'
  points: [x: number, y: number][]
  /** unit of the horizontal axis */
  unit: string
  /** how a value is written */
  value: (y: number) => string
  marks?: { x: number; label: string }[]
  barWidth?: number
  /** end of the vertical axis */
  most?: number
}>()

const option = computed(() => ({
  animation: false,
  aria: { enabled: true, label: { description: props.label } },
  textStyle: chartText(11),
  grid: { left: 44, right: 14, top: 36, bottom: 22 },
  tooltip: {
    ...chartTooltip,
    formatter: (items: { data: [number, number] }[]) =>
      items[0] ? `${items[0].data[0]} ${props.unit}: ${props.value(items[0].data[1])}` : '',
  },
  xAxis: {
    type: 'value',
    min: 'dataMin',
    max: 'dataMax',
    axisLine: chartLines.axisLine,
    axisLabel: { color: CHART.soft, hideOverlap: true },
    splitLine: { show: false },
  },
  yAxis: {
    type: 'value',
    max: props.most,
    axisLabel: { color: CHART.soft, hideOverlap: true, formatter: (y: number) => props.value(y) },
    splitLine: chartLines.splitLine,
    splitNumber: 3,
    // A set end is met by whole steps, else its figure overprints the last step's.
    interval: props.most === undefined ? undefined : props.most / 4,
  },
  series: [
    {
      type: props.kind === 'bar' ? 'bar' : 'line',
      step: props.kind === 'step' ? 'end' : undefined,
      data: props.points,
      barWidth: props.barWidth,
      itemStyle: { color: '#3e5c76' },
      lineStyle: { color: '#3e5c76', width: 2 },
      symbolSize: props.points.length > 24 ? 0 : 6,
      symbol: 'rect',
      markLine: {
        silent: true,
        symbol: 'none',
        lineStyle: { color: '#b9770e', type: 'solid' },
        label: { color: '#8a5a00', formatter: '{b}', position: 'end', distance: 2, fontSize: 11 },
        // Two rows of names: neighbours do not overprint one another.
        data: [...(props.marks ?? [])]
          .sort((a, b) => a.x - b.x)
          .map(({ x, label }, index) => ({
            xAxis: x,
            name: label,
            label: { distance: index % 2 ? 14 : 2 },
            lineStyle: { color: '#b9770e' },
          })),
      },
    },
  ],
}))
</script>

<template>
  <VChart
    class="audience-chart"
    :option="option"
    :init-options="{ renderer: 'svg' }"
    autoresize
    role="img"
    :aria-label="label"
  />
</template>

<style scoped>
.audience-chart {
  width: 100%;
  height: 190px;
}
</style>
