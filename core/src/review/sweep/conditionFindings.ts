import { PageLayouter } from '../../layout/pageLayout'
import type { BlockNode, PageNode } from '../../resolve/node'
import type { PageSources } from '../../resolve/pageSources'
import { bandsOf, PageResolver } from '../../resolve/resolvePage'
import type { Band, Page } from '../../site/site'
import type { FontLibrary } from '../../text/fontLibrary'
import { usualEnvironment } from '../../units/environment'
import { widthOf } from '../drawing/keptLayouts'
import type { Finding } from '../finding'
import { CONDITIONS, pageUnder, sourcesUnder, textZoomOf, type Condition } from './conditions'
import { sweptTrouble } from './sweepFindings'
import { nameOfTrouble } from './sweepPage'
import { GRAVE, TROUBLES, type Trouble } from './trouble'
import { troublesAt } from './troublesAt'

/** What was found by laying a page out as others see it. */
export const conditionRule = {
  id: 'underConditions',
  label: 'Wrong with other text or content',
  why: 'Some enlarge text or space it, and what comes from the service is longer, shorter or not there: the page has to hold.',
}

/** Conditions under which a page has to hold, the gravest first; text at 300 % is more than anybody asks for. */
const ASKED: Condition[] = ['text200', 'spacing', 'longest', 'shortest', 'missing']
/** Those under which nothing may be lost. @see WCAG 2.2, 1.4.4 and 1.4.12 */
const REQUIRED = new Set<Condition>(['text200', 'spacing'])
/** Larger text has fewer words to a line; that nothing is lost is what counts. */
const COUNTED = new Set<Trouble>(['outOfPage', 'outOfHolder', 'overlaps', 'cut'])

interface Met {
  trouble: Trouble
  node: BlockNode
  by: number
}

/**
 * What goes wrong with a page as a mockup under other conditions, and not as it is drawn, at the widths its bands are
 * drawn at; of each block what the gravest condition does to it.
 */
export function conditionFindings(page: Page, sources: PageSources, library: FontLibrary): Finding[] {
  const { inOrder } = bandsOf(sources.site)
  const troublesUnder = trouble(sources, library)
  const told = new Map<string, Finding & { bands: string[] }>()
  for (const band of inOrder) {
    const known = new Set(troublesUnder('drawn', band).keys())
    for (const condition of ASKED)
      for (const [name, met] of troublesUnder(condition, band)) {
        if (known.has(name)) continue
        known.add(name)
        const key = `${condition} ${name}`
        const before = told.get(key)
        if (before) before.bands.push(band.id)
        else told.set(key, findingOf(page, band, condition, met))
      }
  }
  return [...told.values()].map(({ bands, ...finding }) =>
    bands.length === inOrder.length ? finding : { ...finding, bands },
  )
}

function findingOf(page: Page, band: Band, condition: Condition, met: Met) {
  const { trouble: what, node, by } = met
  const isGrave = REQUIRED.has(condition) && GRAVE.has(what)
  const off = what === 'cut' ? '' : ` by ${Math.ceil(by)} px`
  const { block } = sweptTrouble(page.id, {
    ...{ ...met, band: band.id, from: band.drawnAt, to: band.drawnAt },
    worst: { width: band.drawnAt, by },
  })
  return {
    ...{ rule: conditionRule.id, severity: isGrave ? ('serious' as const) : ('fair' as const) },
    place: { collection: 'blocks' as const, id: block, page: page.id, band: band.id, condition },
    bands: [band.id],
    says: `${node.name} ${TROUBLES[what]}${off} on “${page.title || 'Untitled'}” ${CONDITIONS[condition]}.`,
  }
}

/** The troubles of a page under a condition at the width a band is drawn at, by name. */
function trouble(sources: PageSources, library: FontLibrary) {
  const resolved = new Map<string, PageNode>()
  const resolver = new PageResolver({ withHidden: false, as: 'mockup' })
  const layouter = new PageLayouter(library)
  const pageAt = (filled: PageSources, band: string): PageNode => {
    // The content is the page's own but for where it is what differs.
    if (filled !== sources) return resolver.resolve(filled, band)
    const page = resolved.get(band) ?? resolver.resolve(sources, band)
    resolved.set(band, page)
    return page
  }
  return (condition: Condition, { id, drawnAt }: Band): Map<string, Met> => {
    const page = pageUnder(pageAt(sourcesUnder(sources, condition), id), condition)
    const environment = {
      ...{ ...usualEnvironment, ...widthOf(sources, sources.drawing.id, id, drawnAt) },
      textZoom: textZoomOf(condition),
    }
    const found = new Map<string, Met>()
    troublesAt(layouter.layout(page, environment), (what, node, by) => {
      const name = nameOfTrouble(what, node)
      if (COUNTED.has(what) && by > (found.get(name)?.by ?? 0)) found.set(name, { trouble: what, node, by })
    })
    return found
  }
}
