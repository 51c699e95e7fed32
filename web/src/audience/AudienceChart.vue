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

const INK = '#17211e'
const SOFT = '#56625d'
const option = computed(() => ({
  animation: false,
  aria: { enabled: true, label: { description: props.label } },
  textStyle: { fontFamily: 'Public Sans, sans-serif', fontSize: 11, color: SOFT },
  grid: { left: 44, right: 14, top: 22, bottom: 22 },
  tooltip: {
    trigger: 'axis',
    transitionDuration: 0,
    backgroundColor: '#fbfaf6',
    borderColor: INK,
    borderRadius: 2,
    textStyle: { color: INK, fontSize: 12 },
    formatter: (items: { data: [number, number] }[]) =>
      items[0] ? `${items[0].data[0]} ${props.unit}: ${props.value(items[0].data[1])}` : '',
  },
  xAxis: {
    type: 'value',
    min: 'dataMin',
    max: 'dataMax',
    axisLine: { lineStyle: { color: '#858173' } },
    axisLabel: { color: SOFT },
    splitLine: { show: false },
  },
  yAxis: {
    type: 'value',
    max: props.most,
    axisLabel: { color: SOFT, formatter: (y: number) => props.value(y) },
    splitLine: { lineStyle: { color: '#e4e0d4' } },
    splitNumber: 3,
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
        data: (props.marks ?? []).map(({ x, label }) => ({
          xAxis: x,
          name: label,
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
