import { z } from 'zod'
import { px } from '../../units/length'
import type { Field } from '../field'
import { defineKind } from '../kind'
import { lookFields } from '../looks'
import { placeFields } from '../place'

const FORMS = {
  rectangle: 'rectangle',
  ellipse: 'ellipse',
  polygon: 'polygon',
  star: 'star',
  path: 'as it was drawn',
} as const
type Form = keyof typeof FORMS

/** Commands and numbers of SVG paths, and nothing else. */
const pathSchema = z
  .string()
  .max(60_000)
  .regex(/^[\sMmLlHhVvCcSsQqTtAaZz0-9eE.,+-]*$/, 'a path has commands and numbers only')

const USUAL = { width: 160, height: 120 }
const USUAL_SIDES = 6

const schema = z.strictObject({
  form: z.enum(Object.keys(FORMS) as [Form, ...Form[]]).optional(),
  /** of a polygon, or points of a star */
  sides: z.int().min(3).max(24).optional(),
  /** what was drawn, in a box of the natural size */
  path: pathSchema.optional(),
  /** px it is wide and high where nothing else says so */
  width: z.number().min(0.5).max(10_000).optional(),
  height: z.number().min(0.5).max(10_000).optional(),
})

const isForm =
  (...forms: Form[]): Field['when'] =>
  ({ value }) =>
    forms.some((form) => form === (value(['data', 'form']) ?? 'rectangle'))

/** A drawn form that is no picture: a rectangle, an ellipse, a polygon, a star, or a path that was brought in. */
export const shape = defineKind({
  kind: 'shape',
  label: 'Shape',
  data: schema,
  tags: ['div'],
  standsOn: 'block',
  takesBlocks: false,
  values: {
    arrange: {},
    place: { width: px(USUAL.width), height: px(USUAL.height), column: { span: 'all' } },
    look: { inside: { role: 'tint', hex: '#dfe2de' } },
  },
  anatomy: ({ data: { form = 'rectangle', sides = USUAL_SIDES, path = '', width, height } }) => {
    const box = { width: width ?? USUAL.width, height: height ?? USUAL.height }
    return { content: { type: 'piece', d: form === 'path' ? path : formPath(form, sides, box), ...box } }
  },
  particulars: [
    {
      group: 'shows',
      label: 'form',
      path: ['data', 'form'],
      control: { type: 'choice', options: FORMS, absent: 'rectangle' },
    },
    {
      group: 'shows',
      label: 'corners',
      path: ['data', 'sides'],
      control: { type: 'number', least: 3, most: 24, step: 1, absent: USUAL_SIDES },
      when: isForm('polygon', 'star'),
    },
    ...placeFields,
    ...lookFields('piece', ['fill', 'border', 'radius']),
  ],
  shelf: [
    { id: 'rectangle', label: 'Rectangle', also: 'shape square vector form', block: {} },
    {
      id: 'ellipse',
      label: 'Ellipse',
      also: 'shape circle oval vector form',
      block: { name: 'Ellipse', data: { form: 'ellipse' } },
    },
    {
      id: 'polygon',
      label: 'Polygon',
      also: 'shape triangle hexagon star vector form',
      block: { name: 'Polygon', data: { form: 'polygon' } },
    },
  ],
})

interface Box {
  width: number
  height: number
}

const STAR = 0.45

function formPath(form: Exclude<Form, 'path'>, sides: number, { width, height }: Box): string {
  if (form === 'rectangle') return `M0 0H${width}V${height}H0Z`
  const [rx, ry] = [width / 2, height / 2]
  if (form === 'ellipse') return `M0 ${ry}A${rx} ${ry} 0 1 1 ${width} ${ry}A${rx} ${ry} 0 1 1 0 ${ry}Z`
  const count = form === 'star' ? sides * 2 : sides
  const points = Array.from({ length: count }, (_, index) => {
    const angle = (2 * Math.PI * index) / count - Math.PI / 2
    const out = form === 'star' && index % 2 ? STAR : 1
    return [rx + rx * out * Math.cos(angle), ry + ry * out * Math.sin(angle)].map(hundredth).join(' ')
  })
  return `M${points.join('L')}Z`
}

const hundredth = (value: number) => Math.round(value * 100) / 100
