import { tagOf, type Block } from '../../block/block'
import type { BlockKindName } from '../../block/kinds'
import { putAmong } from '../../document/placing'
import { inOrder } from '../../document/tree'
import type { StoredRecord } from '../../document/types'
import { drawSection } from '../../draft/draftPage'
import { patternById } from '../../draft/patterns'
import { planPage, type PlannedSection } from '../../draft/planPage'
import { putBlock } from '../../drawing/drawing'
import { blockAt } from '../drawing/atEachBand'
import { seenAtLead, titleOf, type DrawingFacts } from '../drawing/drawingFacts'
import type { DrawingRule, Found } from '../drawing/drawingRule'
import type { Seen } from '../drawing/seenBlocks'
import type { Fix } from '../finding'

/** What patterns are made of that one would miss, and how it is called. */
const PARTS = {
  heading: 'heading',
  picture: 'picture',
  action: 'button or link',
  field: 'field',
  table: 'table',
} as const
type PartName = keyof typeof PARTS

/** The kinds of blocks they are, and those that do as well: a map shows as much as a picture, a menu leads on. */
const OF_KIND: Partial<Record<BlockKindName, PartName>> = {
  ...{ picture: 'picture', button: 'action', link: 'action', field: 'field', table: 'table' },
}
const DOES_AS_WELL: Partial<Record<BlockKindName, PartName>> = {
  ...OF_KIND,
  ...{ media: 'picture', map: 'picture', carousel: 'picture', nav: 'action', pages: 'action' },
  ...{ choices: 'field', list: 'table', series: 'table' },
}

/** Sections that lack what the pattern the map gives them is made of. */
export const partMissing: DrawingRule = {
  id: 'partMissing',
  label: 'A part its pattern expects',
  why: 'A pattern is known by its parts; where one is left out visitors look for it.',
  severity: 'fair',
  from: 'plain',
  ofPages: true,
  find: (facts) => {
    const { page, plan } = facts
    const seen = seenAtLead(facts)?.seen ?? []
    const planned = new Map(planPage(plan, page).map((one) => [one.section, one]))
    return seen.flatMap((one): Found[] => {
      const block = one.parent ? undefined : facts.blocks[one.node.origin.record]
      const of = block?.section === undefined ? undefined : planned.get(block.section)
      if (!block || !of || !isChosen(facts, of)) return []
      return lacking(facts, block, one, of)
    })
  },
}

/** Whether the map says which pattern a section is: one that is guessed by its name promises nothing. */
function isChosen({ sources }: DrawingFacts, { section }: PlannedSection): boolean {
  const { pattern } = sources.site.records.sections[section as string] ?? {}
  return pattern !== undefined && patternById(pattern) !== undefined
}

function lacking(facts: DrawingFacts, section: Block, seen: Seen, planned: PlannedSection): Found[] {
  const usual = drawSection(facts.plan, facts.page, planned, 'a0', facts.newId)
  const there = new Set(partsSeen(facts, seen))
  const missing = [...new Set(usual.flatMap((block) => partOf(block) ?? []))].filter(
    (part) => !there.has(part),
  )
  return missing.map((part) => ({
    place: { collection: 'blocks', id: section.id, page: facts.page.id },
    says: `${seen.node.name} on ${titleOf(facts)} is “${planned.pattern.label}” and has no ${PARTS[part]}.`,
    marks: [{ rect: { x: seen.x, y: seen.y, w: seen.w, h: seen.h } }],
    fix: added(facts, section, usual, part),
  }))
}

const partOf = (block: Block, kinds = OF_KIND): PartName | undefined =>
  /^h[1-6]$/.test(tagOf(block)) ? 'heading' : kinds[block.kind]

function partsSeen(facts: DrawingFacts, { node, children }: Seen): PartName[] {
  const block = blockAt(facts, node.origin.document, node.origin.record)
  const own = block && partOf(block, DOES_AS_WELL)
  const behind: PartName[] = node.look.backdrop ? ['picture'] : []
  return [...(own ? [own] : []), ...behind, ...children.flatMap((child) => partsSeen(facts, child))]
}

/** The part as the pattern draws it, after all else in the section. */
function added({ blocks, page }: DrawingFacts, section: Block, usual: Block[], part: PartName): Fix {
  const first = usual.find((block) => partOf(block) === part) as Block
  const siblings = inOrder(Object.values(blocks).filter(({ parent }) => parent === section.id))
  const inside = (parent: string): Block[] =>
    usual.filter((block) => block.parent === parent).flatMap((block) => [block, ...inside(block.id)])
  const operations = [
    ...putAmong('blocks', siblings, siblings.length, [
      { ...first, parent: section.id } as unknown as StoredRecord,
    ]),
    ...inside(first.id).map(putBlock),
  ]
  return {
    label: `Add a ${PARTS[part]}`,
    parts: [{ document: page.id, kind: 'drawing', operations }],
  }
}
