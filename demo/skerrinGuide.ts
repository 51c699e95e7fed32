import { plainLevel } from '@nolvex/core/block/textStyle'
import { rawValues, takeOver } from '@nolvex/core/edit/rawValues'
import { applyChange } from '@nolvex/core/document/apply'
import type { Documents } from '@nolvex/core/document/types'
import { documentKinds } from '@nolvex/core/resolve/documentKinds'
import { gapTokenId, guideId } from '@nolvex/core/style/guideIds'
import { plainStyle } from '@nolvex/core/style/plainStyle'
import type { Start } from '@nolvex/core/style/quickStart'
import { readGapRow } from '@nolvex/core/style/spaceSteps'
import type { Level, StyleDocument } from '@nolvex/core/style/style'
import { takeStart } from '@nolvex/core/style/takeStart'
import type { ColourToken, LengthToken, Token } from '@nolvex/core/style/token'
import { px } from '@nolvex/core/units/length'

/** Sea and funnel, a face with serifs for headings, corners like worn timber. */
const START: Start = {
  main: '#14506b',
  second: '#b4472a',
  headings: 'Lora',
  text: 'Public Sans',
  corners: 'slight',
  density: 'usual',
  contrast: 'usual',
  isTinted: true,
  size: 17,
  ratio: 1.25,
}

/** People know the isles by their colours: gorse, pasture, heather and slate. */
const ISLES: [name: string, light: string, dark: string][] = [
  ['Orrel', '#7d6a1e', '#d9c46a'],
  ['Tansay', '#2f6b4f', '#8fcbaa'],
  ['Little Hask', '#6a5a8c', '#b9aad8'],
  ['Great Hask', '#4a5f70', '#a9bccb'],
]

/** Sizes as the pages were drawn with; the largest grow with the window. */
const SIZES: Record<string, [size: number, line: number]> = {
  h1: [44, 52],
  h2: [30, 38],
  h3: [22, 30],
  h4: [18, 26],
  h5: [16, 24],
  h6: [14, 20],
  p: [17, 26],
  lead: [20, 30],
  small: [14, 20],
  button: [16, 24],
}

const taken = takeStart(plainStyle, START, ['colour', 'type', 'space', 'parts'])

function levelOf(level: Level): Level {
  const [size, line] = SIZES[level.role ?? ''] ?? [16, 24]
  const isLarge = level.role === 'h1' || level.role === 'h2'
  return {
    ...level,
    size: px(size),
    lineHeight: isLarge ? { value: line / size, unit: 'em' } : { value: line, unit: 'px' },
    ...(level.role === 'h1' && { fluid: { least: 34, most: 44, from: 390, to: 1120 } }),
    ...(level.role === 'h2' && { fluid: { least: 26, most: 30, from: 390, to: 1120 } }),
    ...(isLarge && { letterSpacing: { value: -0.01, unit: 'em' as const } }),
  }
}

const isles = ISLES.map(([name, value, dark], index): ColourToken => {
  const id = guideId('isle', name)
  return {
    id,
    order: `b${index}`,
    name,
    type: 'colour',
    value,
    dark,
    prominence: 'secondary',
    note: 'the colour of an isle',
  }
})

/** By night grounds are the sea's, not grey. */
const BY_NIGHT: Partial<Record<string, string>> = { ground: '#0d2531', raised: '#143340', tint: '#11303d' }
const atNight = (token: Token): Token => {
  const dark = token.type === 'colour' && token.role ? BY_NIGHT[token.role] : undefined
  return dark === undefined ? token : { ...(token as ColourToken), dark }
}

const read = readGapRow('4 8 12 16 20 24 32 40 48 56 72 96')
const gaps = ('gaps' in read ? read.gaps : []).map(({ name, px: value }, index): LengthToken => {
  return {
    id: gapTokenId(name),
    order: `a1${index.toString(36)}`,
    name,
    type: 'length',
    value: px(value),
    use: 'space',
  }
})

const byId = <T extends { id: string }>(list: T[]) => Object.fromEntries(list.map((one) => [one.id, one]))
const { tokens, levels } = taken.records
const isGap = (id: string) => id.startsWith('gap')

/** The style guide of the demo. */
export const skerrinGuide: StyleDocument = {
  ...taken,
  records: {
    ...taken.records,
    tokens: {
      ...byId(
        Object.values(tokens)
          .filter(({ id }) => !isGap(id) && !(id in plainStyle.records.tokens))
          .map(atNight),
      ),
      ...byId(gaps),
      ...byId(isles),
    },
    levels: Object.fromEntries(
      Object.values(levels).map((level) => [level.id || plainLevel(level.role ?? ''), levelOf(level)]),
    ),
    icons: { style: { id: 'style', stroke: 1.75, corners: 'round', size: 24 } },
  },
}

/** Drawings that name the guide's tokens wherever they have the same values. */
export function inGuide(documents: Documents): Documents {
  const same = rawValues(documents).filter(({ token }) => token)
  let count = 0
  const changes = takeOver(
    documents,
    same.map((raw) => ({ raw, into: { token: raw.token?.id ?? '' } })),
    () => `demo${String(count++).padStart(12, '0')}`,
  )
  return applyChange(documentKinds, documents, changes).documents
}
