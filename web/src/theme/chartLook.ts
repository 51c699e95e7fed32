/** What charts have in common: they cannot name the colours of the style sheet. */
export const CHART = { ink: '#17211e', soft: '#56625d', axis: '#858173', hairline: '#e4e0d4' } as const

export const chartText = (fontSize: number) => ({
  fontFamily: 'Public Sans, sans-serif',
  fontSize,
  color: CHART.soft,
})
export const chartTooltip = {
  trigger: 'axis',
  transitionDuration: 0,
  backgroundColor: '#fbfaf6',
  borderColor: CHART.ink,
  borderRadius: 2,
  textStyle: { color: CHART.ink, fontSize: 12 },
} as const
/** The line of an axis, and the lines across a chart. */
export const chartLines = {
  axisLine: { lineStyle: { color: CHART.axis } },
  splitLine: { lineStyle: { color: CHART.hairline } },
} as const
