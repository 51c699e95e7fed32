import type { BlockNode, PageNode } from '../resolve/node'
import type { OverlayPlace } from '../site/overlay'
import { overlayName } from '../site/siteFacts'
import { cssAtWidth, cssRule, fixedCss, type Css } from '../text/cssWriter'
import { htmlElement, type Markup } from '../text/elementWriter'
import { childrenHtml, type HtmlOptions } from './blockHtml'
import type { MarkupBand } from './stylesheet'

/** An overlay as it is at each band, narrow to wide. */
export interface OverlayAtBands {
  id: string
  name: string
  pages: PageNode[]
  /** the same in the dark set, where there is one */
  dark?: PageNode[]
  /** where it stands at each band, and how wide it is where that is set, px */
  places: { place: OverlayPlace; width: number | undefined }[]
  /** `#rrggbbaa` over the page behind it */
  veil: string
}

/** Shown by the browser itself, over everything, with what is behind it veiled. @see HTML Living Standard, 6.12, popover */
export const OVERLAY_RULES = fixedCss`[popover] { flex-direction: column; align-items: stretch; border: 0; color: inherit; overflow: auto; max-width: 100%; max-height: 100% }
[popover]:popover-open { display: flex }
[popover]::backdrop { background: var(--veil) }
`

/** An overlay as the element it is; a button that names it shows it. */
export function overlayHtml(
  { id, name }: OverlayAtBands,
  className: string,
  nodes: BlockNode[],
  options: HtmlOptions,
): Markup {
  const attributes = {
    id: overlayName(id),
    class: className,
    popover: 'auto',
    role: 'dialog',
    'aria-label': name,
  }
  return htmlElement('div', attributes, childrenHtml(nodes, options))
}

type Declared = [property: string, value: string][]
const SIDES: Record<OverlayPlace, { inset: string; margin: string; isWide: boolean; isTall: boolean }> = {
  middle: { inset: '0', margin: 'auto', isWide: false, isTall: false },
  top: { inset: '0 0 auto 0', margin: '0', isWide: true, isTall: false },
  bottom: { inset: 'auto 0 0 0', margin: '0', isWide: true, isTall: false },
  left: { inset: '0 auto 0 0', margin: '0', isWide: false, isTall: true },
  right: { inset: '0 0 0 auto', margin: '0', isWide: false, isTall: true },
  whole: { inset: '0', margin: '0', isWide: true, isTall: true },
}

function placed({ place, width }: OverlayAtBands['places'][number]): Declared {
  const { inset, margin, isWide, isTall } = SIDES[place]
  return [
    ['inset', inset],
    ['margin', margin],
    ['width', isWide || width === undefined ? '100%' : `${width}px`],
    ['height', isTall ? '100%' : 'fit-content'],
  ]
}

/** Rules of an overlay itself: its ground, its veil, and where it stands at each band. */
export function overlayRules(
  { pages, places, veil }: OverlayAtBands,
  className: string,
  { bands, lead }: { bands: MarkupBand[]; lead: string },
): Css[] {
  const leadIndex = Math.max(
    0,
    bands.findIndex(({ id }) => id === lead),
  )
  const selector = `.${className}`
  const base: Declared = [
    ['background', pages[leadIndex].ground],
    ['--veil', veil],
    ...placed(places[leadIndex]),
  ]
  /** Nothing where it stands as at the neighbour nearer the lead. */
  const at = (index: number, nearer: number) => {
    const [own, before] = [placed(places[index]), placed(places[nearer])]
    return String(own) === String(before) ? [] : [cssRule(selector, own)]
  }
  const narrower = bands
    .slice(0, leadIndex)
    .map((_, index) => cssAtWidth('<', bands[index + 1].from, at(index, index + 1)))
    .reverse()
  const wider = bands
    .slice(leadIndex + 1)
    .map(({ from }, ahead) => cssAtWidth('>=', from, at(leadIndex + 1 + ahead, leadIndex + ahead)))
  return [cssRule(selector, base), ...narrower, ...wider]
}
