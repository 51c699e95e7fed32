import type { Field } from './field'

/** Fields of a block that may show an icon beside its words. */
export const iconFields: Field[] = [
  { group: 'shows', label: 'icon', path: ['data', 'icon'], control: { type: 'icon' } },
  {
    group: 'shows',
    label: 'icon stands',
    path: ['data', 'iconAt'],
    control: { type: 'choice', options: { start: 'before the words', end: 'after them' }, absent: 'start' },
    when: ({ value }) => value(['data', 'icon']) !== undefined,
  },
]
