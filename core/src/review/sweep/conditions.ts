import type { CollectionDocument, CollectionValue } from '../../content/collection'
import type { Documents } from '../../document/types'
import type { BlockNode, PageNode } from '../../resolve/node'
import type { PageSources } from '../../resolve/pageSources'

/** What a page is laid out under, beside its widths. */
export const CONDITIONS = {
  drawn: 'as it is drawn',
  text200: 'with text at 200 %',
  text300: 'with text at 300 %',
  spacing: 'with WCAG’s text spacing',
  longest: 'with the longest content',
  shortest: 'with the shortest content',
  missing: 'with content missing',
} as const
export type Condition = keyof typeof CONDITIONS

export const textZoomOf = (condition: Condition): number =>
  condition === 'text200' ? 2 : condition === 'text300' ? 3 : 1

/** The sources of a page with the content a condition asks for in place of its own. */
export function sourcesUnder(sources: PageSources, condition: Condition): PageSources {
  const pick = PICKS[condition]
  if (!pick || !sources.around) return sources
  const around = Object.entries(sources.around).map(([id, document]) =>
    document.kind === 'collection'
      ? [id, filledWith(document as unknown as CollectionDocument, pick)]
      : [id, document],
  )
  return { ...sources, around: Object.fromEntries(around) as Documents }
}

type Pick = (values: CollectionValue[]) => CollectionValue | undefined

const byLength = (values: CollectionValue[]) =>
  [...values].sort((a, b) => String(a).length - String(b).length)
const PICKS: Partial<Record<Condition, Pick>> = {
  longest: (values) => byLength(values).at(-1),
  shortest: (values) => byLength(values).at(0),
  missing: () => '',
}

/** Every row with one value for each field, chosen of all there are; numbers, dates and ticks stay. */
function filledWith(collection: CollectionDocument, pick: Pick): CollectionDocument {
  const { fields, rows } = collection.records
  const all = Object.values(rows)
  const chosen = Object.values(fields).flatMap(({ id, type }) => {
    if (type !== 'text') return []
    const values = all.flatMap((row) => row.values?.[id] ?? [])
    return values.length ? [[id, pick(values)] as const] : []
  })
  const filled = all.map((row) => {
    const values = { ...row.values }
    for (const [id, value] of chosen) if (value !== undefined) values[id] = value
    return [row.id, { ...row, values }]
  })
  return { ...collection, records: { ...collection.records, rows: Object.fromEntries(filled) } }
}

/** WCAG 2.2, 1.4.12: lines of 1.5, letters 0.12 and words 0.16 of the font size apart. */
const SPACING = { line: 1.5, letter: 0.12, word: 0.16 }
/** Words are spaced with their letters, as English has about five and a half and a space to each. */
const WITH_WORDS = SPACING.letter + SPACING.word / 6.5

/** A page as it is seen under a condition: by those who space its text, or without what content items are to bring. */
export function pageUnder(page: PageNode, condition: Condition): PageNode {
  const seen = condition === 'spacing' ? spaced : condition === 'missing' ? emptied : undefined
  return seen ? { ...page, children: page.children.map(seen) } : page
}

function emptied(node: BlockNode): BlockNode {
  const isAwaited = node.isMissing || node.told?.item !== undefined
  const isEmpty = isAwaited && node.content.type === 'text'
  const content = isEmpty ? { ...node.content, runs: [] } : node.content
  return { ...node, content, children: node.children.map(emptied) } as BlockNode
}

function spaced(node: BlockNode): BlockNode {
  const { level } = node.look
  const { lineHeight } = level
  const isOpen = lineHeight.unit === 'em' && lineHeight.value >= SPACING.line
  const look = {
    ...node.look,
    level: {
      ...level,
      letterSpacing: { value: WITH_WORDS, unit: 'em' as const },
      lineHeight: isOpen ? lineHeight : { value: SPACING.line, unit: 'em' as const },
    },
  }
  return { ...node, look, children: node.children.map(spaced) }
}
