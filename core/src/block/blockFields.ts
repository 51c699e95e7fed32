import { kindOf, leafShownBy, type Block } from './block'
import type { Field, FieldFacts, FieldGroup } from './field'
import type { AnyKind } from './kinds'

/** Fields of blocks of every kind. */
const hiddenField: Field = {
  group: 'looks',
  label: 'hidden here',
  path: ['hidden'],
  control: { type: 'tick' },
}
const lockedField: Field = {
  group: 'is',
  label: 'locked in its place',
  path: ['locked'],
  control: { type: 'tick' },
  isRare: true,
}

const showsField: Field = {
  group: 'is',
  label: 'shown in',
  path: ['shows'],
  isRare: true,
  control: {
    type: 'choice',
    options: { all: 'wireframe and mockup', wireframe: 'the wireframe only', mockup: 'the mockup only' },
    absent: 'all',
  },
}

const shownWhenField: Field = {
  group: 'is',
  label: 'shown while the page is',
  path: ['shownWhen'],
  isRare: true,
  control: { type: 'pageStates' },
}

const liveField: Field = {
  group: 'is',
  label: 'developer supplies it',
  path: ['live'],
  control: { type: 'tick' },
  isRare: true,
}

const contentField = (group: FieldGroup): Field => ({
  group,
  label: 'comes from',
  path: ['content'],
  control: { type: 'content' },
})
const wantedField: Field = {
  group: 'says',
  label: 'characters to come',
  path: ['wanted'],
  control: { type: 'number', least: 1, most: 5000, step: 10 },
  isRare: true,
}

/** What a block tells whoever reads the drawing. */
const tellingFields: Field[] = [
  { group: 'tells', label: 'note', path: ['note'], control: { type: 'note', most: 5000 } },
  {
    group: 'tells',
    label: 'requirement',
    path: ['requirement'],
    control: { type: 'requirement' },
    when: ({ value }) => value(['note']) !== undefined || value(['requirement']) !== undefined,
  },
  {
    group: 'tells',
    label: 'meant to be met',
    path: ['emphasis'],
    control: { type: 'number', least: 1, most: 20, step: 1 },
    isRare: true,
  },
  { group: 'tells', label: 'links and files', path: ['links'], control: { type: 'links' }, isRare: true },
  {
    group: 'tells',
    label: 'picture to go by',
    path: ['reference'],
    control: { type: 'picture' },
    isRare: true,
  },
  {
    group: 'tells',
    label: 'shown in its place',
    path: ['showsReference'],
    control: { type: 'tick' },
    when: ({ value }) => value(['reference']) !== undefined,
  },
]

/** Everything that can be said of a block, as its kind, its looks and its place describe themselves. */
export function fieldsOf(block: Block, facts: FieldFacts): Field[] {
  const { particulars, tags, variants } = kindOf(block)
  const options = Object.fromEntries(tags.map((tag) => [tag, tag]))
  const tagField: Field = {
    group: 'is',
    label: 'element',
    path: ['tag'],
    control: { type: 'choice', options, absent: tags[0] },
  }
  const all = [
    ...(tags.length > 1 ? [tagField] : []),
    ...variantFields(variants, facts.variants),
    liveField,
    ...particulars,
    ...contentFields(block),
    lockedField,
    showsField,
    shownWhenField,
    hiddenField,
    ...tellingFields,
  ]
  return all.filter(({ when }) => when?.(facts) ?? true)
}

function contentFields(block: Block): Field[] {
  if (leafShownBy(block, 'richText')) return [contentField('says'), wantedField]
  return leafShownBy(block, 'picture') ? [contentField('shows')] : []
}

/** What the particulars call a leaf of a block. */
export function fieldLabel(block: Block, path: string[]): string {
  const fields = [hiddenField, lockedField, ...kindOf(block).particulars]
  const found = fields.find((field) => String(field.path) === String(path))
  return found?.label ?? path.at(-1) ?? ''
}

/** The variants a kind has, and those the style guide adds to them; nothing where there are none. */
function variantFields(known: AnyKind['variants'] = {}, added: FieldFacts['variants'] = {}): Field[] {
  const named = Object.entries(known).map(([name, { label }]) => [name, label])
  const all = [...named, ...Object.entries(added).filter(([name]) => !(name in known))]
  if (all.length === 0) return []
  const [usual] = named
  const options = Object.fromEntries(usual ? all : [['', 'usual'], ...all]) as Record<string, string>
  return [
    {
      group: 'is',
      label: 'variant',
      path: ['variant'],
      control: { type: 'choice', options, absent: usual ? usual[0] : '' },
    },
  ]
}

/** What can be said of several blocks at once: the fields they all have. */
export function sharedFields(lists: Field[][]): Field[] {
  const [first = [], ...others] = lists
  const has = (list: Field[], { path, control }: Field) =>
    list.some((one) => String(one.path) === String(path) && one.control.type === control.type)
  return first.filter((field) => others.every((list) => has(list, field)))
}
