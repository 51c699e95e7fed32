import { oklchOf } from '../colour/spaces'
import type { AtBand } from './cascade'
import type { StyleDocument } from '../style/style'
import { StyleTokens } from './styleTokens'

/** Colours pictures and artworks are made up in, as a style guide has them. */
export interface SceneColours {
  /** of water, hills and shadow */
  main: string
  /** of light, lamps and what stands out */
  second: string
  /** the palest there is */
  ground: string
  /** the darkest there is */
  ink: string
}

/** Until a guide says its colours. */
const USUAL: SceneColours = { main: '#1f5b4c', second: '#b9770e', ground: '#fbfaf6', ink: '#17211e' }
/** Degrees of hue from which two colours are told apart, and the chroma below which a colour has none. */
const [APART, GREY] = [40, 0.05]

/**
 * The colours of a guide that pictures are made up in: what it acts with, another hue that it has, its ground and its text.
 */
export function sceneColours(style: StyleDocument, at: AtBand): SceneColours {
  const tokens = new StyleTokens(style, at)
  const main = tokens.role('action') ?? USUAL.main
  const { h: hue } = oklchOf(main)
  const others = Object.values(style.records.tokens)
    .filter((token) => token.type === 'colour' && token.role === undefined)
    .flatMap(({ id }) => tokens.colour({ token: id }) ?? [])
    .map((hex) => ({ hex, ...oklchOf(hex) }))
    .filter(({ c, h }) => c > GREY && Math.abs(((h - hue + 540) % 360) - 180) > APART)
    .sort((a, b) => b.c - a.c)
  return {
    main,
    second: others[0]?.hex ?? USUAL.second,
    ground: tokens.role('ground') ?? USUAL.ground,
    ink: tokens.role('text') ?? USUAL.ink,
  }
}
