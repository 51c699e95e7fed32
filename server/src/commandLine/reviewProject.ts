import { writeFile } from 'node:fs/promises'
import { extname } from 'node:path'
import type { Documents } from '@nolvex/core/document/types'
import type { Project } from '@nolvex/core/formats/projectFile'
import { SEVERITIES, type Finding, type Severity } from '@nolvex/core/review/finding'
import type { SortedFindings } from '@nolvex/core/review/leftFindings'
import { mendedProject, projectReview } from '@nolvex/core/review/projectFindings'
import { reviewedPage } from '@nolvex/core/review/drawing/reviewedPages'
import type { SiteDocument } from '@nolvex/core/site/site'
import { windowPainter } from '../exports/paintWindow'
import { writeReview } from '../exports/renderReview'
import { GRAVITY } from '@nolvex/core/review/severityCounts'
import { shippedFontLibrary } from '../fonts/shippedFonts'
import { newId } from '../projects/projectService'
import { shippedSpelling } from '../spelling/dictionary'
import type { Command } from './command'
import { Misuse } from './misuse'
import { openFile, saveFile } from './projectFiles'

/** Says what is wrong with the plan of a site and with its drawings, and mends what it can. */
export const reviewProject: Command = {
  name: 'review',
  usage: 'review PROJECT [--json] [--fail serious|fair|slight] [--fix -o PROJECT] [--report FILE]',
  about:
    'says what is wrong with the plan and the drawings at every width; ends with 1 where something is so grave',
  async run({ files: [file], flags, options, say }) {
    if (!file) throw new Misuse('review needs a project file.')
    const least = gravityOf(options.fail ?? 'slight')
    const project = await openFile(file)
    const review = {
      ...{ name: project.name, library: shippedFontLibrary(), newId, spelling: shippedSpelling() },
      paint: windowPainter(project.assets),
    }
    if (flags.has('fix')) {
      if (!options.out) throw new Misuse('review --fix needs -o with the project file to write.')
      const { documents, count } = await mendedProject(project.documents, review)
      await saveFile(options.out, { ...project, documents })
      if (!flags.has('json')) say(`${options.out}: ${count} mended`)
      project.documents = documents
    }
    const found = await projectReview(project.documents, review)
    if (options.report) await writeFile(options.report, await reportOf(found, project, options.report))
    const findings = found.open
    if (flags.has('json'))
      say(
        JSON.stringify(
          findings.map((one) => asData(project.documents, one)),
          null,
          2,
        ),
      )
    else if (findings.length === 0) say('Nothing was found.')
    else for (const { severity, says } of findings) say(`${SEVERITIES[severity]}: ${says}`)
    return findings.some(({ severity }) => GRAVITY.indexOf(severity) <= least) ? 1 : 0
  },
}

/** The report for those who ordered the site, in what its file is named for. */
function reportOf(
  found: SortedFindings,
  { name, documents, assets }: Project,
  file: string,
): Promise<Uint8Array> {
  const ending = extname(file).slice(1).toLowerCase()
  if (ending !== 'pdf' && ending !== 'html')
    throw new Misuse(`--report writes a file that ends in .pdf or .html, not “${file}”.`)
  const date = new Date().toISOString().slice(0, 10)
  return writeReview(found, { title: name, documents, assets, date, file: ending, paper: 'A4' })
}

function gravityOf(word: string): number {
  const at = GRAVITY.indexOf(word as Severity)
  if (at < 0) throw new Misuse(`--fail takes ${GRAVITY.join(', ')}, not “${word}”.`)
  return at
}

function asData({ site }: Documents, { rule, severity, place, bands, widths, says, fix }: Finding) {
  const { bands: all } = (site as unknown as SiteDocument).records
  const page = place.page ?? (place.collection === 'pages' ? place.id : undefined)
  return {
    ...{ rule, severity },
    page: page && { id: page, title: reviewedPage(site as unknown as SiteDocument, page)?.title },
    block: place.collection === 'blocks' ? place.id : undefined,
    bands: bands?.map((id) => all[id]?.name),
    ...{ widths, sentence: says },
    hasFix: fix !== undefined,
  }
}
