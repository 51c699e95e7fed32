import equal from 'fast-deep-equal'
import { plainLevel } from '../block/textStyle'
import { PAGE_FAMILY } from '../text/fontCatalogue'
import { px } from '../units/length'
import type { Level, StyleDocument, Token } from './style'

const sizes: [role: string, name: string, size: number, line: number, weight: number][] = [
  ['h1', 'Heading 1', 44, 52, 700],
  ['h2', 'Heading 2', 30, 38, 700],
  ['h3', 'Heading 3', 22, 30, 600],
  ['h4', 'Heading 4', 18, 26, 600],
  ['h5', 'Heading 5', 16, 24, 600],
  ['h6', 'Heading 6', 14, 20, 600],
  ['p', 'Text', 17, 26, 400],
  ['lead', 'Lead', 20, 30, 400],
  ['small', 'Small', 14, 20, 400],
  ['button', 'Button', 16, 24, 600],
]

const levels = sizes.map(([role, name, size, line, weight], index): Level => {
  return {
    id: plainLevel(role),
    order: `a${index}`,
    name,
    role,
    family: PAGE_FAMILY,
    weight,
    size: px(size),
    lineHeight: { value: line, unit: 'px' },
  }
})

const colours: [id: string, name: string, value: string][] = [
  ['colourink0000000', 'Ink', '#17211e'],
  ['coloursoft000000', 'Soft ink', '#56625d'],
  ['colourpaper00000', 'Paper', '#ffffff'],
  ['colourground0000', 'Ground', '#eef1ef'],
  ['colouraccent0000', 'Accent', '#1f5b4c'],
]

const tokens = colours.map(([id, name, value], index): Token => {
  return { id, order: `a${index}`, name, type: 'colour', value }
})

const byId = <T extends { id: string }>(records: T[]) =>
  Object.fromEntries(records.map((record) => [record.id, record]))

/** The style a project begins with: one family, ten levels, a few quiet colours. */
export const plainStyle: StyleDocument = {
  kind: 'style',
  id: 'style',
  schema: 3,
  records: {
    tokens: byId(tokens),
    levels: byId(levels),
    ...{ shared: {}, sharedValues: {}, patterns: {} },
    ...{ parts: {}, trials: {}, families: {}, marks: {}, moods: {}, icons: {}, kits: {} },
  },
}

/** Whether nothing was decided yet of how it looks: colours and levels as projects begin with. */
export const isPlainStyle = ({ records: { tokens, levels } }: StyleDocument) =>
  equal(tokens, plainStyle.records.tokens) && equal(levels, plainStyle.records.levels)
