import { px } from '../../units/length'
import { atEachBand, named, type Sight } from '../drawing/atEachBand'
import type { DrawingRule } from '../drawing/drawingRule'
import { hasSeenEdge, isTarget, type Seen } from '../drawing/seenBlocks'
import { scaleSteps, stepValue } from './scaleSteps'

/** px between words and an edge under which they seem to touch */
const LEAST = 6
const WANTED = 12
const SIDES = ['top', 'right', 'bottom', 'left'] as const

/** Words that nearly touch the edge of the ground or frame they stand in. */
export const textNearEdge: DrawingRule = {
  id: 'textNearEdge',
  label: 'Words that nearly touch an edge',
  why: 'Words want room to the edge of what they stand in, or they seem to have slipped.',
  severity: 'fair',
  from: 'finished',
  find: (facts) =>
    atEachBand(facts, ({ seen, layout }) => {
      const nearest = new Map<Seen, { word: Seen; gaps: number[] }>()
      for (const word of seen.filter(({ words, node }) => words && node.content.type === 'text')) {
        const frame = frameOf(word)
        if (!frame || frame.node.isPart || isTarget(frame)) continue
        const gaps = gapsTo(word, frame, layout.width)
        const known = nearest.get(frame)
        nearest.set(frame, {
          word,
          gaps: known ? gaps.map((gap, side) => Math.min(gap, known.gaps[side])) : gaps,
        })
      }
      const wanted = scaleSteps(facts.sources.style).find((step) => step.px >= WANTED)
      return [...nearest].flatMap(([frame, { word, gaps }]): Sight[] => {
        const close = SIDES.filter((_, side) => gaps[side] < LEAST && gaps[side] > -1)
        if (close.length === 0) return []
        const least = Math.max(0, Math.round(Math.min(...gaps)))
        const says = `${named(word)} stands ${least === 0 ? 'right at' : `${least} px from`} the edge of ${named(frame)}`
        const changes = close.map((side) => ({
          of: frame.node,
          path: ['arrange', 'padding', side],
          value: wanted ? stepValue(wanted) : { ...px(WANTED) },
        }))
        return [{ of: frame, says, mend: { label: `${wanted?.px ?? WANTED} px inside it`, changes } }]
      })
    }),
}

/** The nearest thing around words whose edge is seen. */
function frameOf({ parent }: Seen): Seen | undefined {
  for (let one = parent; one; one = one.parent) {
    if (one.node.content.type !== 'blocks') return undefined
    if (hasSeenEdge(one)) return one
  }
  return undefined
}

/** px from words to the four sides of a frame; a side that ends with the page has no edge. */
function gapsTo(word: Seen, frame: Seen, pageWidth: number): number[] {
  const { box } = word
  return [
    word.y + box.insetTop - frame.y,
    frame.x + frame.w >= pageWidth ? Infinity : frame.x + frame.w - word.x - word.w + box.insetRight,
    frame.y + frame.h - word.y - word.h + box.insetBottom,
    frame.x <= 0 ? Infinity : word.x + box.insetLeft - frame.x,
  ]
}
