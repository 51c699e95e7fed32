import { kindNamed, type BlockKindName } from '../block/kinds'
import { varyingSchema, type Varying } from '../block/varying'
import type { PartState, StylePart } from '../style/part'
import { foldLayers, recordLayers, type AtBand, type Layer } from './cascade'

type Banded = Pick<AtBand, 'bands' | 'band'>

/** What of a block is dressed: one of its kind's variants, the block itself or a piece of it, at rest or in a state. */
export interface Dressed {
  kind: BlockKindName
  variant?: string
  piece?: string
  state?: PartState
}

const keyOf = ({ kind, variant, piece, state }: Dressed) => [kind, variant, piece, state].join(' ')

/** The name a kind's pieces have in common where it makes many of one: `cell 3` is a cell. */
export const pieceName = (name: string): string => name.split(' ', 1)[0]

/** How a style guide dresses blocks at a band: its parts, found by what they dress. Layers and values are kept. */
export class StyleParts {
  private byKey = new Map<string, StylePart[]>()
  private layers = new Map<string, Layer[]>()
  private bases = new Map<string, Varying>()

  constructor(
    parts: Readonly<Record<string, StylePart>>,
    private at: Banded,
  ) {
    for (const part of Object.values(parts)) {
      const key = keyOf(part as Dressed)
      const known = this.byKey.get(key)
      if (known) known.push(part)
      else this.byKey.set(key, [part])
    }
    for (const same of this.byKey.values()) same.sort((a, b) => (a.order < b.order ? -1 : 1))
  }

  /** Layers of the parts that dress exactly this, weakest first. */
  layersOf(dressed: Dressed): Layer[] {
    const key = keyOf(dressed)
    let found = this.layers.get(key)
    if (!found) {
      found = (this.byKey.get(key) ?? []).flatMap((part) =>
        recordLayers(part, this.at).map((layer): Layer => ({ ...layer, source: { from: 'part' } })),
      )
      this.layers.set(key, found)
    }
    return found
  }

  /** The values of `baseLayers`, in a state: one object for all blocks alike, which layout recognises. */
  base(kind: BlockKindName, variant: string | undefined, state?: PartState): Varying {
    const key = keyOf({ kind, variant, state })
    let values = this.bases.get(key)
    if (!values) {
      const inState = state ? this.bothLayers({ kind, variant, state }) : []
      this.bases.set(key, (values = foldVarying([...kindLayers(kind, variant, this), ...inState])))
    }
    return values
  }

  /** Whether blocks of a kind look otherwise in a state. */
  knows(dressed: Dressed): boolean {
    return this.bothLayers(dressed).length > 0
  }

  /** Layers of the part for all variants, then of the one for this. */
  bothLayers({ kind, variant, piece, state }: Dressed): Layer[] {
    const usual = this.layersOf({ kind, piece, state })
    return variant === undefined ? usual : [...usual, ...this.layersOf({ kind, variant, piece, state })]
  }
}

/**
 * What a block's kind and the style guide give it before its own values, weakest first: the kind's values, the part for all
 * of the kind, the variant's values, the part for that variant.
 */
export function kindLayers(kind: BlockKindName, variant: string | undefined, parts?: StyleParts): Layer[] {
  const { values, variants } = kindNamed(kind)
  const layers: Layer[] = [{ source: { from: 'kind' }, values, record: values }]
  layers.push(...(parts?.layersOf({ kind }) ?? []))
  if (variant === undefined) return layers
  const own = variants?.[variant]?.values
  if (own) layers.push({ source: { from: 'kind' }, values: own, record: own })
  layers.push(...(parts?.layersOf({ kind, variant }) ?? []))
  return layers
}

/** All values that layers of blocks or parts give together. */
export function foldVarying(layers: Layer[]): Varying {
  return foldLayers(
    varyingSchema,
    layers.map((layer) => ({ ...layer, values: varyingOf(layer.values) })),
  )
}

function varyingOf({ arrange, place, look, hidden, manner, states }: Varying): Varying {
  return { arrange, place, look, hidden, manner, states }
}
