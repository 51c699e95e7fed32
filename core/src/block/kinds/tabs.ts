import { z } from 'zod'
import { px } from '../../units/length'
import { paddingFields } from '../arrange'
import { defineKind, type ChildFacts } from '../kind'
import { lookFields } from '../looks'
import { boxPart, FIT, idIn, wordsPart } from '../parts'
import { placeFields } from '../place'
import { says } from '../saysField'
import type { Part } from '../primitive'
import { paneField, RULE } from '../panes'

/** Panes of which one shows, each with its name in a bar. */
export const tabs = defineKind({
  kind: 'tabs',
  label: 'Tabs',
  data: z.strictObject({ open: z.int().min(1).max(50).optional() }),
  tags: ['div'],
  levelRole: 'h5',
  standsOn: 'block',
  takesBlocks: true,
  states: ['hover', 'focus', 'pressed', 'chosen'],
  hasPanes: true,
  values: {
    arrange: { type: 'column', gap: px(20), align: 'stretch' },
    place: { width: 'fill', height: 'fit', column: { span: 'all' } },
    look: {},
  },
  anatomy: ({ key, data: { open = 1 }, children }) => {
    const row = { type: 'row' as const, gap: px(4), align: 'end' as const, wrap: true }
    const bar = boxPart(
      'bar',
      'div',
      { arrange: row, look: { border: { bottom: RULE } } },
      children.map((child) => tabPart(key, child, child.place === open)),
      { 'data-bar': '' },
    )
    const panes = children.map((child) => panePart(key, child, child.place === open))
    return { content: { type: 'blocks', holds: [bar, ...panes] }, attributes: { 'data-tabs': '' } }
  },
  particulars: [paneField('open tab'), ...placeFields, ...paddingFields(), ...lookFields('blocks')],
  shelf: [
    {
      id: 'tabs',
      label: 'Tabs',
      also: 'panes switch panels',
      block: {
        holds: [
          { kind: 'box', name: 'First tab', holds: [{ kind: 'text', text: says('What stands here.') }] },
          { kind: 'box', name: 'Second tab', holds: [{ kind: 'text', text: says('What stands here.') }] },
          { kind: 'box', name: 'Third tab', holds: [{ kind: 'text', text: says('What stands here.') }] },
        ],
      },
    },
  ],
})

const TINT = { role: 'tint' as const, hex: '#eceeea' }

/** The tab one is on has a ground, which moves on when another is opened. */
function tabPart(key: string, child: ChildFacts, isOpen: boolean): Part {
  const padding = { top: px(10), right: px(16), bottom: px(10), left: px(16) }
  const part = wordsPart(
    `tab ${child.key}`,
    'button',
    child.name,
    { ...FIT, arrange: { padding }, hidden: child.isHidden },
    {
      type: 'button',
      id: idIn(key, `tab-${child.key}`),
      'data-pane': idIn(key, `pane-${child.key}`),
      'data-chosen': isOpen ? '' : undefined,
    },
  )
  return { ...part, states: isOpen ? ['chosen'] : [], inState: { chosen: { look: { fill: TINT } } } }
}

function panePart(key: string, child: ChildFacts, isOpen: boolean): Part {
  const isHidden = child.isHidden || !isOpen
  const values = { arrange: { type: 'column' as const, align: 'stretch' as const }, hidden: isHidden }
  return boxPart(`pane ${child.key}`, 'div', values, [{ child: child.key }], {
    id: idIn(key, `pane-${child.key}`),
    'aria-labelledby': idIn(key, `tab-${child.key}`),
    'data-kept': '',
  })
}
