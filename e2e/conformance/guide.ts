import type { StylePart } from '@nolvex/core/style/part'
import type { Level } from '@nolvex/core/style/style'
import { plainStyle } from '@nolvex/core/style/plainStyle'
import type { StyleDocument } from '@nolvex/core/style/style'
import { usualBands } from '@nolvex/core/site/usualSite'
import { px } from '@nolvex/core/units/length'

const level = (id: string, own: Partial<Level>): Level => ({
  id: `level${id}`.padEnd(16, '0'),
  order: 'b0',
  name: id,
  role: id,
  family: 'Public Sans',
  weight: 400,
  size: px(16),
  lineHeight: { value: 24, unit: 'px' },
  ...own,
})

/** Levels in every kind of unit, with letters set apart, in all cases, and growing with the viewport. */
const levels = [
  level('rem', { size: { value: 1.15, unit: 'rem' }, lineHeight: { value: 1.45, unit: 'em' } }),
  level('em', {
    family: 'Lora',
    size: { value: 0.95, unit: 'em' },
    lineHeight: { value: 1.6, unit: 'rem' },
  }),
  level('vw', {
    family: 'Lora',
    weight: 700,
    size: { value: 2.3, unit: 'vw' },
    lineHeight: { value: 1.2, unit: 'em' },
  }),
  level('pt', { weight: 600, size: { value: 13.3, unit: 'pt' }, lineHeight: { value: 23, unit: 'px' } }),
  level('apart', { size: px(14), letterSpacing: { value: 0.08, unit: 'em' }, case: 'upper' }),
  level('close', {
    family: 'Lora',
    size: { value: 1.8, unit: 'rem' },
    lineHeight: { value: 1.15, unit: 'em' },
    letterSpacing: { value: -0.6, unit: 'px' },
    case: 'lower',
  }),
  level('fluid', {
    fluid: { least: 17, most: 33.5, from: 360, to: 1280 },
    lineHeight: { value: 1.3, unit: 'em' },
  }),
  level('fluidapart', {
    family: 'Lora',
    weight: 700,
    fluid: { least: 20, most: 47, from: 400, to: 1500 },
    lineHeight: { value: 1.2, unit: 'em' },
    letterSpacing: { value: 0.03, unit: 'em' },
    at: { [usualBands.narrow]: { size: px(21), letterSpacing: { value: 1.5, unit: 'px' } } },
  }),
]

const edge = { width: px(2), line: 'solid' as const, colour: { hex: '#1f5b4c' } }
const RING = { top: edge, right: edge, bottom: edge, left: edge }

const part = (own: Omit<StylePart, 'id' | 'order'>, index: number): StylePart => ({
  id: `part${String(index).padStart(12, '0')}`,
  order: 'a0',
  ...own,
})

/** Kinds dressed with paddings, borders and levels of their own, some of them only at a band, in a variant or a state. */
const parts = (
  [
    {
      kind: 'button',
      arrange: { padding: { top: px(15), left: { value: 1.5, unit: 'em' } } },
      look: { border: RING },
    },
    {
      kind: 'button',
      variant: 'quiet',
      look: { level: 'levelapart000000' },
      at: { [usualBands.narrow]: { arrange: { padding: { left: px(9) } } } },
    },
    { kind: 'button', state: 'hover', look: { fill: { hex: '#a63d2a' } } },
    { kind: 'field', piece: 'control', look: { border: RING, level: 'levelclose000000' } },
    { kind: 'field', piece: 'control', state: 'wrong', arrange: { padding: { left: px(20) } } },
    { kind: 'field', piece: 'label', look: { level: 'levelapart000000' } },
    { kind: 'tabs', piece: 'tab', arrange: { padding: { top: px(13) } }, look: { border: { bottom: edge } } },
    { kind: 'tabs', piece: 'tab', state: 'chosen', look: { fill: { hex: '#d9d5c8' } } },
    { kind: 'table', piece: 'cell', arrange: { padding: { top: px(7), left: px(3) } } },
    { kind: 'accordion', piece: 'head', arrange: { padding: { top: px(21) } } },
    {
      kind: 'nav',
      piece: 'link',
      arrange: { padding: { bottom: px(5) } },
      look: { level: 'levelfluid000000' },
    },
    { kind: 'list', look: { level: 'levelapart000000' }, arrange: { padding: { left: px(11) } } },
    { kind: 'section', variant: 'tinted', arrange: { padding: { top: px(90) } } },
  ] satisfies Omit<StylePart, 'id' | 'order'>[]
).map(part)

const byId = <T extends { id: string }>(list: T[]) => Object.fromEntries(list.map((one) => [one.id, one]))

/** A style guide that uses all that bears on how large things are. */
export const guide: StyleDocument = {
  ...plainStyle,
  records: {
    ...plainStyle.records,
    levels: { ...plainStyle.records.levels, ...byId(levels) },
    parts: byId(parts),
  },
}
