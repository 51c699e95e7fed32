import { ciede2000 } from '../../colour/ciede2000'
import type { PageLayout } from '../../layout/pageLayout'
import { isMainAction } from '../appearance/mainActions'
import { atLead, blockAt, named } from '../drawing/atEachBand'
import type { DrawingFacts } from '../drawing/drawingFacts'
import type { DrawingRule } from '../drawing/drawingRule'
import type { Seen } from '../drawing/seenBlocks'
import { groundShares } from './groundShares'

/** CIEDE2000 under which an action is not seen on its ground, and under which two grounds have one colour */
const [HARDLY, ALIKE] = [12, 5]
/** the share of a page the colour of its action may have */
const MOST = 0.3

/** A main action its colour does not set apart. Common practice: actions have a colour of their own, which is rare. */
export const prominence: DrawingRule = {
  id: 'prominence',
  label: 'A main action its colour does not set apart',
  why: 'The colour of what is to be pressed has to differ from what is around it, and be rare, or it says nothing.',
  severity: 'fair',
  from: 'finished',
  find: (facts) =>
    atLead(facts, ({ seen, layout }) => {
      const main = seen.find((one) => one.node.look.fill !== undefined && isMainAction(facts, one))
      if (!main?.ground || !main.behind) return []
      const { ground, behind } = main
      if (ciede2000(ground, behind) < HARDLY) {
        if (edgesOf(main).some((edge) => ciede2000(edge, behind) >= HARDLY)) return []
        const says = `${named(main)} is the main action and hardly differs from what it stands on (${ground} on ${behind})`
        return [{ of: main, says, mend: givenBack(facts, main) }]
      }
      const share = shareOf(layout, seen, ground)
      if (share < MOST) return []
      const says = `${named(main)} is the main action and has the colour that ${Math.round(share * 100)} % of the page have`
      return [{ of: main, says }]
    }),
}

const edgesOf = ({ node, box }: Seen): string[] =>
  node.look.border.flatMap((side, index) => (side && box.border[index] > 0 ? side.colour : []))

/** How much of a page is in a colour, or one that is taken for it. */
const shareOf = (layout: PageLayout, seen: Seen[], colour: string): number =>
  [...groundShares(layout, seen)].reduce(
    (sum, [other, share]) => (ciede2000(colour, other) < ALIKE ? sum + share : sum),
    0,
  )

/** Its own colours given back, so that the guide dresses it. */
function givenBack(facts: DrawingFacts, { node }: Seen) {
  const own = blockAt(facts, node.origin.document, node.origin.record)?.look
  if (own?.fill === undefined) return undefined
  const edges = Object.keys(own.border ?? {}).map((side) => ['border', side])
  const changes = [['fill'], ['colour'], ...edges].map((path) => ({
    ...{ of: node, path: ['look', ...path], value: undefined },
  }))
  return { label: 'Give it the colours of actions', changes }
}
