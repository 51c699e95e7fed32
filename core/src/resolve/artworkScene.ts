import type { SolidName, SurfaceName, Triple } from '../artwork/solids'
import { USUAL_VIEW, type View } from '../artwork/view'
import type { Lamp } from '../artwork/sampling'
import type { Colour } from '../block/colourSchema'
import { inOrder } from '../document/tree'
import { USUAL_AMBIENCE, USUAL_LAMP, type Artwork, type Solid } from '../site/artwork'
import type { SceneColours } from './sceneColours'
import type { StyleTokens } from './styleTokens'

/** A solid as it is rendered. */
export interface SceneSolid {
  id: string
  solid: SolidName
  at: Triple
  turn: Triple
  size: Triple
  hex: string
  surface: SurfaceName
}

/** An artwork with its tokens replaced: all a renderer needs of it. */
export interface ArtworkScene {
  width: number
  height: number
  sky: string
  /** none where nothing takes shadows */
  ground?: string
  lamp: Lamp & { strength: number }
  ambience: number
  view: View
  solids: SceneSolid[]
}

/** The scene of an artwork in the colours of a guide. @param usual colours where it says none */
export function artworkScene(
  artwork: Artwork,
  solids: Solid[],
  tokens: StyleTokens,
  usual: SceneColours,
): ArtworkScene {
  const { width, height, sky, ground, hasGround = true, lamp, ambience, view } = artwork
  const hexOf = (colour: Colour | undefined, otherwise: string) =>
    (colour === undefined ? undefined : tokens.colour(colour)) ?? otherwise
  return {
    width,
    height,
    sky: hexOf(sky, usual.ground),
    ground: hasGround ? hexOf(ground, usual.ground) : undefined,
    lamp: { ...USUAL_LAMP, ...lamp },
    ambience: ambience ?? USUAL_AMBIENCE,
    view: view ?? USUAL_VIEW,
    solids: inOrder(solids)
      .filter(({ hidden }) => !hidden)
      .map(({ id, solid, at, turn, size, colour, surface }) => ({
        ...{ id, solid, at, size, hex: hexOf(colour, usual.main) },
        turn: turn ?? [0, 0, 0],
        surface: surface ?? 'chalk',
      })),
  }
}
