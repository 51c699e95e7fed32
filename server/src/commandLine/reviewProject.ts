import { emptyContent, type ContentDocument } from '@nolvex/core/content/content'
import type { Documents } from '@nolvex/core/document/types'
import { drawingFacts } from '@nolvex/core/review/drawing/drawingFacts'
import { drawingFindings } from '@nolvex/core/review/drawing/drawingRules'
import type { Finding } from '@nolvex/core/review/finding'
import { mapFacts } from '@nolvex/core/review/map/mapFacts'
import { mapFindings } from '@nolvex/core/review/map/mapRules'
import { pageSources } from '@nolvex/core/resolve/pageSources'
import type { SiteDocument } from '@nolvex/core/site/site'
import { pagesDrawn } from '../exports/packPages'
import { shippedFontLibrary } from '../fonts/shippedFonts'
import { newId } from '../projects/projectService'
import type { Command } from './command'
import { Misuse } from './misuse'
import { openFile } from './projectFiles'

/** Says what is wrong with the plan of a site and with its drawings. */
export const reviewProject: Command = {
  name: 'review',
  usage: 'review PROJECT [--json]',
  about: 'says what is wrong with the plan and the drawings; ends with 1 where something is',
  async run({ files: [file], flags, say }) {
    if (!file) throw new Misuse('review needs a project file.')
    const { name, documents } = await openFile(file)
    const findings = allFindings(name, documents)
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

function allFindings(name: string, documents: Documents): Finding[] {
  const content = (documents.content ?? emptyContent) as unknown as ContentDocument
  const onMap = mapFindings(mapFacts(documents.site as unknown as SiteDocument, content, newId))
  const onDrawings = pagesDrawn({ documents, pages: [] }).flatMap((page) => {
    const sources = pageSources(documents, page.id)
    return drawingFindings(drawingFacts(page, sources, name, shippedFontLibrary(), newId))
  })
  return [...onMap, ...onDrawings]
}
