import { kindOf, nameOf, type Block } from '../../block/block'
import { valueAt } from '../../document/path'
import type { StoredRecord } from '../../document/types'
import { collectionIn } from '../../resolve/pageSources'
import { titleOf, type DrawingFacts } from './drawingFacts'
import type { DrawingRule } from './drawingRule'

/** What blocks name that was deleted: pages, sections, menus, collections, shared blocks, requirements, tokens, levels. */
export const leadsNowhere: DrawingRule = {
  id: 'leadsNowhere',
  label: 'Names something that is gone',
  why: 'A link, a menu, a series or a copy shows nothing where what it names was deleted.',
  severity: 'serious',
  from: 'plain',
  find: (facts) =>
    Object.values(facts.blocks).flatMap((block) =>
      goneFrom(facts, block).map((what) => ({
        place: { collection: 'blocks' as const, id: block.id, page: facts.page.id },
        says: `${nameOf(block)} on ${titleOf(facts)} names ${what} that was deleted.`,
      })),
    ),
}

function goneFrom({ sources }: DrawingFacts, block: Block): string[] {
  const { pages, sections, menus, requirements, overlays } = sources.site.records
  const isThere: Record<string, (id: string) => boolean> = {
    page: (id) => id in pages,
    section: (id) => id in sections,
    menu: (id) => id in menus,
    overlay: (id) => id in overlays,
    collection: (id) => collectionIn(sources.around, id) !== undefined,
  }
  const named = kindOf(block).particulars.flatMap(({ control: { type }, path }): [string, string][] => {
    const value = valueAt(block as unknown as StoredRecord, path)
    if (type === 'target' && typeof value === 'object' && value !== null && 'page' in value) {
      const { page, section } = value as { page: string; section?: string }
      return section === undefined
        ? [['page', page]]
        : [
            ['page', page],
            ['section', section],
          ]
    }
    if (type === 'target' && typeof value === 'object' && value !== null && 'overlay' in value)
      return [['overlay', String(value.overlay)]]
    const isName = type === 'page' || type === 'menu' || type === 'collection'
    return isName && typeof value === 'string' ? [[type, value]] : []
  })
  const gone = named
    .filter(([what, id]) => !isThere[what](id))
    .map(([what]) => (what === 'overlay' ? 'an overlay' : `a ${what}`))
  const shared = kindOf(block).expands === 'shared' ? String(block.data?.shared) : undefined
  if (shared !== undefined && !(shared in sources.style.records.shared)) gone.push('a shared block')
  const { tokens, levels } = sources.style.records
  const dress = dressOf(block)
  if (dress.tokens.some((id) => !(id in tokens))) gone.push('a token')
  if (dress.levels.some((id) => !(id in levels))) gone.push('a type level')
  if (block.requirement !== undefined && !(block.requirement in requirements)) gone.push('a requirement')
  return gone
}

/** The tokens and levels of the style guide that a block's own values name, at all bands and in all rows. */
function dressOf(block: Block): { tokens: string[]; levels: string[] } {
  const own = [block, ...Object.values(block.at ?? {}), ...Object.values(block.rows ?? {})]
  const levels = own.flatMap(({ look }) => look?.level ?? [])
  const tokens: string[] = []
  const walk = (value: unknown) => {
    if (typeof value !== 'object' || value === null) return
    for (const [key, below] of Object.entries(value))
      if (key === 'token' && typeof below === 'string') tokens.push(below)
      else walk(below)
  }
  for (const { arrange, place, look, values } of own) walk([arrange, place, look, values])
  return { tokens, levels }
}
