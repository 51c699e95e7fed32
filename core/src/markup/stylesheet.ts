import { pictureProperty } from '../block/looks/backdrop'
import type { ShownPicture } from '../block/primitive'
import type { BlockNode, IconLines, PageNode } from '../resolve/node'
import {
  cssAtWidth,
  cssBetween,
  cssInDark,
  cssInState,
  cssPictures,
  CSS_STATES,
  cssRule,
  fixedCss,
  type Css,
} from '../text/cssWriter'
import { familyStack } from '../text/fallbackFace'
import { PAGE_FAMILY } from '../text/fontCatalogue'
import { declarationsOf, INITIAL, PAGE_UNITS, type Declarations } from './declarations'

/** What a stylesheet needs of a band. */
export interface MarkupBand {
  id: string
  /** px of viewport width at which it begins */
  from: number
}

/** A page at every band, narrow to wide; `pages[i]` is the page at `bands[i]`. */
export interface PageAtBands {
  bands: MarkupBand[]
  lead: string
  pages: PageNode[]
}

const RESET = fixedCss`*, *::before, *::after { box-sizing: border-box; min-width: 0; min-height: 0; margin: 0; padding: 0; border: 0 solid }
body { display: flex; flex-direction: column; align-items: stretch; overflow-wrap: anywhere }
picture, figure { display: block; position: relative; overflow: clip; isolation: isolate; --near: 1; --focus-x: 0.5; --focus-y: 0.5 }
picture::before, figure::before { content: ""; display: block; width: var(--natural); padding-top: var(--ratio) }
picture::after, figure::after { content: var(--over); position: absolute; inset: 0; padding: inherit; background: var(--tint) content-box; mix-blend-mode: var(--mix); pointer-events: none }
picture > img, figure > * { position: absolute; filter: var(--adjust); left: calc(100% * (1 - var(--near)) * var(--focus-x)); top: calc(100% * (1 - var(--near)) * var(--focus-y)); width: calc(100% * var(--near)); height: calc(100% * var(--near)); padding: inherit; object-fit: inherit; object-position: inherit }
span > svg { position: absolute; inset: 0; width: 100%; height: 100%; padding: inherit; fill: none; stroke: currentColor; stroke-width: var(--icon-line, 2); stroke-linecap: var(--icon-end, round); stroke-linejoin: var(--icon-corner, round) }
div > svg { position: absolute; inset: 0; width: 100%; height: 100%; overflow: visible; fill: var(--inside); stroke: var(--outline); stroke-width: var(--outline-width); stroke-dasharray: var(--outline-dashes) }
button, input, select, textarea { appearance: none; background: none; border-radius: 0; font: inherit; color: inherit }
button, select, summary { cursor: pointer }
textarea { resize: vertical }
select { background: url("data:image/svg+xml;base64,PHN2ZyB4bWxucz0iaHR0cDovL3d3dy53My5vcmcvMjAwMC9zdmciIHZpZXdCb3g9IjAgMCAxMiA4Ij48cGF0aCBkPSJNMSAxLjVMNiA2LjVMMTEgMS41IiBmaWxsPSJub25lIiBzdHJva2U9IiM2NjYiIHN0cm9rZS13aWR0aD0iMiIvPjwvc3ZnPg==") right 12px center / 12px 8px no-repeat }
::placeholder { color: inherit; opacity: 0.75 }
input[type=number] { appearance: textfield }
input[type=checkbox], input[type=radio] { align-content: center; cursor: pointer }
input[type=checkbox]::before, input[type=radio]::before { content: ""; height: 1.25em; padding: 3px; border: 2px solid }
input[type=radio]::before { border-radius: 50% }
input:checked::before { background: linear-gradient(currentColor 0 0) content-box }
input[type=radio]:checked::before { background: radial-gradient(circle closest-side, currentColor 98%, transparent) content-box }
input[role=switch]::before { height: 1.2em; background: linear-gradient(currentColor 0 0) left / 50% 100% no-repeat content-box }
input[role=switch]:checked::before { background: linear-gradient(currentColor 0 0) right / 50% 100% no-repeat content-box }
legend { float: left }
ul, ol, summary { list-style: none }
summary::-webkit-details-marker { display: none }
tbody { display: contents }
th { font-weight: inherit; text-align: inherit }
strong, em, small, a { line-height: 0 }
strong { font-weight: 700 }
small { font-size: 0.8em }
a { color: inherit }
[data-shut] { display: none !important }
[data-open] { display: flex !important }
@media (scripting: none) { [data-kept] { display: flex !important } [data-step] { display: none !important } }
`

