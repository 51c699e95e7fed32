import type { Block } from '@nolvex/core/block/block'
import { kindNamed, type BlockKindName } from '@nolvex/core/block/kinds'
import type { PageSources } from '@nolvex/core/resolve/resolvePage'
import { usualSite } from '@nolvex/core/site/usualSite'
import { px } from '@nolvex/core/units/length'
import { guide } from './guide'
import { LOOKS_SIZE } from './looksPage'
import type { Random } from './random'
import { randomData, randomPlan } from './randomKinds'

/** Kinds that are made of words and controls, each dressed by the guide. What plays shows the browser's own player. */
export const KINDS = [
  ...(['text', 'list', 'button', 'link', 'icon', 'nav', 'breadcrumb', 'pages', 'logo', 'field'] as const),
  ...(['choices', 'table', 'map', 'shape'] as const),
] satisfies BlockKindName[]

const WORDS = 'ferry isle crossing timetable wind harbour bikes pier slack water fares notice sailing'.split(
  ' ',
)
const PAGE = 'kindspage0000000'

/** A page of blocks of one kind, or of all of them, in variants and with the words they happen to have. */
export function kindsPage(random: Random, only?: BlockKindName): PageSources {
  const words = (most: number) =>
    Array.from({ length: random.int(1, most) }, () => random.pick(WORDS)).join(' ')
  const blocks: Record<string, Block> = {}
  const add = (block: object): string => {
    const id = `k${String(Object.keys(blocks).length).padStart(15, '0')}`
    blocks[id] = JSON.parse(JSON.stringify({ ...block, id, order: `a${id}` })) as Block
    return id
  }
  const section = add({
    ...{ kind: 'section', arrange: { type: 'placed' }, place: { height: px(LOOKS_SIZE.height) } },
    look: { fill: { hex: random.pick(['#ffffff', '#eef1ef', '#fbfaf6']) } },
  })
  for (let index = 0; index < 8; index++) {
    const kind = only ?? random.pick(KINDS)
    const offset = { left: px(30 + (index % 2) * 580), top: px(24 + Math.floor(index / 2) * 190) }
    const box = add({
      ...{ kind: 'box', parent: section, arrange: { gap: px(8) } },
      place: { width: px(520), height: px(170), offset, overflow: 'hidden' },
    })
    const {
      data,
      variant = random.maybe(0.5, () => random.pick(Object.keys(kindNamed(kind).variants ?? { '': 0 }))),
    } = randomData(kind, random, words)
    add({
      ...{ kind, parent: box, data, variant: variant || undefined },
      ...((kind === 'text' || kind === 'link' || kind === 'button' || kind === 'list') && {
        text: [{ insert: words(24) }],
      }),
      look: kind === 'text' ? textLook(random) : undefined,
    })
  }
  const drawing = { kind: 'drawing', id: PAGE, schema: 3, records: { blocks } }
  const site = { ...usualSite, records: { ...usualSite.records, ...randomPlan(PAGE) } }
  return { drawing, site, style: guide }
}

const textLook = (random: Random) => ({
  textAlign: random.pick(['start', 'centre', 'end'] as const),
  lines: random.maybe(0.5, () => random.int(1, 3)),
  colour: random.maybe(0.5, () => ({ hex: random.pick(['#17211e', '#a63d2a', '#3e5c76']) })),
})
