import { iconFrom } from '@nolvex/core/block/iconData'
import type { BlockKindName } from '@nolvex/core/block/kinds'
import type { Block } from '@nolvex/core/block/block'
import type { SiteDocument } from '@nolvex/core/site/site'
import type { Random } from './random'
import { ROWS } from './randomRepeats'

/** Kinds a random page is made of beside sections and boxes. */
export const LEAVES = [
  'text',
  'text',
  'picture',
  'button',
  'link',
  'line',
  'list',
  'icon',
  'logo',
  'shape',
] as const
export const COMPOSED = [
  'field',
  'choices',
  'nav',
  'breadcrumb',
  'pages',
  'table',
  'media',
  'map',
  'copy',
] as const
/** Kinds whose children stand in panes or as they do in a box. */
export const HOLDERS = ['box', 'box', 'box', 'form', 'tabs', 'accordion', 'carousel', 'series'] as const

const SIGN = iconFrom('arrow-right', [['path', { d: 'M5 12h14' }]])
const MENU = 'menumain00000000'
const PAGES = ['Home', 'Crossings and times', 'Isles', 'Orrel', 'Tansay', 'Fares', 'Bikes, dogs and freight']

/** What a random block of a kind holds. @param words makes so many words at most */
export function randomData(
  kind: BlockKindName,
  random: Random,
  words: (most: number) => string,
): Pick<Block, 'data' | 'variant'> {
  const count = (least: number, most: number) => random.int(least, most)
  const some = (most: number) => Array.from({ length: count(1, most) }, () => words(4))
  const labelled = () => ({
    icon: random.maybe(0.4, () => SIGN),
    iconAt: random.maybe(0.5, () => 'end' as const),
    to: random.maybe(0.4, () => ({ address: '/fares' })),
  })
  switch (kind) {
    case 'picture':
      return { data: { file: { width: count(40, 500), height: count(40, 400) } } }
    case 'link':
      return { data: labelled() }
    case 'button':
      return { data: labelled(), variant: random.maybe(0.5, () => random.pick(['secondary', 'quiet'])) }
    case 'list':
      return { data: { of: random.pick(['points', 'numbers', 'terms']) } }
    case 'icon':
      return { data: { icon: SIGN, size: random.maybe(0.5, () => count(8, 90)) } }
    case 'shape':
      return { data: { form: random.pick(['rectangle', 'ellipse', 'polygon', 'star']), sides: count(3, 9) } }
    case 'series':
      return { data: { collection: ROWS, most: random.maybe(0.3, () => count(1, 3)) } }
    case 'field':
      return {
        data: {
          type: random.pick(['text', 'email', 'number', 'search', 'date', 'time', 'long', 'choice', 'file']),
          label: words(5),
          hint: random.maybe(0.4, () => words(12)),
          placeholder: random.maybe(0.4, () => words(4)),
          required: random.maybe(0.4, () => true),
          message: random.maybe(0.4, () => words(10)),
          isWrong: random.maybe(0.5, () => true),
          options: some(5),
          rows: random.maybe(0.5, () => count(2, 8)),
        },
      }
    case 'choices':
      return {
        data: {
          form: random.pick(['ticks', 'one', 'switches']),
          label: words(6),
          hint: random.maybe(0.4, () => words(10)),
          options: some(4).map((option) => `${option} ${words(8)}`),
          chosen: count(0, 3),
        },
      }
    case 'nav':
      return {
        data: {
          menu: random.maybe(0.7, () => MENU),
          levels: count(1, 3),
          opens: random.pick(['none', 'current', 'all']),
          isShown: random.maybe(0.5, () => true),
        },
      }
    case 'pages':
      return { data: { count: count(1, 20), current: count(1, 20) } }
    case 'table': {
      const columns = count(1, 5)
      const row = () => Array.from({ length: columns }, () => words(6))
      return {
        data: {
          caption: random.maybe(0.5, () => words(5)),
          cells: Array.from({ length: count(2, 5) }, row),
        },
      }
    }
    case 'media':
      return { data: { poster: { width: count(40, 500), height: count(40, 400) } } }
    case 'tabs':
    case 'carousel':
      return { data: { open: count(1, 4) } }
    case 'accordion':
      return { data: { open: count(0, 4) } }
    default:
      return {}
  }
}

/** Pages and a menu with branches, for what blocks show of the site. @param at the page that is drawn */
export function randomPlan(at: string): Pick<SiteDocument['records'], 'pages' | 'menus' | 'menuEntries'> {
  const ids = [at, ...PAGES.slice(1).map((_, index) => `page${index}`.padEnd(16, '0'))]
  const parents = [undefined, 0, 0, 2, 2, 0, 5]
  const pages = ids.map((id, index) => {
    const parent = parents[index] === undefined ? undefined : ids[parents[index]]
    return { id, order: `a${index}`, title: PAGES[index], parent }
  })
  const entries = ids.slice(1).map((page, index) => {
    const parent = parents[index + 1] ? `entry${parents[index + 1]}`.padEnd(16, '0') : undefined
    return { id: `entry${index + 1}`.padEnd(16, '0'), menu: MENU, order: `a${index}`, page, parent }
  })
  const byId = <T extends { id: string }>(list: T[]) => Object.fromEntries(list.map((one) => [one.id, one]))
  return {
    pages: byId(pages),
    menus: { [MENU]: { id: MENU, order: 'a0', name: 'Main', kind: 'main' } },
    menuEntries: byId(entries),
  }
}
