import type { BlockNode, PageNode } from '../resolve/node'
import { PAGE_FAMILY } from '../text/fontCatalogue'
import { declarationsOf, INITIAL, type Declarations } from './declarations'

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

const RESET = `*, *::before, *::after { box-sizing: border-box; min-width: 0; min-height: 0; margin: 0; padding: 0; border: 0 solid }
body { display: flex; flex-direction: column; align-items: stretch; overflow-wrap: anywhere; font-family: ${JSON.stringify(PAGE_FAMILY)}, sans-serif }
picture { display: block; position: relative }
picture::before { content: ""; display: block; width: var(--natural); padding-top: var(--ratio) }
picture > img { position: absolute; inset: 0; width: 100%; height: 100%; padding: inherit; object-fit: inherit; border-radius: inherit }
button { appearance: none; background: none; border-radius: 0; cursor: pointer }
strong, em, small, a { line-height: 0 }
strong { font-weight: 700 }
small { font-size: 0.8em }
a { color: inherit }
`

/**
 * The rules every page starts from.
 * @param rootSize font size of the root element, %
 * @param ground colour behind the page
 */
export function resetRules(rootSize: number, ground: string): string {
  return `html { font-size: ${rootSize}%; text-size-adjust: 100%; background: ${ground} }\n${RESET}`
}

/**
 * Rules of a page's blocks: the lead band's without a query; for each other band what differs from its neighbour
 * nearer the lead, narrower ones under `width <`, wider ones under `width >=`.
 * @param classes class of each block by id
 */
export function blockRules({ bands, lead, pages }: PageAtBands, classes: Map<string, string>): string {
  const leadIndex = Math.max(
    0,
    bands.findIndex(({ id }) => id === lead),
  )
  const htmlOrder = orderIn(pages[leadIndex])
  const atBand = pages.map((page) => declarationsByBlock(page, htmlOrder))
  const rules = [rulesOf(atBand[leadIndex], classes)]
  for (let index = leadIndex - 1; index >= 0; index--) {
    const query = `(width < ${bands[index + 1].from}px)`
    rules.push(inQuery(query, rulesOf(differences(atBand[index], atBand[index + 1]), classes)))
  }
  for (let index = leadIndex + 1; index < bands.length; index++) {
    const query = `(width >= ${bands[index].from}px)`
    rules.push(inQuery(query, rulesOf(differences(atBand[index], atBand[index - 1]), classes)))
  }
  return rules.filter(Boolean).join('\n')
}

/** Ids of all children, in order, by parent. */
function orderIn(page: PageNode): Map<string, string[]> {
  const orders = new Map<string, string[]>()
  const walk = (id: string, children: BlockNode[]) => {
    orders.set(
      id,
      children.map((child) => child.id),
    )
    for (const child of children) walk(child.id, child.children)
  }
  walk('', page.children)
  return orders
}

function declarationsByBlock(page: PageNode, htmlOrder: Map<string, string[]>): Map<string, Declarations> {
  const found = new Map<string, Declarations>()
  const walk = (id: string, parent: BlockNode | PageNode) => {
    const html = htmlOrder.get(id) ?? []
    const isReordered = parent.children.some((child, index) => child.id !== html[index])
    parent.children.forEach((child, index) => {
      found.set(child.id, declarationsOf(child, parent, isReordered ? index : undefined))
      walk(child.id, child)
    })
  }
  walk('', page)
  return found
}

function differences(
  at: Map<string, Declarations>,
  nearer: Map<string, Declarations>,
): Map<string, Declarations> {
  return new Map([...at].map(([id, css]) => [id, difference(css, nearer.get(id) ?? new Map())]))
}

function difference(css: Declarations, nearer: Declarations): Declarations {
  const changed: Declarations = new Map()
  for (const property of nearer.keys()) {
    if (!css.has(property)) changed.set(property, INITIAL[property] ?? 'initial')
  }
  for (const [property, value] of css) if (nearer.get(property) !== value) changed.set(property, value)
  return changed
}

function rulesOf(declarations: Map<string, Declarations>, classes: Map<string, string>): string {
  return [...declarations]
    .filter(([, css]) => css.size > 0)
    .map(([id, css]) => {
      const body = [...css].map(([property, value]) => `${property}: ${value}`).join('; ')
      return `.${classes.get(id)} { ${body} }`
    })
    .join('\n')
}

function inQuery(query: string, rules: string): string {
  return rules && `@media ${query} {\n${rules}\n}`
}
