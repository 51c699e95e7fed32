import { kindOf, nameOf, tagOf, type Block } from '../block/block'
import type { AnyKind } from '../block/kinds'
import {
  LOOK_NAMES,
  looks,
  type AnyLook,
  type LookName,
  type ResolvedLook,
  type WrittenLook,
} from '../block/looks'
import type { Part, Primitive, PrimitiveContent } from '../block/primitive'
import type { BandGrid } from '../grid/bandGrid'
import { arrangement } from './arrangement'
import { blockValues } from './blockLayers'
import type { AtBand } from './cascade'
import type { Arrangement, BlockNode, NodeContent, Placing } from './node'
import { placing } from './placing'
import type { StyleTokens } from './styleTokens'
import { textRuns } from './textRuns'

/** What all blocks of a page are resolved by. */
export interface Surroundings {
  document: string
  at: AtBand
  grid: BandGrid
  tokens: StyleTokens
  pageAddress: (page: string) => string | undefined
}

type Values = { arrange: Arrangement; place: Placing; look: ResolvedLook }
type Frame = Omit<BlockNode, 'content' | 'attributes' | 'children'>

const BLOCKS: NodeContent = { type: 'blocks' }

/** Makes instances of blocks: their values found, what their kind says they are made of laid out as nodes. */
export class InstanceMaker {
  private usual = new Map<AnyKind, Map<string, Values>>()

  constructor(private around: Surroundings) {}

  /** @param children instances of the blocks that stand in it */
  instance(block: Block, children: BlockNode[]): BlockNode {
    const kind = kindOf(block)
    const tag = tagOf(block)
    const values = blockValues(block, this.around.at)
    const role = kind.levelRole ?? tag
    const usual = this.usualValues(kind, role)
    const isUsual = (key: 'arrange' | 'place' | 'look') => values[key] === kind.values[key]
    const look = isUsual('look') ? usual.look : this.looking(values.look ?? {}, role)
    const place = isUsual('place') ? usual.place : this.placing(values.place)
    const frame: Frame = {
      key: block.id,
      origin: { document: this.around.document, record: block.id },
      tag,
      name: nameOf(block),
      hidden: values.hidden ?? false,
      arrange: isUsual('arrange') ? usual.arrange : this.arranging(values.arrange, kind.keepsMargins),
      place,
      look,
    }
    const primitive = kind.anatomy({
      text: block.text ?? [],
      data: block.data ?? {},
      look,
      isFit: { across: place.width.type === 'fit', down: place.height.type === 'fit' },
      pageAddress: this.around.pageAddress,
    })
    return this.expand(primitive, frame, children)
  }

  /** A node for a primitive, and for each part that stands in it. @param own the children of the block it is of */
  expand({ content, attributes = {} }: Primitive, frame: Frame, own: BlockNode[]): BlockNode {
    const { key, origin, tag, name, hidden, arrange, place, look } = frame
    const children = content.type === 'blocks' ? this.holding(content.holds, frame, own) : []
    return {
      key,
      origin,
      tag,
      name,
      hidden,
      arrange,
      place,
      look,
      content: contentOf(content, attributes),
      attributes,
      children,
    }
  }

  private holding(holds: (Part | 'own')[], owner: Frame, own: BlockNode[]): BlockNode[] {
    if (holds.length === 1 && holds[0] === 'own') return own
    return holds.flatMap((one) => (one === 'own' ? own : [this.part(one, owner, own)]))
  }

  private part(part: Part, { key, origin, name }: Frame, own: BlockNode[]): BlockNode {
    const { arrange, place, look = {}, hidden = false } = part.values
    const frame: Frame = {
      key: `${key}/${part.name}`,
      origin,
      tag: part.tag,
      name: `${name} ${part.name}`,
      hidden,
      arrange: this.arranging(arrange, false),
      place: this.placing(place),
      look: this.looking(look, part.tag),
    }
    return this.expand(part, frame, own)
  }

  /** What blocks that set nothing of their own have in common: one object for all, which layout recognises. */
  private usualValues(kind: AnyKind, role: string): Values {
    let byRole = this.usual.get(kind)
    if (!byRole) this.usual.set(kind, (byRole = new Map()))
    let values = byRole.get(role)
    if (values) return values
    const { arrange, place, look = {} } = kind.values
    values = {
      arrange: this.arranging(arrange, kind.keepsMargins),
      place: this.placing(place),
      look: this.looking(look, role),
    }
    byRole.set(role, values)
    return values
  }

  private arranging(arrange: Parameters<typeof arrangement>[0] = {}, keepsMargins = false): Arrangement {
    return arrangement(arrange, this.around.grid, this.around.tokens, keepsMargins)
  }

  private placing(place: Parameters<typeof placing>[0] = {}): Placing {
    return placing(place, this.around.tokens)
  }

  private looking(written: WrittenLook, role: string): ResolvedLook {
    const resolved = {} as Record<LookName, unknown>
    for (const name of LOOK_NAMES) resolved[name] = this.oneLook(name, written[name], role)
    return resolved as unknown as ResolvedLook
  }

  private oneLook(name: LookName, written: unknown, role: string): unknown {
    const { initial, resolve, resolveAbsent } = looks[name] as AnyLook
    const { tokens } = this.around
    if (written !== undefined) return resolve(written, tokens, role) as unknown
    return (resolveAbsent ? resolveAbsent(tokens, role) : initial) as unknown
  }
}

function contentOf(content: PrimitiveContent, { href }: Primitive['attributes'] & object): NodeContent {
  switch (content.type) {
    case 'blocks':
      return BLOCKS
    case 'text': {
      const { text, middle = false, isLink = false } = content
      const runs = textRuns(text, !isLink)
      return { type: 'text', runs, middle, underlined: href !== undefined, takesLinks: !isLink }
    }
    default:
      return content
  }
}
