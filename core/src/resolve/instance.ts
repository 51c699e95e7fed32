import { kindOf, nameOf, tagOf, type Block } from '../block/block'
import type { ChildFacts } from '../block/kind'
import type { BlockKindName } from '../block/kinds'
import {
  LOOK_NAMES,
  looks,
  lookSchema,
  type AnyLook,
  type LookName,
  type ResolvedLook,
  type WrittenLook,
} from '../block/looks'
import type { Part, Primitive, PrimitiveContent } from '../block/primitive'
import type { ColourSet } from '../style/token'
import { PART_STATE_NAMES, type PartState } from '../block/partState'
import type { SiteFacts } from '../block/siteFacts'
import type { Varying } from '../block/varying'
import { leafTable, overlay } from '../document/leafTable'
import type { Role } from '../colour/roles'
import type { BandGrid } from '../grid/bandGrid'
import { arrangement } from './arrangement'
import { blockValues, type Dressing } from './blockLayers'
import type { AtBand } from './cascade'
import type { Arrangement, BlockNode, NodeContent, Origin, Placing, StateLook, Told } from './node'
import { placing } from './placing'
import { foldVarying, pieceName, type StyleParts } from './styleParts'
import type { StyleTokens } from './styleTokens'
import { textRuns } from './textRuns'

/** What all blocks of a page are resolved by. */
export interface Surroundings {
  at: AtBand
  parts: StyleParts
  grid: BandGrid
  /** of each set of colours */
  tokens: Record<ColourSet, StyleTokens>
  site: SiteFacts
  /** whether what is not shown at the band, or is shut, stands in the tree all the same */
  withHidden: boolean
  /** whether instances tell how they look in states a visitor brings about, which HTML needs and pictures do not */
  withStates: boolean
  /** px of icons of no size of their own */
  iconSize?: number
  /** all blocks and their pieces are shown in it, as far as the style guide says how they look there */
  state?: PartState
}

const NO_STATES: StateLook[] = []

type Values = { arrange: Arrangement; place: Placing; look: ResolvedLook }
/** What parts of a block may take over from it, and what dresses them. */
interface Owner {
  kind: BlockKindName
  variant: string | undefined
  set: ColourSet
  /** how the block itself looks, at rest and in states */
  worn: ResolvedLook
  wornStates: StateLook[]
  /** that it is shown in */
  state: PartState | undefined
}
type Frame = Omit<BlockNode, 'content' | 'attributes' | 'children'> & { owner: Owner }

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
  /** the set of colours it stands in */
  set?: ColourSet
  /** the state it is shown in */
  state?: PartState
}

/** Looks a part has from its block where it has none of its own. */
const WORN: LookName[] = ['level', 'colour', 'textAlign']

const NO_ORDER: string[] = []
const NO_CHILDREN: ChildFacts[] = []
const BLOCKS: NodeContent = { type: 'blocks' }

/** Makes instances of blocks: their values found, what their kind says they are made of laid out as nodes. */
export class InstanceMaker {
  /** by the values blocks begin with, then by set of colours and role of their text */
  private usual = new Map<Varying, Map<string, Values>>()

  constructor(private around: Surroundings) {}

  /** The colour of a role in a set, where the style guide has one. */
  role(role: Role, set: ColourSet): string | undefined {
    return this.around.tokens[set].role(role)
  }

