import type { Block } from '../block/block'
import type { DrawingDocument } from '../drawing/drawing'

const PAGE = 'samplepage000000'
let count = 0

type Sample = Partial<Block> & { kind: Block['kind']; holds?: Sample[] }

function laidDown(samples: Sample[], parent: string | undefined, blocks: Record<string, Block>) {
  for (const { holds, ...sample } of samples) {
    const id = `sample${String(count++).padStart(10, '0')}`
    blocks[id] = { ...sample, id, order: `a${id}`, ...(parent && { parent }) }
    laidDown(holds ?? [], id, blocks)
  }
  return blocks
}

const says = (insert: string) => [{ insert }]
const span = (columns: number | 'all') => ({ column: { span: columns } })
const px = (value: number) => ({ value, unit: 'px' as const })

/** A page with one of everything a guide dresses first: headings, text, buttons, a field, cards, a dark ground. */
export const samplePage: DrawingDocument = {
  kind: 'drawing',
  id: PAGE,
  schema: 3,
  records: {
    blocks: laidDown(
      [
        {
          kind: 'section',
          holds: [
            { kind: 'text', tag: 'h1', text: says('A heading that says what this is about'), place: span(8) },
            {
              kind: 'text',
              text: says(
                'Text in a size that is read without effort. It goes on for a few lines, so that one sees how they stand below one another, how wide they run, and how much air there is between them.',
              ),
              place: span(7),
            },
            {
              kind: 'box',
              place: { width: 'fill', ...span('all') },
              arrange: { type: 'row', gap: px(12), align: 'centre' },
              holds: [
                { kind: 'button', text: says('Do this') },
                { kind: 'button', variant: 'secondary', text: says('Or this') },
                { kind: 'button', variant: 'quiet', text: says('Not now') },
              ],
            },
          ],
        },
        {
          kind: 'section',
          variant: 'tinted',
          holds: [
            { kind: 'text', tag: 'h2', text: says('Three things beside each other'), place: span('all') },
            ...['First of them', 'Second of them', 'Third of them'].map((title): Sample => ({
              kind: 'box',
              variant: 'card',
              place: { width: 'fill', ...span(4) },
              holds: [
                { kind: 'text', tag: 'h3', text: says(title) },
                { kind: 'text', tag: 'p', text: says('What there is to say of it, in a line or two.') },
              ],
            })),
          ],
        },
        {
          kind: 'section',
          holds: [
            {
              kind: 'field',
              data: { label: 'E-mail address', type: 'email' },
              place: { width: 'fill', ...span(4) },
            },
            {
              kind: 'field',
              data: { label: 'How many', message: 'Choose a number from 1 to 9.', isWrong: true },
              place: { width: 'fill', ...span(4) },
            },
            {
              kind: 'choices',
              data: { label: 'Which of these', options: ['The first', 'The second'], chosen: 1 },
              place: { width: 'fill', ...span(4) },
            },
          ],
        },
        {
          kind: 'section',
          variant: 'dark',
          holds: [
            { kind: 'text', tag: 'h2', text: says('On a dark ground'), place: span('all') },
            {
              kind: 'text',
              text: says('Colours of the dark set, each where its light one would be.'),
              place: span(6),
            },
            { kind: 'button', text: says('Do this') },
          ],
        },
      ],
      undefined,
      {},
    ),
  },
}
