import type { Colour } from '../block/colourSchema'
import type { Length } from '../block/lengthSchema'
import type { Tokens } from '../block/look'
import type { Shadow } from '../block/shadow'
import { PLAIN_TEXT, type TextStyle } from '../block/textStyle'
import type { Role } from '../colour/roles'
import { shownFamily } from '../style/families'
import type { Level, StyleDocument } from '../style/style'
import { tokenColour, tokenMark, tokenOfRole, type ColourSet } from '../style/token'
import { fluidLength } from '../units/fluidLength'
import { px, type WrittenLength } from '../units/length'
import { foldLeaf, recordLayers, type AtBand } from './cascade'

const NOTHING = px(0)

/** What a guide's values are read for. */
export interface GuideReading {
  /** px of a rem at the usual text size */
  root: number
  set?: ColourSet
  /** colours are given by the mark of the token that is named, not as what it comes to */
  namesColours?: boolean
}

const USUAL: GuideReading = { root: 16 }

/** What a style guide gives at a band for what drawings name. Each level is one object, which layout recognises. */
export class StyleTokens implements Tokens {
  private byRole: Map<string, Level>
  private styles = new Map<Level, TextStyle>()
  private roles = new Map<Role, string | undefined>()

  constructor(
    private style: StyleDocument,
    private at: AtBand,
    private reading: GuideReading = USUAL,
  ) {
    const levels = Object.values(style.records.levels)
    this.byRole = new Map(levels.map((level) => [level.role ?? level.id, level]))
  }

  get isDark(): boolean {
    return this.reading.set === 'dark'
  }

  length(length: Length): WrittenLength {
    if (!('token' in length)) return length
    const token = this.style.records.tokens[length.token]
    return token?.type === 'length' && !('token' in token.value) ? token.value : NOTHING
  }

  colour(colour: Colour): string | undefined {
    if (colour === 'none') return undefined
    if ('role' in colour) return this.role(colour.role) ?? colour.hex
    if ('hex' in colour) return colour.hex
    return this.named(colour.token)
  }

  role(role: Role): string | undefined {
    if (!this.roles.has(role)) {
      const token = tokenOfRole(this.style.records.tokens, role)
      this.roles.set(role, token && this.named(token.id))
    }
    return this.roles.get(role)
  }

  private named(id: string): string | undefined {
    const hex = tokenColour(this.style.records.tokens, id, this.reading.set)
    return hex !== undefined && this.reading.namesColours ? tokenMark(id, this.reading.set) : hex
  }

  shadows(token: string): Shadow[] {
    const found = this.style.records.tokens[token]
    return found?.type === 'shadow' ? found.value : []
  }

  textStyle(id: string | undefined, role: string): TextStyle {
    const level = (id && this.style.records.levels[id]) || this.byRole.get(role) || this.byRole.get('p')
    if (!level) return PLAIN_TEXT
    let style = this.styles.get(level)
    if (!style) this.styles.set(level, (style = this.styleOf(level)))
    return style
  }

  private styleOf(level: Level): TextStyle {
    const { weight, italic = false, fluid, case: shown } = level
    const { size, lineHeight, letterSpacing, grows } = levelAtBand(level, this.at)
    const style: TextStyle = {
      family: shownFamily(this.style, level.family),
      weight,
      italic,
      size: fluid && grows ? fluidLength(fluid, this.reading.root) : this.length(size),
      lineHeight,
    }
    // What a level leaves out is no key of its own: styles are compared and keyed by what they hold.
    return { ...style, ...(letterSpacing && { letterSpacing }), ...(shown && { case: shown }) }
  }
}

/** What of a level may differ by band. */
export interface BandedLevel extends Pick<Level, 'size' | 'lineHeight' | 'letterSpacing'> {
  /** whether its fluid size counts, if it has one: no band has written a size over it */
  grows: boolean
}

/** The size, lines and letters of a level as they are at a band. */
export function levelAtBand(level: Level, at: AtBand): BandedLevel {
  const layers = recordLayers(level, at)
  const valueOf = <Leaf extends 'size' | 'lineHeight' | 'letterSpacing'>(leaf: Leaf) =>
    foldLeaf(layers, [leaf]).value as unknown as Level[Leaf]
  return {
    size: valueOf('size'),
    lineHeight: valueOf('lineHeight'),
    letterSpacing: valueOf('letterSpacing'),
    grows: foldLeaf(layers, ['size']).source.from !== 'band',
  }
}
