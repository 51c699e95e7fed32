import { performance } from 'node:perf_hooks'

/** How long a piece of work takes, ms. */
export function timed(work: () => unknown): number {
  const started = performance.now()
  work()
  return performance.now() - started
}

/** The value below which a share (0 to 1) of the values lies. */
export function quantile(values: number[], share: number): number {
  return [...values].sort((a, b) => a - b)[Math.floor(values.length * share)]
}

export const median = (values: number[]) => quantile(values, 0.5)
export const p95 = (values: number[]) => quantile(values, 0.95)
export const ms = (value: number) => `${value.toFixed(value < 10 ? 2 : 0)} ms`
