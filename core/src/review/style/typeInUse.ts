import type { Box } from '../../layout/box'
import { eachBox, type PageLayout } from '../../layout/pageLayout'
import { breakLines } from '../../text/lines'
import { roundTo } from '../../units/length'

/** How many sizes, weights and faces pages are set in, and how many texts in each. */
export interface TypeInUse {
  sizes: Map<number, number>
  weights: Map<number, number>
  families: Map<string, number>
}

/** What text of laid-out pages is set in. */
export function typeInUse(layouts: PageLayout[]): TypeInUse {
  const found: TypeInUse = { sizes: new Map(), weights: new Map(), families: new Map() }
  const count = <Key>(map: Map<Key, number>, key: Key) => map.set(key, (map.get(key) ?? 0) + 1)
  for (const layout of layouts)
    eachBox(layout, ({ node, font }) => {
      if (node.content.type !== 'text' || !font) return
      count(found.sizes, roundTo(font.size, 1))
      count(found.weights, node.look.level.weight)
      count(found.families, node.look.level.family)
    })
  return found
}

/** Characters on a line of text that read well. Common practice, no source. */
export const GOOD_MEASURE = { least: 45, most: 75 }

/** A text with how many characters stand on its lines. */
export interface TextMeasure {
  key: string
  /** on average of all lines but the last */
  characters: number
}

/** Fewer lines than this are not read as running text. */
const FEW_LINES = 3

/** How many characters stand on the lines of running text: of texts of three lines and more. */
export function textMeasures(layout: PageLayout): TextMeasure[] {
  const found: TextMeasure[] = []
  eachBox(layout, (box) => {
    const characters = charactersOnLines(box)
    if (characters !== undefined) found.push({ key: box.node.key, characters })
  })
  return found
}

function charactersOnLines({ node, paragraph, w, insetLeft, insetRight }: Box): number | undefined {
  if (node.content.type !== 'text' || !paragraph) return undefined
  const lines = breakLines(paragraph, w - insetLeft - insetRight)
  if (lines.length < FEW_LINES) return undefined
  const full = lines.slice(0, -1)
  return full.reduce((sum, { start, end }) => sum + end - start, 0) / full.length
}