  /**
   * @param block as it is shown: dressed, with the content it names
   * @param children instances of the blocks that stand in it
   */
  instance(block: Block, children: BlockNode[], { order = NO_ORDER, dressing, ...shown }: Shown): BlockNode {
    const kind = kindOf(block)
    const tag = tagOf(block)
    const { at, parts } = this.around
    const state = shown.state ?? this.around.state
    const { variant } = block
    const set = shown.set ?? 'light'
    const base = parts.base(block.kind, variant, state)
    const own = blockValues(block, at, base, dressing)
    const values = inState(own, state)
    const role = kind.levelRole ?? tag
    const usual = this.usualValues(base, kind.keepsMargins, role, set)
    const isUsual = (key: 'arrange' | 'place' | 'look') => values[key] === base[key]
    const look = isUsual('look') ? usual.look : this.looking(values.look ?? {}, role, set)
    const place = isUsual('place') ? usual.place : this.placing(values.place, set)
    const states = this.statesOf((one) => {
      const isDressed = parts.knows({ kind: block.kind, variant, state: one })
      if (!isDressed && !own.states?.[one]) return undefined
      const dressed = blockValues(block, at, parts.base(block.kind, variant, one), dressing)
      return this.looking(inState(dressed, one).look ?? {}, role, set)
    }, shown.key)
    const frame: Frame = {
      key: shown.key,
      origin: shown.origin,
      isPart: false,
      isClosed: false,
      tag,
      name: shown.as?.name ?? nameOf(block),
      isMissing: shown.isMissing ?? false,
      hidden: values.hidden ?? false,
      arrange: isUsual('arrange') ? usual.arrange : this.arranging(values.arrange, kind.keepsMargins, set),
      place,
      look,
      states,
      owner: { kind: block.kind, variant, set, worn: look, wornStates: states, state },
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
          iconSize: this.around.iconSize,
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
    const node: BlockNode = {
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
    if (frame.atRest) node.atRest = frame.atRest
    if (frame.states?.length) node.states = frame.states
    return node
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

  private part(part: Part, { key: ownerKey, origin, name, owner }: Frame, own: BlockNode[]): BlockNode {
    const key = `${ownerKey}/${part.name}`
    const dressed = this.partDressed(part, key, owner)
    const { arrange, place, hidden = false } = dressed.values
    const frame: Frame = {
      key,
      origin,
      isPart: true,
      isClosed: part.isClosed ?? false,
      tag: part.tag,
      name: `${name} ${part.name}`,
      isMissing: false,
      hidden,
      arrange: this.arranging(arrange, false, owner.set),
      place: this.placing(place, owner.set),
      look: dressed.look,
      atRest: dressed.atRest,
      states: dressed.states,
      owner: { ...owner, wornStates: dressed.states },
    }
    return this.expand(part, frame, own)
  }

  /** A piece as its kind and the style guide have it, at rest, as it is drawn, and in the states it may come into. */
  private partDressed(part: Part, key: string, owner: Owner) {
    const { parts } = this.around
    const { kind, variant, state: forced } = owner
    const piece = pieceName(part.name)
    const inStates = (states: readonly PartState[]): Varying => {
      const layers = [undefined, ...states].flatMap((state) => {
        const own = state && part.inState?.[state]
        const said = parts.bothLayers({ kind, variant, piece, state })
        return own ? [{ source: KIND, values: own, record: own }, ...said] : said
      })
      if (layers.length === 0) return part.values
      return foldVarying([{ source: KIND, values: part.values, record: part.values }, ...layers])
    }
    const drawn = forced ? [...(part.states ?? []), forced] : (part.states ?? [])
    const values = inStates(drawn)
    const lookOf = (of: Varying, worn: ResolvedLook) => this.partLook(part, of.look ?? {}, worn, owner.set)
    const look = lookOf(values, owner.worn)
    const knows = (state: PartState) =>
      part.inState?.[state] !== undefined || parts.knows({ kind, variant, piece, state })
    const ends = this.around.withStates && drawn.includes('chosen') && knows('chosen')
    const atRest = ends ? inStates(drawn.filter((state) => state !== 'chosen')) : values
    const own = this.statesOf(
      (state) => (knows(state) ? lookOf(inStates([state]), owner.worn) : undefined),
      key,
    )
    const worn = part.isDressed
      ? owner.wornStates.map(({ state, look, of }) => ({ state, look: lookOf(atRest, look), of }))
      : owner.wornStates
    return {
      values,
      look,
      atRest: ends ? lookOf(atRest, owner.worn) : undefined,
      states: part.isDressed ? [...worn, ...own] : own,
    }
  }

  /** How an instance looks in each state a visitor brings about, where it looks otherwise there. */
  private statesOf(lookIn: (state: PartState) => ResolvedLook | undefined, of: string): StateLook[] {
    if (!this.around.withStates) return NO_STATES
    return PART_STATE_NAMES.flatMap((state): StateLook[] => {
      const look = lookIn(state)
      return look ? [{ state, look, of }] : []
    })
  }

  private partLook(
    { tag, isDressed }: Part,
    written: WrittenLook,
    around: ResolvedLook,
    set: ColourSet,
  ): ResolvedLook {
    const look = this.looking(written, tag, set)
    if (!isDressed) return look
    const worn = WORN.filter((name) => written[name] === undefined).map((name) => [name, around[name]])
    return { ...look, ...Object.fromEntries(worn) } as ResolvedLook
  }

  /** What blocks that set nothing of their own have in common: one object for all, which layout recognises. */
  private usualValues(base: Varying, keepsMargins: true | undefined, role: string, set: ColourSet): Values {
    let byRole = this.usual.get(base)
    if (!byRole) this.usual.set(base, (byRole = new Map()))
    const key = `${set} ${role}`
    let values = byRole.get(key)
    if (values) return values
    const { arrange, place, look = {} } = base
    values = {
      arrange: this.arranging(arrange, keepsMargins, set),
      place: this.placing(place, set),
      look: this.looking(look, role, set),
    }
    byRole.set(key, values)
    return values
  }

  private arranging(
    arrange: Parameters<typeof arrangement>[0] = {},
    keepsMargins = false,
    set: ColourSet,
  ): Arrangement {
    return arrangement(arrange, this.around.grid, this.around.tokens[set], keepsMargins)
  }

  private placing(place: Parameters<typeof placing>[0] = {}, set: ColourSet): Placing {
    return placing(place, this.around.tokens[set])
  }

  private looking(written: WrittenLook, role: string, set: ColourSet): ResolvedLook {
    const tokens = this.around.tokens[set]
    const resolved = {} as Record<LookName, unknown>
    for (const name of LOOK_NAMES) resolved[name] = oneLook(name, written[name], role, tokens)
    return resolved as unknown as ResolvedLook
  }
}

/** Values with what a block says of itself in a state over them. */
function inState(values: Varying, state: PartState | undefined): Varying {
  const look = state && values.states?.[state]?.look
  return look ? { ...values, look: overlay(leafTable(lookSchema), values.look ?? {}, look) } : values
}

const KIND = { from: 'kind' } as const

function oneLook(name: LookName, written: unknown, role: string, tokens: StyleTokens): unknown {
  const { initial, resolve, resolveAbsent } = looks[name] as AnyLook
  if (written !== undefined) return resolve(written, tokens, role) as unknown
  return (resolveAbsent ? resolveAbsent(tokens, role) : initial) as unknown
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
