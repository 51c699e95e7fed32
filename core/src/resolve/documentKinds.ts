import type { DocumentKinds } from '../document/kind'
import { collectionKind } from '../content/collection'
import { contentKind } from '../content/content'
import { siteKind } from '../site/site'
import { styleKind } from '../style/style'
import { drawingKind } from '../drawing/drawing'

/** Every kind of document a project may hold. */
export const documentKinds: DocumentKinds = {
  site: siteKind,
  content: contentKind,
  collection: collectionKind,
  style: styleKind,
  drawing: drawingKind,
}
