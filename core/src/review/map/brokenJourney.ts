import { inOrder } from '../../document/tree'
import { journeyReport, mendGap } from '../../site/journeyReport'
import { siteFix } from './mapFacts'
import type { MapRule } from './mapRule'

export const brokenJourney: MapRule = {
  id: 'brokenJourney',
  label: 'Journeys that break',
  why: 'A visitor on this path gets stuck.',
  severity: 'serious',
  find({ site, ways, newId }) {
    const title = (page: string | undefined) => `“${(page && site.pages[page]?.title) || 'Untitled'}”`
    return inOrder(Object.values(site.journeys)).flatMap((journey) =>
      journeyReport(site, ways, journey.id).gaps.map((gap) => {
        const place = { collection: 'journeys' as const, id: journey.id }
        const where = `${journey.name}, stop ${gap.number}`
        if (gap.isGone) return { place, says: `${where}: its page is gone.` }
        const says = `${where}: no menu and no link leads from ${title(gap.from)} to ${title(gap.stop.page)}.`
        return { place, says, fix: siteFix('Add the missing link', mendGap(gap, newId())) }
      }),
    )
  },
}
