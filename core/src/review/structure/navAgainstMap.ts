import type { SiteDocument } from '../../site/site'
import { blockAt, atLead, named, type Sight } from '../drawing/atEachBand'
import { seenAtLead, titleOf, type DrawingFacts } from '../drawing/drawingFacts'
import type { DrawingRule, Found } from '../drawing/drawingRule'
import type { Seen } from '../drawing/seenBlocks'

/** Navigation that is not what the map says: the main menu left out, or links by hand that a menu has otherwise. */
export const navAgainstMap: DrawingRule = {
  id: 'navAgainstMap',
  label: 'Navigation that is not the map’s',
  why: 'A menu of the map changes with it; what is drawn beside it leads where the site no longer goes, or not at all.',
  severity: 'fair',
  from: 'plain',
  ofPages: true,
  find: (facts) => [...mainMenuLeftOut(facts), ...byHand(facts)],
}

interface MenuPages {
  id: string
  name: string
  pages: string[]
}

function menusOf({ records }: SiteDocument): MenuPages[] {
  return Object.values(records.menus).map(({ id, name }) => {
    const entries = Object.values(records.menuEntries).filter(({ menu }) => menu === id)
    return { id, name, pages: entries.flatMap(({ page }) => page ?? []) }
  })
}

function mainMenuLeftOut(facts: DrawingFacts): Found[] {
  const { page, sources } = facts
  const { menus } = sources.site.records
  const main = menusOf(sources.site).find(({ id, pages }) => menus[id].kind === 'main' && pages.length > 0)
  const lead = seenAtLead(facts)
  // Who does without what pages share does so on purpose.
  if (!main || !lead?.seen.length || page.kind || page.without?.length) return []
  const isShown = lead.seen.some((one) => blockOf(facts, one)?.data?.menu === main.id)
  if (isShown) return []
  const says = `${titleOf(facts)} does not show ${main.name || 'the main menu'} of the map.`
  return [{ place: { collection: 'pages', id: page.id }, says }]
}

const blockOf = (facts: DrawingFacts, { node: { origin } }: Seen) =>
  blockAt(facts, origin.document, origin.record)

/** Boxes of links that are meant as a menu: they have most of its pages. */
function byHand(facts: DrawingFacts): Found[] {
  const { site } = facts.sources
  const menus = menusOf(site)
  const titled = (ids: string[]) => ids.map((id) => site.records.pages[id]?.title || 'Untitled').join(', ')
  return atLead(facts, ({ seen }) =>
    seen.flatMap((one): Sight[] => {
      if (one.node.tag !== 'nav' || one.node.isPart || blockOf(facts, one)?.kind === 'nav') return []
      const leads = new Set(pagesLedTo(facts, one))
      const menu = menus.find(
        ({ pages }) => shared(pages, leads) >= 2 && shared(pages, leads) * 2 >= pages.length,
      )
      const lacks = menu?.pages.filter((page) => !leads.has(page)) ?? []
      if (!menu || lacks.length === 0) return []
      return [{ of: one, says: `${named(one)} is drawn by hand and lacks ${titled(lacks)} of ${menu.name}` }]
    }),
  )
}

const shared = (pages: string[], leads: Set<string>) => pages.filter((page) => leads.has(page)).length

function pagesLedTo(facts: DrawingFacts, one: Seen): string[] {
  const to = blockOf(facts, one)?.data?.to as { page?: string } | undefined
  return [...(to?.page ? [to.page] : []), ...one.children.flatMap((child) => pagesLedTo(facts, child))]
}
