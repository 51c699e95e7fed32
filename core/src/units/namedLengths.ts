/** What a typed length may name beside units. */
export interface LengthNames {
  /** px that so many columns take with the gutters between, or nothing where there are none so many */
  columns: (count: number) => number | undefined
  /** px by name, such as steps of a spacing scale */
  named: Readonly<Record<string, number>>
}

/** Numbers and words may be so long. */
const COLUMNS = /\b(\d{1,4}) {0,3}col(?:umn)?s?\b/gi
const NAME = /\b[a-z][a-z\d]{0,30}(?:-[a-z\d]{1,30}){1,4}\b/gi

/**
 * A typed length with what it names written out in px: “5 columns”, “space-l + 4”.
 * What is not known stays, so that whatever reads the length says so.
 */
export function spellLength(text: string, { columns, named }: LengthNames): string {
  const byName = new Map(Object.entries(named).map(([name, px]) => [name.toLowerCase(), px]))
  const written = (px: number | undefined, as: string) => (px === undefined ? as : `(${px}px)`)
  return text
    .replace(COLUMNS, (as, count) => written(columns(Number(count)), as))
    .replace(NAME, (as) => written(byName.get(as.toLowerCase()), as))
}
