import { rootFontSize, type Environment } from './environment'
import type { WrittenLength } from './length'

/**
 * A bare number of px as new lengths are written in a project: in rem where pages are measured by the text (elastic,
 * hybrid), else in px.
 */
export function newLength(
  px: number,
  sizing: 'fixed' | 'fluid' | 'elastic' | 'hybrid' | undefined,
  environment: Environment,
): WrittenLength {
  const byRoot = sizing === 'elastic' || sizing === 'hybrid'
  if (!byRoot) return { value: px, unit: 'px' }
  return { value: Math.round((px / rootFontSize(environment)) * 10_000) / 10_000, unit: 'rem' }
}
