import { z } from 'zod'
import { px } from '../../units/length'
import { paddingFields } from '../arrange'
import { defineKind, type ChildFacts } from '../kind'
import { lookFields } from '../looks'
import { paneField, RULE } from '../panes'
import { boxPart, iconPart, idIn, wordsPart } from '../parts'
import { placeFields } from '../place'
import { says } from '../saysField'
import type { Part } from '../primitive'

const DOWN = { paths: ['M6 9L12 15L18 9'] }
const UP = { paths: ['M6 15L12 9L18 15'] }

/** Questions, each of which opens what stands below it. */
export const accordion = defineKind({
  kind: 'accordion',
  label: 'Accordion',
  data: z.strictObject({
    /** which one is open; none at 0 */
    open: z.int().min(0).max(50).optional(),
    /** whether several may be open at once */
    several: z.boolean().optional(),
  }),
  tags: ['div'],
  levelRole: 'h5',
  standsOn: 'block',
  takesBlocks: true,
  states: ['hover', 'focus', 'open'],
  hasPanes: true,
  values: {
    arrange: { type: 'column', align: 'stretch' },
    place: { width: 'fill', height: 'fit', column: { span: 'all' } },
    look: {},
  },
  anatomy: ({ key, data: { open = 1, several }, children }) => {
    const group = several ? undefined : idIn(key, 'group')
    const holds = children.map((child) => itemPart(child, child.place === open, group))
    return { content: { type: 'blocks', holds } }
  },
  particulars: [
    paneField('open one'),
    { group: 'shows', label: 'several may be open', path: ['data', 'several'], control: { type: 'tick' } },
    ...placeFields,
    ...paddingFields(),
    ...lookFields('blocks'),
  ],
  shelf: [
    {
      id: 'accordion',
      label: 'Accordion',
      also: 'questions answers faq panes fold details',
      block: {
        holds: [
          {
            kind: 'box',
            name: 'May I ask this?',
            holds: [{ kind: 'text', text: says('Yes, and this is the answer.') }],
          },
          {
            kind: 'box',
            name: 'What about that?',
            holds: [{ kind: 'text', text: says('Yes, and this is the answer.') }],
          },
          {
            kind: 'box',
            name: 'And how?',
            holds: [{ kind: 'text', text: says('Yes, and this is the answer.') }],
          },
        ],
      },
    },
  ],
})

function itemPart({ key, name, isHidden }: ChildFacts, isOpen: boolean, group: string | undefined): Part {
  const head = boxPart(
    'head',
    'summary',
    {
      arrange: { type: 'row', gap: px(12), align: 'centre', padding: { top: px(14), bottom: px(14) } },
      place: { width: 'fill', height: 'fit' },
    },
    [
      wordsPart('words', 'span', name, { place: { width: 'fill', height: 'fit' } }),
      iconPart('arrow', isOpen ? UP : DOWN, { value: 1.2, unit: 'em' }),
    ],
  )
  const padding = { bottom: px(20) }
  const panel = boxPart('panel', 'div', { arrange: { type: 'column', align: 'stretch', padding } }, [
    { child: key },
  ])
  return boxPart(
    `question ${key}`,
    'details',
    { arrange: { type: 'column', align: 'stretch' }, look: { border: { bottom: RULE } }, hidden: isHidden },
    [head, { ...panel, isClosed: !isOpen }],
    { name: group, open: isOpen ? '' : undefined },
  )
}
