import type { Colour } from '../../block/colourSchema'
import type { Shadow } from '../../block/shadow'
import { alphaOf, opaque } from '../../colour/spaces'
import type { Json } from '../../document/types'
import { inOrder } from '../../document/tree'
import type { Level } from '../../style/level'
import type { StyleDocument } from '../../style/style'
import { tokenColour, type ColourToken, type Token } from '../../style/token'
import { roundTo, type WrittenLength } from '../../units/length'
import { usualEnvironment, toPx } from '../../units/environment'
import { namedTokens, plainName, type NamedToken } from './tokenNames'

/** Where what is ours alone stands in a token, as the format wants it. */
export const OWN = 'org.nolvex'

/**
 * The tokens and type levels of a style guide as design tokens.
 * @see Design Tokens Format Module 2025.10, Design Tokens Community Group
 */
export function writeDtcg({ records }: Pick<StyleDocument, 'records'>): string {
  const named = namedTokens(records.tokens)
  const aliases = new Map(named.map(({ token, group, name }) => [token.id, `{${group}.${name}}`]))
  const groups: Record<string, Record<string, Json>> = {}
  for (const one of named) (groups[one.group] ??= {})[one.name] = tokenJson(one, aliases, records.tokens)
  const levels = inOrder(Object.values(records.levels))
  if (levels.length) groups.type = typography(levels)
  return `${JSON.stringify(groups, null, 2)}\n`
}

type Aliases = Map<string, string>
type Tokens = Readonly<Record<string, Token>>

function tokenJson({ token }: NamedToken, aliases: Aliases, tokens: Tokens): Json {
  switch (token.type) {
    case 'colour':
      return colourJson(token, aliases)
    case 'length':
      return {
        $type: 'dimension',
        $value: dimension('token' in token.value ? ZERO : token.value),
        ...said(token),
      }
    case 'shadow': {
      const shadows = token.value.map((one) => shadowJson(one, aliases, tokens))
      return { $type: 'shadow', $value: shadows.length === 1 ? shadows[0] : shadows, ...said(token) }
    }
    case 'duration':
      return { $type: 'duration', $value: { value: token.value, unit: 'ms' }, ...said(token) }
  }
}

const ZERO: WrittenLength = { value: 0, unit: 'px' }

/** What a token is called here, and what the format has no room for. */
function said(token: Token, more: Record<string, Json | undefined> = {}): { $extensions: Json } {
  const own: Record<string, Json | undefined> = { name: token.name, ...more }
  return { $extensions: { [OWN]: JSON.parse(JSON.stringify(own)) as Json } }
}

function colourJson(token: ColourToken, aliases: Aliases): Json {
  const { value, dark, role, prominence, share, note } = token
  const of = (written: ColourToken['value']): Json =>
    typeof written === 'string'
      ? colourValue(written)
      : (aliases.get(written.token) ?? colourValue('#000000'))
  return {
    $type: 'color',
    $value: of(value),
    ...(note && { $description: note }),
    ...said(token, { role, prominence, share, dark: dark && of(dark) }),
  }
}

/** An sRGB colour as the format writes colours. */
export function colourValue(hex: string): Json {
  const components = [1, 3, 5].map((at) => roundTo(parseInt(hex.slice(at, at + 2), 16) / 255, 4))
  const alpha = roundTo(alphaOf(hex), 4)
  return { colorSpace: 'srgb', components, ...(alpha < 1 && { alpha }), hex: opaque(hex) }
}

/** The format has px and rem; what is written otherwise is written in px, as it comes to at the usual text size. */
function dimension(length: WrittenLength): Json {
  if (length.unit === 'px' || length.unit === 'rem') return { value: length.value, unit: length.unit }
  const font = { size: usualEnvironment.initialFont, xHeight: 8, zeroAdvance: 8 }
  return { value: roundTo(toPx(length, usualEnvironment, font), 4), unit: 'px' }
}

const px = (value: number): Json => ({ value, unit: 'px' })

function shadowJson({ x, y, blur, spread, colour, inset }: Shadow, aliases: Aliases, tokens: Tokens): Json {
  return {
    color: ofColour(colour, aliases, tokens),
    offsetX: px(x),
    offsetY: px(y),
    blur: px(blur),
    spread: px(spread),
    ...(inset && { inset }),
  }
}

function ofColour(colour: Colour, aliases: Aliases, tokens: Tokens): Json {
  if (colour === 'none') return colourValue('#00000000')
  if ('hex' in colour) return colourValue(colour.hex)
  return aliases.get(colour.token) ?? colourValue(tokenColour(tokens, colour.token) ?? '#000000')
}

function typography(levels: Level[]): Record<string, Json> {
  const taken = new Set<string>()
  return Object.fromEntries(
    levels.map((level) => {
      const plain = plainName(level.name)
      let name = plain
      for (let count = 2; taken.has(name); count++) name = `${plain}-${count}`
      taken.add(name)
      return [name, levelJson(level)]
    }),
  )
}

function levelJson({ name, family, weight, size, lineHeight, letterSpacing, fluid, role }: Level): Json {
  const written = 'token' in size ? ZERO : size
  const fontSize = dimension(written) as { value: number; unit: string }
  const px16 = fontSize.unit === 'rem' ? fontSize.value * usualEnvironment.initialFont : fontSize.value
  const ratio =
    lineHeight.unit === 'em'
      ? lineHeight.value
      : (lineHeight.unit === 'rem' ? lineHeight.value * usualEnvironment.initialFont : lineHeight.value) /
        (px16 || 1)
  const spacing = letterSpacing ?? { value: 0, unit: 'px' as const }
  return {
    $type: 'typography',
    $value: {
      fontFamily: family,
      fontSize,
      fontWeight: weight,
      letterSpacing: px(roundTo(spacing.unit === 'em' ? spacing.value * px16 : spacing.value, 4)),
      lineHeight: roundTo(ratio, 4),
    },
    $extensions: { [OWN]: JSON.parse(JSON.stringify({ name, role, fluid })) as Json },
  }
}
