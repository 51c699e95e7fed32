import { SEVERITIES, type Finding, type Severity } from './finding'

/** The gravities, the gravest first. */
export const GRAVITY = Object.keys(SEVERITIES) as Severity[]

/** How many findings there are of each gravity. */
export const severityCounts = (findings: Finding[]): Record<Severity, number> =>
  Object.fromEntries(
    GRAVITY.map((severity) => [severity, findings.filter((one) => one.severity === severity).length]),
  ) as Record<Severity, number>
