import { z } from 'zod'
import { px } from '../../units/length'
import { paddingFields } from '../arrange'
import { defineKind, type ChildFacts } from '../kind'
import { lookFields } from '../looks'
import { boxPart, FIT, iconPart } from '../parts'
import { shownAmong } from '../panes'
import { placeFields } from '../place'
import type { Part } from '../primitive'

const BACK = { paths: ['M15 6L9 12L15 18'] }
const ON = { paths: ['M9 6L15 12L9 18'] }

/** Slides of which some show, and buttons to go on; without a script all of them stand below one another. */
export const carousel = defineKind({
  kind: 'carousel',
  label: 'Carousel',
  data: z.strictObject({
    /** which slide comes first in the drawing */
    open: z.int().min(1).max(50).optional(),
  }),
  tags: ['div'],
  levelRole: 'p',
  standsOn: 'block',
  takesBlocks: true,
  states: ['hover', 'focus'],
  hasPanes: true,
  values: {
    arrange: { type: 'grid', tracks: 3, gap: px(24), align: 'stretch' },
    place: { width: 'fill', height: 'fit', column: { span: 'all' } },
    look: {},
  },
  anatomy: ({ data: { open = 1 }, arrange, children }) => {
    const { tracks } = arrange
    const count = typeof tracks === 'number' ? tracks : Array.isArray(tracks) ? tracks.length : 3
    const shown = shownAmong(children, open - 1, count)
    const slides = children.map((child) => slidePart(child, shown.has(child.key)))
    const whole = {
      place: { width: 'fill' as const, height: 'fit' as const, column: { span: 'all' as const } },
    }
    const row = { type: 'row' as const, gap: px(12), align: 'centre' as const, justify: 'centre' as const }
    const controls = boxPart('controls', 'div', { ...whole, arrange: row }, [
      stepPart('before', 'Slides before', BACK),
      stepPart('next', 'Next slides', ON),
    ])
    return {
      content: { type: 'blocks', holds: [...slides, controls] },
      attributes: { 'data-slides': '', role: 'group', 'aria-roledescription': 'carousel' },
    }
  },
  particulars: [
    {
      group: 'shows',
      label: 'first slide shown',
      path: ['data', 'open'],
      control: { type: 'number', least: 1, most: 50, step: 1, absent: 1 },
    },
    {
      group: 'arranges',
      label: 'slides beside one another',
      path: ['arrange', 'tracks'],
      control: { type: 'tracks' },
    },
    { group: 'arranges', label: 'gap', path: ['arrange', 'gap'], control: { type: 'length', absent: '0' } },
    ...placeFields,
    ...paddingFields(),
    ...lookFields('blocks'),
  ],
  shelf: [
    {
      id: 'carousel',
      label: 'Carousel',
      also: 'slides gallery slider',
      block: { holds: [1, 2, 3, 4, 5].map((number) => ({ kind: 'picture', name: `Slide ${number}` })) },
    },
  ],
})

function slidePart({ key, isHidden }: ChildFacts, isShown: boolean): Part {
  const arrange = { type: 'column' as const, align: 'stretch' as const }
  const values = { arrange, hidden: isHidden || !isShown }
  return boxPart(`slide ${key}`, 'div', values, [{ child: key }], { 'data-kept': '' })
}

const stepPart = (name: string, label: string, sign: { paths: string[] }): Part =>
  boxPart(
    name,
    'button',
    { arrange: { type: 'row', padding: { top: px(8), right: px(8), bottom: px(8), left: px(8) } }, ...FIT },
    [iconPart('sign', sign, { value: 1.5, unit: 'em' })],
    { type: 'button', 'aria-label': label, 'data-step': name },
  )
