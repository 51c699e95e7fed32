import { z } from 'zod'
import { px } from '../../units/length'
import { paddingFields } from '../arrange'
import { defineKind } from '../kind'
import { lookFields } from '../looks'
import { linePart } from '../menuParts'
import { boxPart, FIT, wordsPart } from '../parts'
import { placeFields } from '../place'
import type { SiteLine } from '../siteFacts'

/** The way from the first page to this one, from the tree of pages. */
export const breadcrumb = defineKind({
  kind: 'breadcrumb',
  label: 'Breadcrumb',
  data: z.strictObject({ sign: z.string().max(4).optional() }),
  tags: ['nav'],
  levelRole: 'small',
  standsOn: 'block',
  takesBlocks: false,
  states: ['hover', 'focus'],
  values: {
    arrange: { type: 'row', gap: px(8) },
    place: { width: 'fill', height: 'fit', column: { span: 'all' } },
    look: {},
  },
  anatomy: ({ data: { sign = '›' }, site }) => {
    const lines = site.trail()
    const items = lines.map((line, index) => lineParts(line, index, index < lines.length - 1 ? sign : ''))
    const row = { type: 'row' as const, gap: px(8), align: 'start' as const, wrap: true }
    const list = boxPart('lines', 'ol', { arrange: row }, items, { role: 'list' })
    return { content: { type: 'blocks', holds: [list] }, attributes: { 'aria-label': 'Where you are' } }
  },
  particulars: [
    { group: 'shows', label: 'sign between', path: ['data', 'sign'], control: { type: 'words', most: 4 } },
    ...placeFields,
    ...paddingFields(),
    ...lookFields('text', ['textAlign']),
  ],
  shelf: [{ id: 'breadcrumb', label: 'Breadcrumb', also: 'trail path where you are', block: {} }],
})

function lineParts(line: SiteLine, index: number, sign: string) {
  const item = { arrange: { type: 'row' as const, gap: px(8), align: 'start' as const }, ...FIT }
  const between = sign ? [wordsPart('sign', 'span', sign, FIT, { 'aria-hidden': 'true' })] : []
  return boxPart(`line ${index + 1}`, 'li', item, [linePart(line), ...between])
}
