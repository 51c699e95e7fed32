import { contrastRatio } from '../../colour/contrast'
import type { Role } from '../../colour/roles'
import { labOf } from '../../colour/spaces'
import type { PageLayout } from '../../layout/pageLayout'
import type { StyleDocument } from '../../style/style'
import { tokenColour } from '../../style/token'
import { RANKED_ROLES } from '../../style/typeScale'
import { px } from '../../units/length'
import { contrastNeeded } from '../colour/wordContrast'
import type { LeafChange } from '../drawing/atEachBand'
import { colourSetOf, seenBlocks, sizeOf, type Seen } from '../drawing/seenBlocks'
import { sizeOfLevel } from '../type/levels'
import type { BlockFacts, JudgedBlock } from './judgedBlock'

/** A change that makes a block draw the eye more, or less. */
export interface OrderChange {
  /** of the block */
  key: string
  /** of one group a block has one change at most */
  group: 'level' | 'colour' | 'saturation' | 'opacity' | 'size' | 'variant'
  label: string
  /** how much it changes the design: a step counts 1 */
  cost: number
  changes: LeafChange[]
  /** what is expected of the block after it; painting tells */
  to: (facts: BlockFacts) => Partial<BlockFacts>
}

/** Steps of the type scale a text may rise and fall at most. */
const [UP, DOWN] = [6, 3]
/** Ratio of sizes to the power of what the area of a text grows by: longer lines wrap. */
const GROWTH = 1.7
/** Lab distances: a colour nearer than the one changes nothing, fainter than the other is not read */
const [SAME_INK, FAINT_INK] = [12, 35]

/**
 * What may be changed at each block to put what is met in another order: type levels and colours of the guide, and how
 * loud pictures, shapes and actions are.
 * @param document whose blocks may be changed: those of shared ones count elsewhere, too
 */
export function orderChanges(
  layout: PageLayout,
  judged: JudgedBlock[],
  style: StyleDocument,
  document: string,
): OrderChange[] {
  const seen = new Map(seenBlocks(layout).map((one) => [one.node.key, one]))
  return judged.flatMap(({ key, kind }) => {
    const one = seen.get(key)
    if (!one || one.node.isPart || one.node.origin.document !== document) return []
    if (kind === 'text') return [...levelChanges(one, style), ...colourChanges(one, style)]
    if (kind === 'picture') return [...paler(one), ...fainter(one), ...smaller(one)]
    return kind === 'button' ? variantChanges(one, style) : fainter(one)
  })
}

/** Roles of levels texts may be set in: those of actions and links look as if they could be pressed. */
const OF_TEXT = new Set<string>(RANKED_ROLES)

function levelChanges(one: Seen, { records }: StyleDocument): OrderChange[] {
  const { node } = one
  const size = sizeOf(one)
  // Of levels alike in size the one that is next in weight stands for all.
  const { family, weight: own } = node.look.level
  const bySize = new Map<number, { id: string; name: string; weight: number }>()
  for (const level of Object.values(records.levels)) {
    const at = sizeOfLevel(level)
    const before = bySize.get(at)
    const isNearer = !before || Math.abs(level.weight - own) < Math.abs(before.weight - own)
    const isOfText = level.role === undefined || OF_TEXT.has(level.role)
    if (at > 0 && level.family === family && isNearer && isOfText) bySize.set(at, level)
  }
  const sizes = [...bySize.keys()].sort((a, b) => a - b)
  const here = sizes.findLastIndex((at) => at <= size + 0.5)
  return sizes.flatMap((at, index) => {
    const steps = index - here
    const level = bySize.get(at)
    if (!level || Math.abs(at - size) < 1 || steps > UP || steps < -DOWN) return []
    const { id, name, weight } = level
    return [
      {
        ...({ key: node.key, group: 'level', label: `set ${node.name} in ${name}` } as const),
        cost: Math.max(1, Math.abs(steps)),
        changes: [{ of: node, path: ['look', 'level'], value: id }],
        to: ({ area }) => ({ size: at, weight, area: area * (at / size) ** GROWTH }),
      },
    ]
  })
}

/** Roles of colours words may be set in. */
const OF_WORDS = new Set<Role>(['text', 'soft', 'link', 'action', 'ground', 'onAction'])

