import { z } from 'zod'
import { px } from '../../units/length'
import { paddingFields } from '../arrange'
import { defineKind } from '../kind'
import { lookFields } from '../looks'
import { linePart } from '../menuParts'
import { boxPart, FIT, wordsPart } from '../parts'
import { placeFields } from '../place'
import type { Part } from '../primitive'

/** Numbers of the pages a long list is spread over. */
export const pages = defineKind({
  kind: 'pages',
  label: 'Page numbers',
  data: z.strictObject({
    count: z.int().min(1).max(9999).optional(),
    current: z.int().min(1).max(9999).optional(),
  }),
  tags: ['nav'],
  levelRole: 'p',
  standsOn: 'block',
  takesBlocks: false,
  values: {
    arrange: { type: 'row', gap: px(12) },
    place: { width: 'fill', height: 'fit', column: { span: 'all' } },
    look: {},
  },
  anatomy: ({ data: { count = 8, current = 1 } }) => {
    const at = Math.min(count, current)
    const step = (name: string, label: string, to: number) =>
      to < 1 || to > count ? [] : [item(name, linkTo(label, to))]
    const numbers = numbersAround(count, at).map((number, index) =>
      number === undefined
        ? item(`gap ${index}`, wordsPart('sign', 'span', '…', FIT, { 'aria-hidden': 'true' }))
        : item(`page ${number}`, linkTo(String(number), number, number === at)),
    )
    const row = { type: 'row' as const, gap: px(12), align: 'centre' as const, wrap: true }
    const items = [...step('before', 'Before', at - 1), ...numbers, ...step('next', 'Next', at + 1)]
    const list = boxPart('numbers', 'ul', { arrange: row }, items, { role: 'list' })
    return { content: { type: 'blocks', holds: [list] }, attributes: { 'aria-label': 'Pages of the list' } }
  },
  particulars: [
    {
      group: 'shows',
      label: 'pages',
      path: ['data', 'count'],
      control: { type: 'number', least: 1, most: 9999, step: 1, absent: 8 },
    },
    {
      group: 'shows',
      label: 'one is on',
      path: ['data', 'current'],
      control: { type: 'number', least: 1, most: 9999, step: 1, absent: 1 },
    },
    ...placeFields,
    ...paddingFields(),
    ...lookFields('text', ['textAlign']),
  ],
  shelf: [{ id: 'pages', label: 'Page numbers', also: 'pagination pager list next previous', block: {} }],
})

const item = (name: string, part: Part): Part =>
  boxPart(name, 'li', { arrange: { type: 'row' }, ...FIT }, [part])

const linkTo = (label: string, page: number, isCurrent = false): Part =>
  linePart({ id: label, label, href: `#page-${page}`, isCurrent, isOpen: isCurrent, below: [] })

/** The first, the last and those around the one one is on; nothing where some are left out. */
function numbersAround(count: number, at: number): (number | undefined)[] {
  const near = [1, at - 1, at, at + 1, count].filter((number) => number >= 1 && number <= count)
  const shown = [...new Set(near)].sort((a, b) => a - b)
  return shown.flatMap((number, index) => {
    const before = shown[index - 1] ?? 0
    if (number - before === 2) return [number - 1, number]
    return number - before > 2 ? [undefined, number] : [number]
  })
}
