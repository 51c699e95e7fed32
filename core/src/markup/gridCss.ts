import { bandsInOrder } from '../grid/band'
import { gridProperties } from '../grid/gridProperties'
import { cssComment } from '../text/cssWriter'
import type { Band } from '../site/site'

const GRID_RULE = `.grid {
  display: grid;
  grid-template-columns: repeat(var(--grid-columns), var(--grid-track));
  column-gap: var(--grid-gutter);
  padding-left: max(var(--grid-left), (100% - var(--grid-content) + var(--grid-left) - var(--grid-right)) / 2);
  padding-right: max(var(--grid-right), (100% - var(--grid-content) + var(--grid-right) - var(--grid-left)) / 2);
}
`

/**
 * The agreed grids as CSS: custom properties of the lead band without a query, for each other band what differs from
 * its neighbour nearer the lead, and a rule that lays children of a `.grid` on the columns.
 */
export function gridCss(bands: Band[], lead: string): string {
  const inOrder = bandsInOrder(bands)
  const leadIndex = Math.max(
    0,
    inOrder.findIndex(({ id }) => id === lead),
  )
  const all = inOrder.map(({ grid }) => gridProperties(grid))
  const rules = [`${commentOf(inOrder[leadIndex])}\n${rootRule(all[leadIndex], '')}`]
  for (let index = leadIndex - 1; index >= 0; index--)
    rules.push(queryRule(inOrder[index], `width < ${inOrder[index + 1].from}px`, all[index], all[index + 1]))
  for (let index = leadIndex + 1; index < inOrder.length; index++)
    rules.push(queryRule(inOrder[index], `width >= ${inOrder[index].from}px`, all[index], all[index - 1]))
  return `${rules.join('\n')}\n${GRID_RULE}`
}

const commentOf = ({ name, drawnAt }: Band) => cssComment(`${name}, drawn at ${drawnAt} px`)

function rootRule(properties: Iterable<[string, string]>, indent: string): string {
  const lines = [...properties].map(([name, value]) => `${indent}  ${name}: ${value};\n`)
  return `${indent}:root {\n${lines.join('')}${indent}}\n`
}

function queryRule(band: Band, query: string, own: Map<string, string>, nearer: Map<string, string>): string {
  const gone = [...nearer.keys()].filter((name) => !own.has(name))
  const changed = [
    ...[...own].filter(([name, value]) => nearer.get(name) !== value),
    ...gone.map((name): [string, string] => [name, 'initial']),
  ]
  return `${commentOf(band)}\n@media (${query}) {\n${rootRule(changed, '  ')}}\n`
}