function colourChanges(one: Seen, { records }: StyleDocument): OrderChange[] {
  const { node, ground } = one
  if (ground === undefined) return []
  const behind = lab(ground)
  const before = lab(node.look.colour)
  const [distance, colourfulness] = [apart(before, behind), beside(before, behind)]
  return Object.values(records.tokens).flatMap((token) => {
    const hex =
      token.type === 'colour' &&
      token.role &&
      OF_WORDS.has(token.role) &&
      tokenColour(records.tokens, token.id, colourSetOf(one))
    if (!hex || contrastRatio(hex, ground) < contrastNeeded(one)) return []
    const now = apart(lab(hex), behind)
    if (now < FAINT_INK || Math.abs(now - distance) < SAME_INK) return []
    const colour = beside(lab(hex), behind)
    return [
      {
        ...({ key: node.key, group: 'colour', label: `set ${node.name} in ${token.name}`, cost: 1 } as const),
        changes: [{ of: node, path: ['look', 'colour'], value: { token: token.id } }],
        to: ({ ink, chroma }) => ({
          ink: Math.min(110, (ink * now) / Math.max(4, distance)),
          chroma: (chroma * colour) / Math.max(5, colourfulness),
        }),
      },
    ]
  })
}

const paler = ({ node }: Seen): OrderChange[] =>
  [0.6, 0.3].map((share, index) => ({
    ...({ key: node.key, group: 'saturation', cost: index + 1 } as const),
    label: `let ${node.name} keep ${Math.round(share * 100)} % of its colour`,
    changes: [{ of: node, path: ['look', 'adjust', 'saturation'], value: share }],
    to: ({ ink, chroma }) => ({
      chroma: chroma * share,
      ink: Math.hypot(Math.sqrt(Math.max(0, ink ** 2 - chroma ** 2)), chroma * share),
    }),
  }))

const fainter = ({ node }: Seen): OrderChange[] =>
  [0.75, 0.5].map((share, index) => ({
    ...({ key: node.key, group: 'opacity', cost: index + 1 } as const),
    label: `let ${Math.round((1 - share) * 100)} % of the ground through ${node.name}`,
    changes: [{ of: node, path: ['look', 'opacity'], value: share }],
    to: ({ ink, chroma }) => ({ ink: ink * share, chroma: chroma * share }),
  }))

const smaller = ({ node, w }: Seen): OrderChange[] =>
  [0.85, 0.7, 0.55].map((share, index) => {
    const wide = Math.round((w * share) / 8) * 8
    return {
      ...({ key: node.key, group: 'size', cost: index + 1 } as const),
      label: `make ${node.name} ${wide} px wide at most`,
      changes: [{ of: node, path: ['place', 'maxWidth'], value: { ...px(wide) } }],
      to: ({ area }) => ({ area: area * share * share }),
    }
  })

/** Actions are loud or step back by the variants of their kind. */
function variantChanges(one: Seen, { records }: StyleDocument): OrderChange[] {
  const { node, behind } = one
  const isLoud = node.look.fill !== undefined
  const action = Object.values(records.tokens).find(
    (token) => token.type === 'colour' && token.role === 'action',
  )
  const hex = action && tokenColour(records.tokens, action.id, colourSetOf(one))
  const change = (label: string, value: string | undefined, to: OrderChange['to']): OrderChange => ({
    ...{ key: node.key, group: 'variant', label: `${label} ${node.name}`, cost: 2, to },
    changes: [{ of: node, path: ['variant'], value }],
  })
  const quiet = change('draw as secondary:', 'secondary', ({ ink, chroma }) => ({
    ...{ ink: ink * 0.55, chroma: chroma * 0.05, coverage: 0.25 },
  }))
  if (isLoud) return [quiet]
  if (!hex || behind === undefined) return []
  const [ink, chroma] = [apart(lab(hex), lab(behind)), beside(lab(hex), lab(behind))]
  return [
    change('draw as the main action:', undefined, ({ coverage }) => ({
      ...{ ink, chroma, coverage: Math.max(0.8, coverage) },
    })),
  ]
}

const lab = (hex: string): [number, number, number] => {
  const { l, a, b } = labOf(hex, 'D65')
  return [l, a, b]
}
const apart = (one: number[], other: number[]) => Math.hypot(...one.map((value, axis) => value - other[axis]))
const beside = (one: number[], other: number[]) => Math.hypot(one[1] - other[1], one[2] - other[2])
