import { declarationsOf, INITIAL, type Declarations } from '@nolvex/core/markup/declarations'
import { pageHtml } from '@nolvex/core/markup/pageHtml'
import type { BlockNode, PageNode } from '@nolvex/core/resolve/node'
import { bandsOf, resolveAllBands } from '@nolvex/core/resolve/resolvePage'
import { Random } from './random'
import { randomPage } from './randomPage'

/** The rules of an exported page: under which query, for which class, and what they say, in order. */
interface Rule {
  query?: { width: number; wider: boolean }
  name: string
  declarations: [property: string, value: string][]
}

/** Reads the style sheet the way it is written: one rule a line, media queries around them. */
function rulesIn(html: string): Rule[] {
  const sheet = html.slice(html.indexOf('<style>'), html.indexOf('</style>'))
  const rules: Rule[] = []
  let query: Rule['query']
  for (const line of sheet.split('\n')) {
    const opened = /^@media \(width (<|>=) ([\d.]+)px\)/.exec(line)
    if (opened) query = { width: Number(opened[2]), wider: opened[1] === '>=' }
    else if (line === '}') query = undefined
    const rule = /^(\.[^{}]+) \{ (.*) \}$/.exec(line)
    if (!rule) continue
    const declarations = rule[2].split('; ').map((one): [string, string] => {
      const colon = one.indexOf(': ')
      return [one.slice(0, colon), one.slice(colon + 2)]
    })
    for (const name of rule[1].split(', ')) rules.push({ query, name: name.slice(1), declarations })
  }
  return rules
}

/** What a class is given at a viewport width, later rules over earlier ones (CSS Cascade 5, section 6.4.4). */
function cascaded(rules: Rule[], name: string, width: number): Declarations {
  const found: Declarations = new Map()
  for (const rule of rules) {
    const { query } = rule
    const applies = !query || (query.wider ? width >= query.width : width < query.width)
    if (!applies || rule.name !== name) continue
    for (const [property, value] of rule.declarations) found.set(property, value)
  }
  return found
}

/** Class of each block by its id, as the HTML has them. */
function classesIn(html: string): Map<string, string> {
  const classes = new Map<string, string>()
  for (const [tag] of html.matchAll(/<[a-z0-9]+ [^>]*>/g)) {
    const name = /class="([^"]*)"/.exec(tag)?.[1]
    const id = /data-key="([^"]*)"/.exec(tag)?.[1]
    if (name && id) classes.set(id, name)
  }
  return classes
}

function nodesOf(page: PageNode): { node: BlockNode; parent: BlockNode | PageNode }[] {
  const below = (parent: BlockNode | PageNode): ReturnType<typeof nodesOf> =>
    parent.children.flatMap((node) => [{ node, parent }, ...below(node)])
  return below(page)
}

/** A random page as it is at each band, narrow to wide, and the rules and classes it is exported with. */
function exported(seed: number) {
  const sources = randomPage(new Random(seed))
  const { inOrder: bands, lead } = bandsOf(sources.site)
  const pages = resolveAllBands(sources)
  const html = pageHtml({
    bands,
    lead,
    pages,
    title: 'page',
    language: 'en',
    fonts: [],
    withKeys: true,
    pictureAddress: () => 'data:,',
  })
  return { bands, pages, rules: rulesIn(html), classes: classesIn(html) }
}

/** Properties whose value after the cascade is not what the block has at the band, in words. */
function mismatches(wanted: Declarations, found: Declarations): string[] {
  // Order is written where a band has one of its own, and set back elsewhere: see below.
  const properties = [...new Set([...wanted.keys(), ...found.keys()])].filter((name) => name !== 'order')
  return properties.flatMap((property) => {
    const value = wanted.get(property) ?? INITIAL[property] ?? 'initial'
    const given = found.get(property)
    return given === value ? [] : [`${property} is ${given}, not ${value}`]
  })
}

test('at both ends of every band blocks are given what they have there', () => {
  for (let seed = 1100; seed < 1180; seed++) {
    const { bands, pages, rules, classes } = exported(seed)
    const wrong = bands.flatMap((band, at) => {
      const widths = [band.from, (bands[at + 1]?.from ?? band.from + 400) - 1]
      return nodesOf(pages[at]).flatMap(({ node, parent }) => {
        const wanted = declarationsOf({ ...node, look: node.atRest ?? node.look }, parent)
        const name = classes.get(node.key) as string
        return widths.flatMap((width) =>
          mismatches(wanted, cascaded(rules, name, width)).map(
            (what) => `page ${seed}, ${width} px, .${name}: ${what}`,
          ),
        )
      })
    })
    expect(wrong).toEqual([])
  }
})

test('blocks are seen in the order of the band, whatever the HTML’s is', () => {
  let reordered = 0
  for (let seed = 5000; seed < 5080; seed++) {
    const { bands, pages, rules, classes } = exported(seed)
    const inHtml = [...classes.keys()]
    const byHtml = (a: string, b: string) => inHtml.indexOf(a) - inHtml.indexOf(b)
    bands.forEach(({ from }, at) => {
      const parents = new Set([pages[at], ...nodesOf(pages[at]).map(({ node }) => node)])
      const orderOf = (key: string) =>
        Number(cascaded(rules, classes.get(key) as string, from).get('order') ?? 0)
      for (const { children } of parents) {
        const keys = children.map(({ key }) => key)
        expect([...keys].sort((a, b) => orderOf(a) - orderOf(b) || byHtml(a, b))).toEqual(keys)
        if ([...keys].sort(byHtml).join() !== keys.join()) reordered++
      }
    })
  }
  // Else the pages would show nothing.
  expect(reordered).toBeGreaterThan(5)
})
