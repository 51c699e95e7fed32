import type { Block } from '../../block/block'
import { emptyContent } from '../../content/content'
import { applyChange } from '../../document/apply'
import type { Documents, Operation } from '../../document/types'
import type { DrawingDocument } from '../../drawing/drawing'
import type { DraftSources } from '../../draft/planPage'
import type { PageLayout } from '../../layout/pageLayout'
import { documentKinds } from '../../resolve/documentKinds'
import type { BlockNode } from '../../resolve/node'
import { contentIn, type PageSources } from '../../resolve/pageSources'
import { bandsOf } from '../../resolve/resolvePage'
import type { Band, Page } from '../../site/site'
import { placeBlocks, type DrawnPage } from '../../snap/drawnPage'
import type { FontLibrary } from '../../text/fontLibrary'
import type { Spelling } from '../../text/spelling'
import { hasDarkSet } from '../../style/token'
import type { OverlayRecord } from '../../site/overlay'
import { px } from '../../units/length'
import type { FindingPlace } from '../finding'
import type { DrawnFinish } from './drawingRule'
import { KeptLayouts } from './keptLayouts'
import { seenBlocks, type Seen } from './seenBlocks'

/** A page as it is seen at a band, at the width the band is drawn at. */
export interface SeenBand {
  band: Band
  layout: PageLayout
  seen: Seen[]
}

/** What the rules of drawings look at: a page at each band, laid out at the width the band is drawn at. */
export interface DrawingFacts {
  page: Page
  /** how it is shown over its page, where it is an overlay and no page */
  overlay?: OverlayRecord
  sources: PageSources
  /** the page's own blocks */
  blocks: Record<string, Block>
  bands: { band: Band; layout: PageLayout; drawn: DrawnPage }[]
  /** The page as a mockup at each of its bands; laid out once, when a rule asks. */
  seen: () => SeenBand[]
  /** The same at the lead band in the dark set of colours, laid out once; nothing where the guide has none. */
  inDark: () => SeenBand | undefined
  /** The mockup at a band as it would stand after a change to the page's own drawing. */
  laidOutAfter: (band: Band, operations: Operation[]) => PageLayout
  /** how far it is drawn */
  finish: DrawnFinish
  /** what the map plans for the page */
  plan: DraftSources
  newId: () => string
  /** which words there are, where there is a dictionary */
  spelling?: Spelling
}

/**
 * Lays out what the rules share.
 * @param name what the project is called
 * @param kept layouts of an earlier look at the page, which that look is over with
 */
export function drawingFacts(
  page: Page,
  sources: PageSources,
  name: string,
  library: FontLibrary,
  newId: () => string,
  spelling?: Spelling,
  kept = new KeptLayouts(library),
): DrawingFacts {
  const { site, style, around, drawing } = sources
  const bands = bandsOf(site)
  const { blocks } = drawing.records
  const laidOutAfter = (band: Band, operations: Operation[]) => {
    const before = { [drawing.id]: drawing } as unknown as Documents
    const parts = [{ document: drawing.id, kind: 'drawing', operations }]
    const { documents, outcomes } = applyChange(documentKinds, before, parts)
    if (outcomes.length) throw new Error(outcomes[0].reason)
    const after = documents[drawing.id]
    const changed = { ...sources, drawing: after as unknown as DrawingDocument }
    return new KeptLayouts(library).layout(changed, band, 'mockup')
  }
  const laid = bands.inOrder.map((band) => {
    const layout = kept.layout(sources, band, 'wireframe')
    const drawn: DrawnPage = {
      ...{ blocks, placed: placeBlocks(layout, {}), width: layout.width, height: layout.height },
      ...{
        at: { bands, band: band.id },
        write: px,
        lines: { x: [], y: [] },
        hintKinds: new Set(),
        scale: [],
      },
    }
    return { band, layout, drawn }
  })
  const plan = { site, style, content: contentIn(around) ?? emptyContent, name }
  let seen: SeenBand[] | undefined
  const lookOnce = () =>
    (seen ??= bands.inOrder.map((band) => {
      const layout = kept.layout(sources, band, 'mockup')
      return { band, layout, seen: seenBlocks(layout) }
    }))
  const lead = bands.inOrder.find(({ id }) => id === bands.lead)
  let dark: SeenBand | undefined
  const lookInDark = () => {
    if (dark || !lead || !hasDarkSet(style.records.tokens)) return dark
    const layout = kept.layout(sources, lead, 'mockup', 'dark')
    return (dark = { band: lead, layout, seen: seenBlocks(layout) })
  }
  return {
    page,
    overlay: site.records.overlays[page.id],
    sources,
    blocks,
    bands: laid,
    seen: lookOnce,
    inDark: lookInDark,
    laidOutAfter,
    finish: finishOf(page, sources),
    plan,
    newId,
    spelling,
  }
}

/** A page as it is seen where it is drawn first; nothing where the site has no such band. */
export function seenAtLead({ sources, seen }: DrawingFacts): SeenBand | undefined {
  const { lead } = sources.site.records.settings.site
  return seen().find(({ band }) => band.id === lead)
}

/** Whether a page is to be looked at as a mockup: its guide dresses it, or it was checked as one. */
export const isDressed = ({ checked }: Page, { style }: Pick<PageSources, 'style'>): boolean =>
  Boolean(checked?.mockup) || Object.keys(style.records.parts).length > 0

/** Drawn to the finish its guide dresses it in, or as far as the wireframe is shown to be. */
function finishOf(page: Page, sources: PageSources): DrawnFinish {
  if (isDressed(page, sources)) return 'finished'
  return sources.site.records.settings.site.wireframe === 'sketch' ? 'sketch' : 'plain'
}

/** Where a finding on an instance leads: its block, or the copy on the page that shows it. */
export function placeOf({ page }: DrawingFacts, { key, origin }: BlockNode, band?: string): FindingPlace {
  const id = origin.document === page.id ? origin.record : key.split(/[-/]/)[0]
  return { collection: 'blocks', id, page: page.id, band }
}

/** The name a page goes by in a finding. */
export const titleOf = ({ page }: DrawingFacts): string => `“${page.title || 'Untitled'}”`
