import { expose } from 'comlink'
import { shareUnchanged } from '@nolvex/core/document/shareUnchanged'
import { drawingFacts } from '@nolvex/core/review/drawing/drawingFacts'
import { drawingFindings } from '@nolvex/core/review/drawing/drawingRules'
import { reviewedPage } from '@nolvex/core/review/drawing/reviewedPages'
import { KeptLayouts } from '@nolvex/core/review/drawing/keptLayouts'
import type { Finding } from '@nolvex/core/review/finding'
import type { PaintWindow } from '@nolvex/core/review/hierarchy/orderFindings'
import { paintedFindings } from '@nolvex/core/review/paintedFindings'
import type { Pixels } from '@nolvex/core/review/hierarchy/pixels'
import type { Condition } from '@nolvex/core/review/sweep/conditions'
import { orSaid } from '@nolvex/core/review/orSaid'
import { conditionFindings, conditionRule } from '@nolvex/core/review/sweep/conditionFindings'
import { sweptTrouble, type SweptTrouble } from '@nolvex/core/review/sweep/sweepFindings'
import { sweepUnder } from '@nolvex/core/review/sweep/sweepUnder'
import type { FontLibrary } from '@nolvex/core/text/fontLibrary'
import type { PageSources } from '@nolvex/core/resolve/pageSources'
import { fontsWanted, loadFontLibrary } from '../fonts/loadFontLibrary'
import { newId } from '../session/newId'
import { windowSvg, type WindowSvg } from './eye/paintedWindow'
import { loadSpelling } from './loadSpelling'

/** Lets messages in: one of them may say that what is being worked out is no longer wanted. */
const pause = () => new Promise<void>((resolve) => setTimeout(resolve))

/** The page that was looked over last: one draws on it, and what of it did not change is not laid out anew. */
let last: { id: string; library: FontLibrary; sources: PageSources; kept: KeptLayouts } | undefined

/** which sweep is wanted: an older one stops at its next step */
let wanted = 0

/** Looks a page's drawing over, away from the page's own thread. */
const reviewer = {
  async page(id: string, sources: PageSources, name: string, project: string): Promise<Finding[]> {
    const page = reviewedPage(sources.site, id)
    if (!page) return []
    const library = await loadFontLibrary(fontsWanted(sources.style, project))
    const spelling = await loadSpelling()
    const same = last?.id === id && last.library === library ? last : undefined
    const kept = same?.kept ?? new KeptLayouts(library)
    last = { id, library, kept, sources: shareUnchanged(same?.sources, sources) }
    return drawingFindings(drawingFacts(page, last.sources, name, library, newId, spelling, kept))
  },

  /** What is wrong with a page and seen only once it is painted. @param draw makes pixels of what is painted here */
  async met(
    id: string,
    sources: PageSources,
    name: string,
    project: string,
    draw: (window: WindowSvg) => Promise<Pixels>,
  ): Promise<Finding[]> {
    const page = reviewedPage(sources.site, id)
    if (!page) return []
    const library = await loadFontLibrary(fontsWanted(sources.style, project))
    const facts = drawingFacts(page, sources, name, library, newId)
    const paint: PaintWindow = async (layout, window, how) =>
      draw(await windowSvg(layout, window, { project, library }, how))
    return paintedFindings(facts, paint)
  },

  /** What goes wrong with a page once its text or its content is another. */
  async conditions(id: string, sources: PageSources, project: string): Promise<Finding[]> {
    const page = reviewedPage(sources.site, id)
    if (!page) return []
    const library = await loadFontLibrary(fontsWanted(sources.style, project))
    return orSaid(conditionRule, page, () => conditionFindings(page, sources, library))
  },

  /** What is wrong with a page at any width; nothing where it was stopped. */
  async sweep(
    id: string,
    sources: PageSources,
    condition: Condition,
    project: string,
  ): Promise<SweptTrouble[] | undefined> {
    const own = ++wanted
    const library = await loadFontLibrary(fontsWanted(sources.style, project))
    const steps = sweepUnder(sources, condition, library)
    for (;;) {
      const step = steps.next()
      if (step.done) return step.value.map((range) => sweptTrouble(id, range))
      await pause()
      if (own !== wanted) return undefined
    }
  },

  stop() {
    wanted++
  },
}

export type Reviewer = typeof reviewer

expose(reviewer)
