import { strToU8 } from 'fflate'
import sharp from 'sharp'
import type { Documents } from '@nolvex/core/document/types'
import { reviewHtml } from '@nolvex/core/formats/reviewHtml'
import { PageLayouter, type PageLayout } from '@nolvex/core/layout/pageLayout'
import { finishedFinish } from '@nolvex/core/paint/finishedFinish'
import { pagePicture } from '@nolvex/core/paint/pagePicture'
import { pictureSvg } from '@nolvex/core/paint/pictureSvg'
import { plainFinish } from '@nolvex/core/paint/plainFinish'
import { pageSources, type PageSources } from '@nolvex/core/resolve/pageSources'
import { bandsOf, resolvePage } from '@nolvex/core/resolve/resolvePage'
import type { Finding } from '@nolvex/core/review/finding'
import { isDressed } from '@nolvex/core/review/drawing/drawingFacts'
import { widthOf } from '@nolvex/core/review/drawing/keptLayouts'
import { reviewedPage } from '@nolvex/core/review/drawing/reviewedPages'
import type { SortedFindings } from '@nolvex/core/review/leftFindings'
import { projectReview } from '@nolvex/core/review/projectFindings'
import { findingPlace, placePicture } from '@nolvex/core/review/report/findingPicture'
import { reportSheets } from '@nolvex/core/review/report/reportSheets'
import { pageOfPlace, reviewReport, type ShownPlace } from '@nolvex/core/review/report/reviewReport'
import type { Page } from '@nolvex/core/site/site'
import { usualEnvironment } from '@nolvex/core/units/environment'
import { fontLibraryInUse } from '../fonts/fontsInUse'
import { newId } from '../projects/projectService'
import { shippedSpelling } from '../spelling/dictionary'
import type { ReviewExport } from './jobModel'
import { pagesDrawn, siteIn, type PackAsset } from './packPages'
import { paintableAddresses } from './paintable'
import { windowPainter } from './paintWindow'
import type { Progress } from './progress'
import { picturesPdf } from './pdfPicture'
import { svgToPng } from './svgToPng'

/** Everything a review is made from. */
export interface ReviewInput extends Omit<ReviewExport, 'format'> {
  title: string
  documents: Documents
  assets: PackAsset[]
}

/** Of the work on a report so much is looking pages over; the rest is painting places and writing files. */
const LOOKING = 0.8
/** pixels a place is wide at most */
const MOST_WIDE = 1000

/** Looks a project over and writes what was found. */
export async function renderReview(input: ReviewInput, tell: Progress = () => {}): Promise<Uint8Array> {
  const found = await projectReview(input.documents, {
    ...{ name: input.title, library: fontLibraryInUse(), newId, spelling: shippedSpelling() },
    paint: windowPainter(input.assets),
    tell: (share) => tell(LOOKING * share),
  })
  return writeReview(found, input)
}

/** What was found with pictures of the places: as a PDF, or as a page that needs nothing else. */
export async function writeReview(found: SortedFindings, input: ReviewInput): Promise<Uint8Array> {
  const { documents, title, date } = input
  const pages = pagesDrawn({ documents, pages: [] }).length
  const place = placePainter(documents, await paintableAddresses(input.assets))
  const places = new Map<Finding, ShownPlace>()
  for (const finding of found.open) {
    const shown = await place(finding)
    if (shown) places.set(finding, shown)
  }
  const said = { title, date, pages }
  const report = reviewReport(found, siteIn(documents), said, (finding) => places.get(finding))
  if (input.file === 'html') return strToU8(reviewHtml(report))
  return picturesPdf(reportSheets(report, fontLibraryInUse(), input.paper), `${title}: review`)
}

/** A page as it is shown in a report, painted once for all that was found on it. */
interface ShownPage {
  layout: PageLayout
  png: Uint8Array
}

/** Paints the places of findings. */
function placePainter(documents: Documents, pictures: Record<string, string>) {
  const library = fontLibraryInUse()
  const { inOrder, lead } = bandsOf(siteIn(documents))
  const shown = new Map<string, ShownPage | undefined>()
  const pageAt = (page: Page, band: string, width: number): ShownPage | undefined => {
    const key = `${page.id} ${band} ${width}`
    if (!shown.has(key))
      shown.set(key, shownPage(pageSources(documents, page.id), page, band, width, pictures))
    return shown.get(key)
  }
  return async (finding: Finding): Promise<ShownPlace | undefined> => {
    const page = reviewedPage(siteIn(documents), pageOfPlace(finding) ?? '')
    const band = inOrder.find((one) => one.id === (finding.place.band ?? lead))
    if (!page || !band || (!finding.marks && finding.place.collection !== 'blocks')) return undefined
    const at = pageAt(page, band.id, finding.place.width ?? band.drawnAt)
    const place = at && findingPlace(finding, at.layout)
    if (!place) return undefined
    const { x, y, width, height } = place.seen
    // Cut out of the whole: resvg ends the process at a shadow that lies just outside of what it paints.
    const part = await sharp(at.png).extract({ left: x, top: y, width, height }).png().toBuffer()
    const picture = placePicture(place, dataAddress(part), library, finding.says)
    const png = svgToPng(pictureSvg(picture), picture, Math.min(1, MOST_WIDE / width))
    return { address: dataAddress(png), width, height }
  }
}

const dataAddress = (png: Uint8Array) => `data:image/png;base64,${Buffer.from(png).toString('base64')}`

/** A page in the finish it is drawn to; nothing where it is too large to be painted. */
function shownPage(
  sources: PageSources,
  page: Page,
  band: string,
  width: number,
  pictures: Record<string, string>,
): ShownPage | undefined {
  const isFinished = isDressed(page, sources)
  const resolved = resolvePage(sources, band, isFinished ? 'mockup' : 'wireframe')
  const environment = { ...usualEnvironment, ...widthOf(sources, page.id, band, width) }
  const layout = new PageLayouter(fontLibraryInUse()).layout(resolved, environment)
  const picture = pagePicture(layout, isFinished ? finishedFinish : plainFinish, {
    title: page.title,
    pictureAddress: ({ asset }) => (asset ? pictures[asset] : undefined),
  })
  try {
    return { layout, png: svgToPng(pictureSvg(picture), picture, 1) }
  } catch {
    return undefined
  }
}
