import { computed } from 'vue'
import { alikeOnPoorDisplay, nearDuplicates } from '@nolvex/core/colour/nearDuplicates'
import { colourShares } from '@nolvex/core/review/style/colourShares'
import { contrastTable } from '@nolvex/core/review/style/contrastTable'
import { pairsInUse } from '@nolvex/core/review/style/pairsInUse'
import { markedToken, tokenColour, type ColourToken } from '@nolvex/core/style/token'
import { useGuide } from './useGuide'
import { useGuidePages } from './useGuidePages'

/** Two colours of the guide that are hard to tell apart. */
export interface Alike {
  a: ColourToken
  b: ColourToken
  difference: number
}

/** How the drawings use the guide's colours: contrast, shares, and colours that are nearly the same. */
export function useColourUse() {
  const { project, tokens } = useGuide()
  const { resolved, layouts } = useGuidePages()
  const records = computed(() => project.style.records.tokens)
  const colours = computed(() =>
    tokens.value.filter((token): token is ColourToken => token.type === 'colour'),
  )
  const hexOf = (id: string) => tokenColour(records.value, id)

  const rows = computed(() => contrastTable(records.value, pairsInUse(resolved.value)))

  /** % of what is painted, by token; a base colour has what is painted by way of roles, too */
  const shares = computed(() => {
    const byToken = new Map<string, number>()
    for (const [mark, share] of colourShares(layouts.value)) {
      const met = new Set<string>()
      for (let id = markedToken(mark)?.id; id && !met.has(id);) {
        met.add(id)
        byToken.set(id, (byToken.get(id) ?? 0) + share * 100)
        const token = records.value[id]
        const next =
          token?.type === 'colour' && typeof token.value === 'object' ? token.value.token : undefined
        id = next
      }
    }
    return byToken
  })

  /** colours of their own: an alias is meant to be the same as another */
  const bases = computed(() => colours.value.filter(({ value }) => typeof value === 'string'))
  const pairsOf = (found: { a: number; b: number; difference: number }[]): Alike[] =>
    found.map(({ a, b, difference }) => ({ a: bases.value[a], b: bases.value[b], difference }))
  const hexes = computed(() => bases.value.map(({ value }) => value as string))
  const duplicates = computed(() => pairsOf(nearDuplicates(hexes.value)))
  const alikeOnPoor = computed(() => pairsOf(alikeOnPoorDisplay(hexes.value)))

  return { colours, hexOf, rows, shares, duplicates, alikeOnPoor }
}
