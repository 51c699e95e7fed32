import type { ChangePart, Documents, StoredRecord } from '../document/types'
import type { DrawingDocument } from '../drawing/drawing'
import type { Artwork } from '../site/artwork'
import { replacePicture, type NewPicture } from './replacePicture'

/**
 * Changes by which a new picture of an artwork is kept and laid behind its block. The picture it had before goes wherever
 * that stood, with its focus, its veil and all else kept.
 */
export function layArtwork(documents: Documents, artwork: Artwork, picture: NewPicture): ChangePart[] {
  const { asset, width, height } = picture
  const shown = { asset, width, height }
  const { id, behind, rendered } = artwork
  const before = rendered?.asset
  const kept: ChangePart[] = before
    ? replacePicture(documents, before, shown)
    : [
        {
          ...{ document: 'site', kind: 'site' },
          operations: [{ type: 'set', collection: 'artworks', id, path: ['rendered'], value: shown }],
        },
      ]
  const drawing = behind && (documents[behind.page] as unknown as DrawingDocument | undefined)
  const block = behind && drawing?.records.blocks[behind.block]
  if (!block) return kept
  const picked = (block.look as StoredRecord | undefined)?.backdrop as
    { picture?: { asset?: string } } | undefined
  if (before !== undefined && picked?.picture?.asset === before) return kept
  const laid: ChangePart = {
    ...{ document: behind.page, kind: 'drawing' },
    operations: [
      {
        type: 'set',
        collection: 'blocks',
        id: block.id,
        path: ['look', 'backdrop', 'picture'],
        value: shown,
      },
    ],
  }
  return [...kept, laid]
}
