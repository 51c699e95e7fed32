import { strToU8, zipSync, type Zippable } from 'fflate'
import { PageLayouter, type PageLayout } from '@nolvex/core/layout/pageLayout'
import { mapSheets } from '@nolvex/core/paint/mapSheets'
import { packSheets, type PackPage, type ToldNote } from '@nolvex/core/paint/packSheets'
import { pageNotes } from '@nolvex/core/paint/pageNotes'
import { pagePicture } from '@nolvex/core/paint/pagePicture'
import { pictureSvg } from '@nolvex/core/paint/pictureSvg'
import { pageSources } from '@nolvex/core/resolve/pageSources'
import { bandsOf, resolvePage } from '@nolvex/core/resolve/resolvePage'
import { pathFromTitle } from '@nolvex/core/site/address'
import type { Band, SiteDocument } from '@nolvex/core/site/site'
import { usualEnvironment } from '@nolvex/core/units/environment'
import { fontLibraryInUse } from '../fonts/fontsInUse'
import { finishNamed, shownAs } from './finishes'
import { pagesShown, siteIn, type PackFile, type PackInput } from './packPages'
import { paintableAddresses } from './paintable'
import { picturesPdf } from './pdfPicture'
import type { Progress } from './progress'
import { stylesFor } from './sheetFiles'
import { htmlFiles } from './renderSite'
import { svgToPng } from './svgToPng'

/** Several pages as one file: their HTML with working links, pictures of them, or a PDF with its contents. */
export async function renderPack(input: PackInput, tell: Progress = () => {}): Promise<Uint8Array> {
  switch (input.file) {
    case 'html':
      return zipSync(filesIn(await htmlFiles(input, tell)), { level: 6 })
    case 'pdf':
      return picturesPdf(await sheetsOf(input, tell), input.title)
    default:
      return zipSync(filesIn(await pictureFiles(input, tell)), { level: input.file === 'svg' ? 6 : 0 })
  }
}

/** Of the work on a pack, so much is laying pages out and painting them; the rest is writing files. */
const PAINTING = 0.7

const filesIn = (files: PackFile[]): Zippable =>
  Object.fromEntries(files.map(({ path, bytes }) => [path, bytes]))

const bandsWanted = ({ documents, bands }: PackInput): Band[] =>
  bandsOf(siteIn(documents)).inOrder.filter(({ id }) => bands.length === 0 || bands.includes(id))

/** Each page at each band as it is painted. */
async function paintedPages(input: PackInput, tell: Progress): Promise<PackPage[]> {
  const { documents, assets } = input
  const site = siteIn(documents)
  const library = fontLibraryInUse()
  const finish = finishNamed(input.finish)
  const data = await paintableAddresses(assets)
  const pages = pagesShown(input)
  const bands = bandsWanted(input)
  return pages.flatMap(({ page, title, address, moment }, index) =>
    bands.map((band, at): PackPage => {
      tell((PAINTING * (index + at / bands.length)) / pages.length)
      const resolved = resolvePage(pageSources(documents, page.id), band.id, shownAs(input.finish), moment)
      const environment = { ...usualEnvironment, viewportWidth: band.drawnAt }
      const layout = new PageLayouter(library).layout(resolved, environment)
      const picture = pagePicture(layout, finish, {
        title,
        pictureAddress: ({ asset }) => asset && data[asset],
      })
      const notes = input.notes ? notesTold(site, layout) : []
      return { title, address, band: band.name, width: band.drawnAt, picture, notes }
    }),
  )
}

/** The notes of a page with the requirements they meet. */
const notesTold = ({ records }: SiteDocument, layout: PageLayout): ToldNote[] =>
  pageNotes(layout).map(({ requirement, ...note }) => {
    const met = requirement === undefined ? undefined : records.requirements[requirement]
    return { ...note, requirement: met && `R-${met.number} ${met.text}` }
  })

/** A picture of each page at each band. */
export async function pictureFiles(input: PackInput, tell: Progress = () => {}): Promise<PackFile[]> {
  const taken = new Set<string>()
  const painted = await paintedPages(input, tell)
  return painted.map(({ title, width, picture }, index) => {
    tell(PAINTING + ((1 - PAINTING) * index) / painted.length)
    const base = `${pathFromTitle(title) || 'page'}-${width}`
    let name = base
    for (let count = 2; taken.has(name); count++) name = `${base}-${count}`
    taken.add(name)
    if (input.file === 'svg')
      return { path: `${name}.svg`, bytes: strToU8(pictureSvg(picture, stylesFor(picture))) }
    return { path: `${name}.png`, bytes: svgToPng(pictureSvg(picture), picture, input.scale) }
  })
}

/** The sheets of a PDF: contents, the map, then page by page. */
async function sheetsOf(input: PackInput, tell: Progress) {
  const { title, date, finish, documents } = input
  const map = {
    title,
    date,
    direction: 'down',
    connectors: 'stepped',
    heavy: false,
    sections: true,
    menus: true,
  } as const
  const before = mapSheets(siteIn(documents).records, fontLibraryInUse(), { ...map, paper: 'A3' })
  return packSheets(await paintedPages(input, tell), fontLibraryInUse(), { title, date, finish, before })
}
