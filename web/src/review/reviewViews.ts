/** The views of the Review stage, by the last part of their address. */
export const reviewViews = {
  findings: 'Findings',
  time: 'Over time',
  built: 'Built page',
  rules: 'Rules',
} as const
