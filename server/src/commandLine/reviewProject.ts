import { emptyContent, type ContentDocument } from '@nolvex/core/content/content'
import { mapFacts } from '@nolvex/core/review/map/mapFacts'
import { mapFindings } from '@nolvex/core/review/map/mapRules'
import type { SiteDocument } from '@nolvex/core/site/site'
import { newId } from '../projects/projectService'
import type { Command } from './command'
import { Misuse } from './misuse'
import { openFile } from './projectFiles'

/** Says what is wrong with the plan of a site. */
export const reviewProject: Command = {
  name: 'review',
  usage: 'review PROJECT [--json]',
  about: 'says what is wrong with the plan; ends with 1 where something is',
  async run({ files: [file], flags, say }) {
    if (!file) throw new Misuse('review needs a project file.')
    const { documents } = await openFile(file)
    const content = (documents.content ?? emptyContent) as unknown as ContentDocument
    const findings = mapFindings(mapFacts(documents.site as unknown as SiteDocument, content, newId))
    if (flags.has('json'))
      say(
        JSON.stringify(
          findings.map(({ rule, says, place }) => ({ rule, says, place })),
          null,
          2,
        ),
      )
    else if (findings.length === 0) say('Nothing was found.')
    else for (const { says } of findings) say(says)
    return findings.length ? 1 : 0
  },
}