/** Pictures as the plain finish has them, and the mark of what the developer supplies. */
export const GREY_PICTURES = fixedCss`picture > img, figure > * { filter: grayscale(1); opacity: 0.6 }
[data-supplied-by] { outline: 2px dashed #8a5a0b; outline-offset: -2px }
`

/** Where a length goes by the page's font on a block that has another. */
const PAGE_FONT_UNITS = fixedCss`@property --page-ex { syntax: "<length>"; inherits: true; initial-value: 8px }
@property --page-ch { syntax: "<length>"; inherits: true; initial-value: 8px }
body { --page-ex: 1ex; --page-ch: 1ch }
`

const iconProperties = ({ stroke, isRound }: IconLines): [string, string][] => [
  ['--icon-line', String(stroke)],
  ['--icon-end', isRound ? 'round' : 'butt'],
  ['--icon-corner', isRound ? 'round' : 'miter'],
]

/**
 * The rules every page starts from.
 * @param rootSize font size of the root element, %
 * @param ground colour behind the page
 * @param icons how icons are drawn
 */
export function resetRules({
  rootSize,
  ground,
  icons,
}: Pick<PageNode, 'rootSize' | 'ground' | 'icons'>): Css[] {
  const page: [string, string][] = [
    ['font-size', `${rootSize}%`],
    ['text-size-adjust', '100%'],
    ['background', ground],
    ...(icons ? iconProperties(icons) : []),
  ]
  const family: [string, string] = ['font-family', familyStack(PAGE_FAMILY)]
  return [cssRule('html', page), RESET, cssRule('body', [family])]
}

/** The ground of pages for visitors who prefer dark colours; fields and scroll bars of the browser follow. */
export const darkGround = (ground: string): Css =>
  cssInDark([
    cssRule('html', [
      ['background', ground],
      ['color-scheme', 'dark'],
    ]),
  ])

/** What is not seen before a window was scrolled past, where pages have any of it. @param pages at all bands */
export function laterRules(pages: PageNode[]): Css[] {
  const isIn = ({ place, children }: BlockNode): boolean => place.sticky?.isLater || children.some(isIn)
  return pages.some(({ children }) => children.some(isIn)) ? [LATER] : []
}

const LATER = fixedCss`@keyframes later { from { visibility: hidden } }
`

/** The pictures blocks stand on, by which the rules of blocks name them. @param pages at all bands */
export function backdropRule(pages: PageNode[], address: (picture: ShownPicture) => string): Css {
  const found = new Map<string, string>()
  const walk = ({ look, states = [], children }: BlockNode) => {
    for (const { backdrop } of [look, ...states.map((state) => state.look)])
      if (backdrop) found.set(pictureProperty(backdrop.asset), address({ ...backdrop, alt: '' }))
    children.forEach(walk)
  }
  for (const page of pages) page.children.forEach(walk)
  return cssPictures(found)
}

/**
 * Rules of a page's blocks: the lead band's without a query; for each other band what differs from its neighbour
 * nearer the lead, narrower ones under `width <`, wider ones under `width >=`.
 * @param classes class of each instance by key
 */
export function blockRules({ bands, lead, pages }: PageAtBands, classes: Map<string, string>): Css[] {
  const leadIndex = Math.max(
    0,
    bands.findIndex(({ id }) => id === lead),
  )
  const htmlOrder = orderIn(pages[leadIndex])
  const atBand = pages.map((page) => declarationsBySelector(page, htmlOrder, classes))
  const rules = rulesOf(atBand[leadIndex])
  if (atBand.some(usesPageUnits)) rules.unshift(PAGE_FONT_UNITS)
  const differing = (index: number, nearer: number) => rulesOf(differences(atBand[index], atBand[nearer]))
  for (let index = leadIndex - 1; index >= 0; index--)
    rules.push(cssAtWidth('<', bands[index + 1].from, differing(index, index + 1)))
  for (let index = leadIndex + 1; index < bands.length; index++)
    rules.push(cssAtWidth('>=', bands[index].from, differing(index, index - 1)))
  return rules
}

/**
 * Rules for visitors who prefer dark colours: what is declared otherwise in the dark set, once where it is so at all bands,
 * else for the widths of each.
 * @param dark the same page in the dark set, at every band
 */
export function darkRules(
  { bands, lead, pages }: PageAtBands,
  dark: PageNode[],
  classes: Map<string, string>,
): Css[] {
  const leadIndex = Math.max(
    0,
    bands.findIndex(({ id }) => id === lead),
  )
  const htmlOrder = orderIn(pages[leadIndex])
  const declared = (page: PageNode) => declarationsBySelector(page, htmlOrder, classes)
  const changed = pages.map((page, index) => differences(declared(dark[index]), declared(page)))
  const everywhere = inAll(changed)
  const common = cssInDark(rulesOf(everywhere))
  const own = changed.map((found, index) => {
    const rest = differences(found, everywhere)
    return cssInDark([cssBetween(bands[index].from, bands[index + 1]?.from, rulesOf(rest))])
  })
  return [common, ...own]
}

