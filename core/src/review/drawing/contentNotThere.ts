import { eachBox } from '../../layout/pageLayout'
import { contentNumber } from '../../content/content'
import { placeOf, titleOf } from './drawingFacts'
import type { DrawingRule, Found } from './drawingRule'

export const contentNotThere: DrawingRule = {
  id: 'contentNotThere',
  label: 'Content that is not there',
  why: 'The drawing has room for it, and shows a placeholder meanwhile.',
  severity: 'fair',
  from: 'plain',
  find(facts) {
    const found: Found[] = []
    const lead = facts.bands.find(({ band }) => band.id === facts.sources.site.records.settings.site.lead)
    if (!lead) return found
    eachBox(lead.layout, ({ node }) => {
      if (!node.isMissing || node.isPart) return
      const item = node.told?.item === undefined ? 'what it came from is gone' : contentNumber(node.told.item)
      const says = `${node.name} on ${titleOf(facts)} has no content yet: ${item}.`
      found.push({ place: placeOf(facts, node), says })
    })
    return found
  },
}
