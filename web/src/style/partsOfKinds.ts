import type { Block } from '@nolvex/core/block/block'
import { kindNamed, type BlockKindName } from '@nolvex/core/block/kinds'
import { addedVariants, type StylePart } from '@nolvex/core/style/part'

/** A kind of block with what of it a guide dresses, and what shows it. */
export interface DressedKind {
  kind: BlockKindName
  label: string
  /** pieces it is made of, by name, with what they are called */
  pieces: Record<string, string>
  /** what stands for it on the specimen */
  specimen: Partial<Block>
}

const says = (insert: string) => [{ insert }]

/** The kinds a guide dresses, in the order they are usually decided in. */
export const DRESSED_KINDS: DressedKind[] = [
  {
    kind: 'button',
    label: 'Buttons',
    pieces: {},
    specimen: { text: says('Do this') },
  },
  { kind: 'link', label: 'Links', pieces: {}, specimen: { text: says('Where this leads') } },
  {
    kind: 'field',
    label: 'Fields',
    pieces: {
      label: 'label',
      control: 'what is written in',
      hint: 'hint',
      message: 'what is said when wrong',
    },
    specimen: {
      data: {
        label: 'E-mail address',
        hint: 'We write once a year.',
        message: 'Write it with an @.',
        type: 'email',
        placeholder: 'name@example.org',
      },
    },
  },
  {
    kind: 'choices',
    label: 'Choices',
    pieces: { question: 'question', mark: 'mark', words: 'words', hint: 'hint' },
    specimen: {
      data: { label: 'Which of these', options: ['The first', 'The second', 'The third'], chosen: 1 },
    },
  },
  {
    kind: 'nav',
    label: 'Menus',
    pieces: { link: 'line', button: 'button that opens it' },
    specimen: {},
  },
  {
    kind: 'breadcrumb',
    label: 'Breadcrumbs',
    pieces: { link: 'line', sign: 'sign between' },
    specimen: {},
  },
  {
    kind: 'tabs',
    label: 'Tabs',
    pieces: { bar: 'bar', tab: 'tab', pane: 'pane' },
    specimen: {},
  },
  {
    kind: 'accordion',
    label: 'Accordions',
    pieces: { question: 'each of them', head: 'what opens it', panel: 'what opens' },
    specimen: {},
  },
  {
    kind: 'table',
    label: 'Tables',
    pieces: { caption: 'caption', head: 'heading row', column: 'heading', row: 'row', cell: 'cell' },
    specimen: {},
  },
  {
    kind: 'list',
    label: 'Lists',
    pieces: { line: 'line', marker: 'sign before it', term: 'term', meaning: 'meaning' },
    specimen: {},
  },
  {
    kind: 'text',
    label: 'Texts',
    pieces: {},
    specimen: {
      text: says('Some words that are said in this manner, and a few more to fill a second line.'),
    },
  },
  { kind: 'box', label: 'Boxes and cards', pieces: {}, specimen: {} },
  { kind: 'section', label: 'Grounds of sections', pieces: {}, specimen: {} },
  { kind: 'line', label: 'Lines', pieces: {}, specimen: {} },
]

/** The variants of a kind: those it has, then those a guide adds, by name. */
export function variantsOf(
  kind: BlockKindName,
  parts: Readonly<Record<string, StylePart>>,
): { key: string | undefined; label: string }[] {
  const known = Object.entries(kindNamed(kind).variants ?? {})
  const [first] = known
  const added = Object.entries(addedVariants(kind, parts)).filter(
    ([key]) => !known.some(([one]) => one === key),
  )
  return [
    { key: undefined, label: first ? `${first[1].label}, the usual one` : 'the usual one' },
    ...known.slice(1).map(([key, { label }]) => ({ key, label })),
    ...added.map(([key, label]) => ({ key, label })),
  ]
}
