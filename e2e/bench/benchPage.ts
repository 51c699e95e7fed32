import type { Block } from '@nolvex/core/block/block'
import type { PageSources } from '@nolvex/core/resolve/resolvePage'
import { usualSite } from '@nolvex/core/site/usualSite'
import { plainStyle } from '@nolvex/core/style/plainStyle'
import { px } from '@nolvex/core/units/length'

/** A page of about `count` blocks: sections of rows of cards with a heading, a text and a button. */
export function pageOf(count: number): PageSources {
  const blocks: Record<string, Block> = {}
  let made = 0
  const add = (kind: Block['kind'], parent: string | undefined, more: Partial<Block> = {}): string => {
    const id = `b${String(made++).padStart(15, '0')}`
    blocks[id] = {
      id,
      kind,
      order: `a${String(made).padStart(6, '0')}`,
      ...(parent ? { parent } : {}),
      ...more,
    }
    return id
  }
  while (made < count) {
    const section = add('section', undefined, { arrange: { type: 'column', gap: px(24), align: 'stretch' } })
    for (let row = 0; row < 5 && made < count; row++) {
      const line = add('box', section, { arrange: { type: 'row', gap: px(16) } })
      for (let card = 0; card < 4 && made < count; card++) addCard(add, line, made)
    }
  }
  return {
    drawing: { kind: 'drawing', id: 'benchpage0000000', schema: 3, records: { blocks } },
    site: usualSite,
    style: plainStyle,
  }
}

type Add = (kind: Block['kind'], parent: string | undefined, more?: Partial<Block>) => string

function addCard(add: Add, line: string, number: number) {
  const box = add('box', line, {
    arrange: {
      type: 'column',
      gap: px(8),
      padding: { top: px(12), left: px(12), right: px(12), bottom: px(12) },
      align: 'start',
    },
  })
  add('text', box, { tag: 'h3', text: [{ insert: `Crossing ${number + 1}` }] })
  add('text', box, {
    text: [
      {
        insert: `Boat ${number + 2} leaves the harbour at ten past nine and takes bikes, dogs and small freight on every working day.`,
      },
    ],
  })
  add('button', box, { text: [{ insert: 'Find a sailing' }] })
}
