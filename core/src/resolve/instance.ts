import { kindOf, nameOf, tagOf, type Block } from '../block/block'
import type { ChildFacts } from '../block/kind'
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
import type { SiteFacts } from '../block/siteFacts'
import type { BandGrid } from '../grid/bandGrid'
import { arrangement } from './arrangement'
import { blockValues, type Dressing } from './blockLayers'
import type { AtBand } from './cascade'
import type { Arrangement, BlockNode, NodeContent, Origin, Placing, Told } from './node'
import { placing } from './placing'
import type { StyleTokens } from './styleTokens'
import { textRuns } from './textRuns'

/** What all blocks of a page are resolved by. */
export interface Surroundings {
  at: AtBand
  grid: BandGrid
  tokens: StyleTokens
  site: SiteFacts
  /** whether what is not shown at the band, or is shut, stands in the tree all the same */
  withHidden: boolean
}

type Values = { arrange: Arrangement; place: Placing; look: ResolvedLook }
/** @property worn how the block itself looks, which parts of it may take over */
type Frame = Omit<BlockNode, 'content' | 'attributes' | 'children'> & { worn: ResolvedLook }

/** How a block is shown, beside what it says itself. */
export interface Shown {
  key: string
  origin: Origin
  dressing?: Dressing
  /** ids of all that stand in it as the lead band has them; as they come where none are given */
  order?: string[]
  /** the copy that shows it, with what that is called */
  as?: { copy: Block; name: string }
  isMissing?: boolean
  /** number of the content item it shows */
  item?: number
  room?: Origin
}

/** Looks a part has from its block where it has none of its own. */
const WORN: LookName[] = ['level', 'colour', 'textAlign']

const NO_ORDER: string[] = []
const NO_CHILDREN: ChildFacts[] = []
const BLOCKS: NodeContent = { type: 'blocks' }

/** Makes instances of blocks: their values found, what their kind says they are made of laid out as nodes. */
export class InstanceMaker {
  private usual = new Map<AnyKind, Map<string, Values>>()

  constructor(private around: Surroundings) {}

  /**
   * @param block as it is shown: dressed, with the content it names
   * @param children instances of the blocks that stand in it
   */
  instance(block: Block, children: BlockNode[], { order = NO_ORDER, dressing, ...shown }: Shown): BlockNode {
    const kind = kindOf(block)
    const tag = tagOf(block)
    const values = blockValues(block, this.around.at, dressing)
    const role = kind.levelRole ?? tag
    const usual = this.usualValues(kind, role)
    const isUsual = (key: 'arrange' | 'place' | 'look') => values[key] === kind.values[key]
    const look = isUsual('look') ? usual.look : this.looking(values.look ?? {}, role)
    const place = isUsual('place') ? usual.place : this.placing(values.place)
    const frame: Frame = {
      key: shown.key,
      origin: shown.origin,
      isPart: false,
      isClosed: false,
      tag,
      name: shown.as?.name ?? nameOf(block),
      isMissing: shown.isMissing ?? false,
      hidden: values.hidden ?? false,
      arrange: isUsual('arrange') ? usual.arrange : this.arranging(values.arrange, kind.keepsMargins),
      place,
      look,
      worn: look,
    }
    const picture = block.showsReference ? block.reference : undefined
    const primitive = picture
      ? referencePrimitive(picture)
      : kind.anatomy({
          key: frame.key,
          text: block.text ?? [],
          data: block.data ?? {},
          look,
          isFit: { across: place.width.type === 'fit', down: place.height.type === 'fit' },
          arrange: values.arrange ?? {},
          manner: values.manner,
          section: shown.as ? shown.as.copy.section : block.section,
          // Only panes are told from one another; all other blocks are made without looking at what stands in them.
          children: kind.hasPanes ? childFacts(children, order) : NO_CHILDREN,
          site: this.around.site,
        })
    const node = this.expand(primitive, frame, children)
    const told = toldBy(block, shown)
    if (told) node.told = told
    if (shown.room) node.room = shown.room
    if (primitive.isGone) node.isGone = true
    return node
  }

  /** A node for a primitive, and for each part that stands in it. @param own the children of the block it is of */
  expand({ content, tag, attributes = {} }: Primitive, frame: Frame, own: BlockNode[]): BlockNode {
    const children = content.type === 'blocks' ? this.holding(content.holds, frame, own) : []
    // Fields in one order make objects alike, which engines read faster than any other.
    return {
      key: frame.key,
      origin: frame.origin,
      isPart: frame.isPart,
      isClosed: frame.isClosed,
      tag: tag ?? frame.tag,
      name: frame.name,
      isMissing: frame.isMissing,
      hidden: frame.hidden,
      arrange: frame.arrange,
      place: frame.place,
      look: frame.look,
      content: contentOf(content, attributes),
      attributes,
      children,
    }
  }

  private holding(holds: (Part | 'own' | { child: string })[], owner: Frame, own: BlockNode[]): BlockNode[] {
    if (holds.length === 1 && holds[0] === 'own') return own
    return holds.flatMap((one) => {
      if (one === 'own') return own
      if ('child' in one) return own.filter(({ key }) => key === one.child)
      const isShown = this.around.withHidden || !(one.isClosed || one.values.hidden)
      return isShown ? [this.part(one, owner, own)] : []
    })
  }

  private part(part: Part, owner: Frame, own: BlockNode[]): BlockNode {
    const { key, origin, name } = owner
    const { arrange, place, look = {}, hidden = false } = part.values
    const frame: Frame = {
      key: `${key}/${part.name}`,
      origin,
      isPart: true,
      isClosed: part.isClosed ?? false,
      tag: part.tag,
      name: `${name} ${part.name}`,
      isMissing: false,
      hidden,
      arrange: this.arranging(arrange, false),
      place: this.placing(place),
      look: this.partLook(part, look, owner.worn),
      worn: owner.worn,
    }
    return this.expand(part, frame, own)
  }

  private partLook({ tag, isDressed }: Part, written: WrittenLook, around: ResolvedLook): ResolvedLook {
    const look = this.looking(written, tag)
    if (!isDressed) return look
    const worn = WORN.filter((name) => written[name] === undefined).map((name) => [name, around[name]])
    return { ...look, ...Object.fromEntries(worn) } as ResolvedLook
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

function toldBy(block: Block, { as, item }: Shown): Told | undefined {
  const teller = as ? { ...block, section: undefined, ...as.copy } : block
  const { note, requirement, links, live = false, section } = teller
  if (!note && !requirement && !links && !live && !section && item === undefined) return undefined
  return { note, requirement, links, isLive: live, item, section }
}

/** A picture in place of what a block draws. */
const referencePrimitive = (file: { asset?: string; width: number; height: number }): Primitive => ({
  tag: 'picture',
  content: { type: 'picture', ...file, alt: '' },
})

function childFacts(children: BlockNode[], order: string[]): ChildFacts[] {
  return children.map(({ key, name, hidden, origin }, index) => ({
    key,
    name,
    isHidden: hidden,
    place: (order.length ? order.indexOf(origin.record) : index) + 1,
  }))
}

function contentOf(content: PrimitiveContent, { href }: Primitive['attributes'] & object): NodeContent {
  switch (content.type) {
    case 'blocks':
      return BLOCKS
    case 'text': {
      const { text, middle = false, isLink = false, isBare = false } = content
      const runs = textRuns(text, !isLink)
      return { type: 'text', runs, middle, underlined: href !== undefined && !isBare, takesLinks: !isLink }
    }
    default:
      return content
  }
}
