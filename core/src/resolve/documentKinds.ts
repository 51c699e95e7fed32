import type { DocumentKinds } from '../document/kind'
import { siteKind } from '../site/site'
import { styleKind } from '../style/style'
import { drawingKind } from '../drawing/drawing'

/** Every kind of document a project may hold. */
export const documentKinds: DocumentKinds = { site: siteKind, style: styleKind, drawing: drawingKind }
