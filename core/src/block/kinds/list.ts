import { z } from 'zod'
import type { RichText } from '../../document/richText'
import { px } from '../../units/length'
import { paddingFields } from '../arrange'
import { defineKind } from '../kind'
import { lookFields } from '../looks'
import { boxPart, wordsPart } from '../parts'
import { placeFields } from '../place'
import type { Part } from '../primitive'
import { saysField, says } from '../saysField'
import { textLines } from '../textLines'

/** Points, numbers, or terms with what they mean: a line of its text each; of terms, what stands before the colon. */
export const list = defineKind({
  kind: 'list',
  label: 'List',
  data: z.strictObject({ of: z.enum(['points', 'numbers', 'terms']).optional() }),
  tags: ['ul'],
  levelRole: 'p',
  standsOn: 'block',
  takesBlocks: false,
  values: {
    arrange: { type: 'column', gap: px(8), align: 'stretch' },
    place: { width: 'fill', height: 'fit', column: { span: 'all' } },
    look: { textAlign: 'start' },
  },
  anatomy: ({ text, data: { of = 'points' } }) => {
    const lines = textLines(text)
    if (of === 'terms') return { tag: 'dl', content: { type: 'blocks', holds: lines.map(termParts) } }
    const holds = lines.map((line, index) => itemPart(line, index, of === 'numbers' ? `${index + 1}.` : '•'))
    return {
      tag: of === 'numbers' ? 'ol' : 'ul',
      content: { type: 'blocks', holds },
      attributes: { role: 'list' },
    }
  },
  particulars: [
    saysField,
    {
      group: 'shows',
      label: 'of',
      path: ['data', 'of'],
      control: {
        type: 'choice',
        options: { points: 'points', numbers: 'numbers', terms: 'terms: meaning' },
        absent: 'points',
      },
    },
    { group: 'arranges', label: 'gap', path: ['arrange', 'gap'], control: { type: 'length', absent: '0' } },
    ...placeFields,
    ...paddingFields(),
    ...lookFields('text', ['textAlign']),
  ],
  shelf: [
    {
      id: 'points',
      label: 'Points',
      also: 'list bullets ul',
      block: { text: says('The first\nThe second\nThe third') },
    },
    {
      id: 'numbers',
      label: 'Numbered list',
      also: 'list steps order ol',
      block: { data: { of: 'numbers' }, text: says('The first\nThe second\nThe third') },
    },
    {
      id: 'terms',
      label: 'Terms',
      also: 'list pairs definitions dl facts',
      block: { data: { of: 'terms' }, text: says('Open: every day\nTelephone: on request') },
    },
  ],
})

/** em of the text: room for the point or the number before a line. */
const MARKER = { value: 1.6, unit: 'em' } as const
const FILLING = { place: { width: 'fill', height: 'fit' } } as const

function itemPart(line: RichText, index: number, marker: string): Part {
  return boxPart(`line ${index + 1}`, 'li', { arrange: { type: 'row', align: 'start' } }, [
    wordsPart(
      'marker',
      'span',
      marker,
      { place: { width: MARKER, height: 'fit' } },
      { 'aria-hidden': 'true' },
    ),
    { ...wordsPart('words', 'div', line, FILLING) },
  ])
}

/** A term beside what it means; a line without a colon is a term alone. */
function termParts(line: RichText, index: number): Part {
  const plain = line.map(({ insert }) => insert).join('')
  const at = plain.indexOf(':')
  const [term, meaning] = at < 0 ? [plain, ''] : [plain.slice(0, at), plain.slice(at + 1).trim()]
  const row = { type: 'row' as const, gap: px(16), align: 'start' as const }
  return boxPart(`pair ${index + 1}`, 'div', { arrange: row }, [
    wordsPart('term', 'dt', [{ insert: term || ' ', attributes: { bold: true } }], {
      place: { width: { share: 1 }, height: 'fit' },
    }),
    wordsPart('meaning', 'dd', meaning, { place: { width: { share: 2 }, height: 'fit' } }),
  ])
}
