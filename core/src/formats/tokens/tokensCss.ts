import { fluidCss, fluidLength } from '../../units/fluidLength'
import { inOrder } from '../../document/tree'
import type { Colour } from '../../block/colourSchema'
import { cssInDark, cssRule, cssSheet, cssString, writtenCss } from '../../text/cssWriter'
import type { StyleDocument } from '../../style/style'
import type { ColourToken, Token } from '../../style/token'
import { cssLength } from '../../units/length'
import { namedTokens, plainName } from './tokenNames'

/**
 * The tokens and type levels of a style guide as custom properties of CSS, those of the dark set where a visitor prefers it.
 * @param root px of a rem
 */
export function writeTokensCss({ records }: Pick<StyleDocument, 'records'>, root = 16): string {
  const named = namedTokens(records.tokens)
  const properties = new Map(named.map(({ token, group, name }) => [token.id, `--${group}-${name}`]))
  const valueOf = (token: Token) => tokenCss(token, properties)
  const light = named.map(({ token }): [string, string] => [
    properties.get(token.id) as string,
    valueOf(token),
  ])
  const dark = named.flatMap(({ token }): [string, string][] =>
    token.type === 'colour' && token.dark
      ? [[properties.get(token.id) as string, colourCss(token.dark, properties)]]
      : [],
  )
  const sheet = [cssRule('html', [...light, ...levelProperties(records, root)])]
  if (dark.length) sheet.push(cssInDark([cssRule('html', dark)]))
  return writtenCss(cssSheet(sheet))
    .replaceAll('; ', ';\n  ')
    .replace(/\{ /g, '{\n  ')
    .replaceAll(' }', '\n}')
}

type Properties = Map<string, string>

function tokenCss(token: Token, properties: Properties): string {
  switch (token.type) {
    case 'colour':
      return colourCss(token.value, properties)
    case 'length':
      return 'token' in token.value ? '0' : cssLength(token.value)
    case 'duration':
      return `${token.value}ms`
    case 'shadow':
      return token.value
        .map(({ x, y, blur, spread, colour, inset }) => {
          const lengths = [x, y, blur, spread].map((length) => `${length}px`).join(' ')
          return `${inset ? 'inset ' : ''}${lengths} ${namedColour(colour, properties)}`
        })
        .join(', ')
  }
}

function colourCss(value: ColourToken['value'], properties: Properties): string {
  if (typeof value === 'string') return value
  const property = properties.get(value.token)
  return property ? `var(${property})` : 'transparent'
}

const namedColour = (colour: Colour, properties: Properties): string =>
  colour === 'none' ? 'transparent' : 'hex' in colour ? colour.hex : colourCss(colour, properties)

function levelProperties({ levels }: StyleDocument['records'], root: number): [string, string][] {
  return inOrder(Object.values(levels)).flatMap((level): [string, string][] => {
    const { family, weight, size, fluid, lineHeight, letterSpacing } = level
    const name = `--type-${plainName(level.name)}`
    const written = 'token' in size ? '0' : cssLength(size)
    return [
      [`${name}-family`, cssString(family)],
      [`${name}-weight`, String(weight)],
      [`${name}-size`, fluid ? fluidCss(fluidLength(fluid, root)) : written],
      [`${name}-line`, `${lineHeight.value}${lineHeight.unit}`],
      ...(letterSpacing ? [[`${name}-spacing`, cssLength(letterSpacing)] as [string, string]] : []),
    ]
  })
}