/** What is declared alike at all bands. */
function inAll([first, ...others]: Map<string, Declared>[]): Map<string, Declared> {
  return new Map(
    [...first].map(([selector, declared]): [string, Declared] => {
      const alike = [...declared.css].filter(([property, value]) =>
        others.every((one) => one.get(selector)?.css.get(property) === value),
      )
      return [selector, { rank: declared.rank, css: new Map(alike) }]
    }),
  )
}

/** What is declared by selector, with how strong that is: states come after what is at rest. */
interface Declared {
  css: Declarations
  /** 0 at rest, then by state */
  rank: number
  /** what is declared at rest, where a state changes it */
  rest?: Declarations
}

function usesPageUnits(declarations: Map<string, Declared>): boolean {
  const names = Object.values(PAGE_UNITS).map((name) => `var(${name})`)
  const isUsed = (value: string) => names.some((name) => value.includes(name))
  return [...declarations.values()].some(({ css }) => [...css.values()].some(isUsed))
}

/** Keys of all children, in order, by parent. */
function orderIn(page: PageNode): Map<string, string[]> {
  const orders = new Map<string, string[]>()
  const walk = (key: string, children: BlockNode[]) => {
    orders.set(
      key,
      children.map((child) => child.key),
    )
    for (const child of children) walk(child.key, child.children)
  }
  walk('', page.children)
  return orders
}

const STATE_ORDER = Object.keys(CSS_STATES)

function declarationsBySelector(
  page: PageNode,
  htmlOrder: Map<string, string[]>,
  classes: Map<string, string>,
): Map<string, Declared> {
  const found = new Map<string, Declared>()
  const classOf = (key: string) => `.${classes.get(key)}`
  const declare = (child: BlockNode, parent: BlockNode | PageNode, order: number | undefined) => {
    const inLook = (look: BlockNode['look']) => declarationsOf({ ...child, look }, parent, order)
    const rest = inLook(child.atRest ?? child.look)
    const own = classOf(child.key)
    found.set(own, { css: rest, rank: 0 })
    for (const { state, look, of } of child.states ?? []) {
      const css = difference(inLook(look), rest)
      if (css.size === 0) continue
      const selector = of === child.key ? cssInState(own, state) : cssInState(classOf(of), state, own)
      found.set(selector, { css, rank: 1 + STATE_ORDER.indexOf(state), rest })
    }
  }
  const walk = (key: string, parent: BlockNode | PageNode) => {
    const html = htmlOrder.get(key) ?? []
    const isReordered = parent.children.some((child, index) => child.key !== html[index])
    parent.children.forEach((child, index) => {
      declare(child, parent, isReordered ? index : undefined)
      walk(child.key, child)
    })
  }
  walk('', page)
  return found
}

function differences(at: Map<string, Declared>, nearer: Map<string, Declared>): Map<string, Declared> {
  return new Map(
    [...at].map(([selector, declared]): [string, Declared] => {
      const before = nearer.get(selector)?.css ?? (new Map() as Declarations)
      return [selector, { ...declared, css: difference(declared.css, before, declared.rest) }]
    }),
  )
}

/** What is declared otherwise than nearer the lead. @param rest what holds where a state no longer changes it */
function difference(css: Declarations, nearer: Declarations, rest?: Declarations): Declarations {
  const changed: Declarations = new Map()
  for (const property of nearer.keys()) {
    if (!css.has(property)) changed.set(property, rest?.get(property) ?? INITIAL[property] ?? 'initial')
  }
  for (const [property, value] of css) if (nearer.get(property) !== value) changed.set(property, value)
  return changed
}

/** One rule for all that are alike: lines of a menu, cells of a table. */
function rulesOf(declarations: Map<string, Declared>): Css[] {
  const alike = new Map<string, { selectors: string[]; css: Declarations; rank: number }>()
  for (const [selector, { css, rank }] of declarations) {
    const text = `${rank} ${JSON.stringify([...css])}`
    const group = alike.get(text)
    if (group) group.selectors.push(selector)
    else alike.set(text, { selectors: [selector], css, rank })
  }
  return [...alike.values()]
    .sort((a, b) => a.rank - b.rank)
    .map(({ selectors, css }) => cssRule(selectors, css))
}
