import type { Colour } from '../block/colourSchema'
import type { Length } from '../block/lengthSchema'
import type { Tokens } from '../block/look'
import { PLAIN_TEXT, type TextStyle } from '../block/textStyle'
import { isShippedFamily, PAGE_FAMILY } from '../text/fontCatalogue'
import type { Level, StyleDocument } from '../style/style'
import { px, type WrittenLength } from '../units/length'
import { foldLeaf, recordLayers, type AtBand } from './cascade'

const NOTHING = px(0)

/** What a style guide gives at a band for what drawings name. Each level is one object, which layout recognises. */
export class StyleTokens implements Tokens {
  private byRole: Map<string, Level>
  private styles = new Map<Level, TextStyle>()

  constructor(
    private style: StyleDocument,
    private at: AtBand,
  ) {
    const levels = Object.values(style.records.levels)
    this.byRole = new Map(levels.map((level) => [level.role ?? level.id, level]))
  }

  length(length: Length): WrittenLength {
    if (!('token' in length)) return length
    const token = this.style.records.tokens[length.token]
    return token?.type === 'length' && !('token' in token.value) ? token.value : NOTHING
  }

  colour(colour: Colour): string | undefined {
    if (colour === 'none') return undefined
    if ('hex' in colour) return colour.hex
    const token = this.style.records.tokens[colour.token]
    return token?.type === 'colour' ? token.value : undefined
  }

  textStyle(id: string | undefined, role: string): TextStyle {
    const level = (id && this.style.records.levels[id]) || this.byRole.get(role) || this.byRole.get('p')
    if (!level) return PLAIN_TEXT
    let style = this.styles.get(level)
    if (!style) this.styles.set(level, (style = this.styleOf(level)))
    return style
  }

  private styleOf(level: Level): TextStyle {
    const layers = recordLayers(level, this.at)
    const valueOf = (leaf: 'size' | 'lineHeight') => foldLeaf(layers, [leaf]).value as unknown
    const { weight, italic = false } = level
    // Documents may be older than the rule that families ship with the application.
    const family = isShippedFamily(level.family) ? level.family : PAGE_FAMILY
    return {
      family,
      weight,
      italic,
      size: this.length(valueOf('size') as Level['size']),
      lineHeight: valueOf('lineHeight') as Level['lineHeight'],
    }
  }
}
