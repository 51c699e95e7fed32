const MM = 72 / 25.4

/** Sheets of paper lying on their long side, in points (ISO 216; Letter as in ANSI/ASME Y14.1). */
export const PAPERS = {
  A4: { width: 297 * MM, height: 210 * MM },
  A3: { width: 420 * MM, height: 297 * MM },
  A2: { width: 594 * MM, height: 420 * MM },
  Letter: { width: 11 * 72, height: 8.5 * 72 },
} as const

export type PaperName = keyof typeof PAPERS
