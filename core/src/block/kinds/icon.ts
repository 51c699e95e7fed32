import { z } from 'zod'
import type { WrittenLength } from '../../units/length'
import { paddingFields } from '../arrange'
import { iconSchema } from '../iconData'
import { defineKind } from '../kind'
import { lookFields } from '../looks'
import { placeFields } from '../place'

/** Shown until an icon is chosen: a circle in a square. */
const NONE = ['M3 3H21V21H3Z', 'M7 12A5 5 0 1 0 17 12A5 5 0 1 0 7 12Z']

const sizeOf = (px: number | undefined): WrittenLength =>
  px === undefined ? { value: 1.5, unit: 'em' } : { value: px, unit: 'px' }

/** A sign: with a label it says something, without it only decorates. */
export const icon = defineKind({
  kind: 'icon',
  label: 'Icon',
  data: z.strictObject({
    icon: iconSchema.optional(),
    /** px of its square, else as the style guide says, else by its type level */
    size: z.number().min(4).max(1000).optional(),
    alt: z.string().max(200).optional(),
  }),
  tags: ['span'],
  levelRole: 'p',
  standsOn: 'block',
  takesBlocks: false,
  values: {
    arrange: {},
    place: { width: 'fit', height: 'fit', column: { span: 'all' } },
    look: {},
  },
  anatomy: ({ data: { icon: chosen, size: own, alt }, iconSize }) => ({
    content: {
      type: 'icon',
      paths: chosen?.paths ?? NONE,
      alt,
      size: sizeOf(own ?? iconSize),
    },
  }),
  particulars: [
    { group: 'shows', label: 'icon', path: ['data', 'icon'], control: { type: 'icon' } },
    {
      group: 'shows',
      label: 'size',
      path: ['data', 'size'],
      control: { type: 'number', least: 4, most: 1000, step: 1 },
    },
    {
      group: 'shows',
      label: 'Label for those who cannot see it',
      path: ['data', 'alt'],
      control: { type: 'words', most: 200 },
    },
    ...placeFields,
    ...paddingFields(),
    ...lookFields('icon'),
  ],
  shelf: [{ id: 'icon', label: 'Icon', also: 'sign symbol pictogram', block: {} }],
})
