import { strToU8 } from 'fflate'
import type { Documents } from '@nolvex/core/document/types'
import { reviewHtml } from '@nolvex/core/formats/reviewHtml'
import { PageLayouter, type PageLayout } from '@nolvex/core/layout/pageLayout'
import { finishedFinish } from '@nolvex/core/paint/finishedFinish'
import { pictureSvg } from '@nolvex/core/paint/pictureSvg'
import { plainFinish } from '@nolvex/core/paint/plainFinish'
import { pageSources } from '@nolvex/core/resolve/pageSources'
import { bandsOf, resolvePage } from '@nolvex/core/resolve/resolvePage'
import type { Finding } from '@nolvex/core/review/finding'
import { isDressed } from '@nolvex/core/review/drawing/drawingFacts'
import type { SortedFindings } from '@nolvex/core/review/leftFindings'
import { projectReview } from '@nolvex/core/review/projectFindings'
import { findingPicture } from '@nolvex/core/review/report/findingPicture'
import { reportSheets } from '@nolvex/core/review/report/reportSheets'
import { pageOfPlace, reviewReport, type ShownPlace } from '@nolvex/core/review/report/reviewReport'
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
/** pixels a place is wide at most, and for each px of the page */
const [MOST_WIDE, SHARP] = [1000, 1.5]

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
  const report = reviewReport(found, siteIn(documents), { title, date, pages }, place)
  if (input.file === 'html') return strToU8(reviewHtml(report))
  return picturesPdf(reportSheets(report, fontLibraryInUse(), input.paper), `${title}: review`)
}

/** Paints the places of findings; a page is laid out once for all of them. */
function placePainter(documents: Documents, pictures: Record<string, string>) {
  const library = fontLibraryInUse()
  const { inOrder, lead } = bandsOf(siteIn(documents))
  const layouts = new Map<string, PageLayout>()
  const layoutOf = (page: string, bandId: string, width: number): PageLayout => {
    const key = `${page} ${bandId} ${width}`
    let layout = layouts.get(key)
    if (!layout) {
      const sources = pageSources(documents, page)
      const as = isDressed(siteIn(documents).records.pages[page], sources) ? 'mockup' : 'wireframe'
      const environment = { ...usualEnvironment, viewportWidth: width }
      layout = new PageLayouter(library).layout(resolvePage(sources, bandId, as), environment)
      layouts.set(key, layout)
    }
    return layout
  }
  return (finding: Finding): ShownPlace | undefined => {
    const id = pageOfPlace(finding)
    const page = id === undefined ? undefined : siteIn(documents).records.pages[id]
    const band = inOrder.find((one) => one.id === (finding.place.band ?? lead))
    if (!page || !band || (!finding.marks && finding.place.collection !== 'blocks')) return undefined
    const layout = layoutOf(page.id, band.id, finding.place.width ?? band.drawnAt)
    const finish = isDressed(page, pageSources(documents, page.id)) ? finishedFinish : plainFinish
    const address = ({ asset }: { asset?: string }) => (asset ? pictures[asset] : undefined)
    const picture = findingPicture(finding, layout, library, finish, address)
    if (!picture) return undefined
    const png = svgToPng(pictureSvg(picture), picture, Math.min(SHARP, MOST_WIDE / picture.width))
    const { width, height } = picture
    return { address: `data:image/png;base64,${Buffer.from(png).toString('base64')}`, width, height }
  }
}
