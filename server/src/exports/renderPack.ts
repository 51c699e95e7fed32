import { strToU8, zipSync, type Zippable } from 'fflate'
import type { ShownPicture } from '@nolvex/core/block/primitive'
import { inOrder } from '@nolvex/core/document/tree'
import type { Documents } from '@nolvex/core/document/types'
import { PageLayouter, type PageLayout } from '@nolvex/core/layout/pageLayout'
import type { OverlayAtBands } from '@nolvex/core/markup/overlayHtml'
import { siteHtml, type SitePage } from '@nolvex/core/markup/siteHtml'
import { mapSheets } from '@nolvex/core/paint/mapSheets'
import { packSheets, type PackPage, type ToldNote } from '@nolvex/core/paint/packSheets'
import { pageNotes } from '@nolvex/core/paint/pageNotes'
import { pageInFinish } from '@nolvex/core/paint/pageInFinish'
import { pagePicture } from '@nolvex/core/paint/pagePicture'
import { pictureSvg } from '@nolvex/core/paint/pictureSvg'
import { plainFinish } from '@nolvex/core/paint/plainFinish'
import { overlaysShown } from '@nolvex/core/resolve/overlaysShown'
import type { PageNode } from '@nolvex/core/resolve/node'
import { pageSources } from '@nolvex/core/resolve/pageSources'
import { bandsOf, resolveAllBands, resolvePage, type Moment } from '@nolvex/core/resolve/resolvePage'
import { withAlpha } from '@nolvex/core/colour/spaces'
import { overlayAt, USUAL_VEIL } from '@nolvex/core/site/overlay'
import { pageAddresses, pathFromTitle } from '@nolvex/core/site/address'
import type { Band, Page, SiteDocument } from '@nolvex/core/site/site'
import { pagesInOrder } from '@nolvex/core/site/treeOrder'
import { isPlainStyle } from '@nolvex/core/style/plainStyle'
import type { StyleDocument } from '@nolvex/core/style/style'
import { usualEnvironment } from '@nolvex/core/units/environment'
import { withFallbacks } from '../fonts/fallbackFonts'
import { fontLibraryInUse, fontsInUse } from '../fonts/fontsInUse'
import { finishNamed, shownAs } from './finishes'
import { fontsShown } from './fontsShown'
import type { PackExport } from './jobModel'
import { paintableAddress } from './paintable'
import { picturesPdf } from './pdfPicture'
import { placeholderAddress } from './placeholderAddress'
import type { Progress } from './progress'
import { stylesFor } from './sheetFiles'
import { svgToPng } from './svgToPng'

/** A picture of a project with its bytes. */
export interface PackAsset {
  id: string
  type: string
  bytes: Uint8Array
}

/** Everything a pack is rendered from. */
export interface PackInput extends PackExport {
  title: string
  documents: Documents
  assets: PackAsset[]
}

/** Several pages as one file: their HTML with working links, pictures of them, or a PDF with its contents. */
export async function renderPack(input: PackInput, tell: Progress = () => {}): Promise<Uint8Array> {
  switch (input.file) {
    case 'html':
      return zipSync(filesIn(htmlFiles(input, tell)), { level: 6 })
    case 'pdf':
      return picturesPdf(await sheetsOf(input, tell), input.title)
    default:
      return zipSync(filesIn(await pictureFiles(input, tell)), { level: input.file === 'svg' ? 6 : 0 })
  }
}

/** Of the work on a pack, so much is laying pages out and painting them; the rest is writing files. */
const PAINTING = 0.7

/** A file of a pack: its path in the folder, and what is in it. */
export interface PackFile {
  path: string
  bytes: Uint8Array
}

const filesIn = (files: PackFile[]): Zippable =>
  Object.fromEntries(files.map(({ path, bytes }) => [path, bytes]))

/** The pages that are wanted and drawn, in the map's order. */
export function pagesDrawn({ documents, pages }: Pick<PackInput, 'documents' | 'pages'>): Page[] {
  const isDrawn = (id: string) => Object.keys(documents[id]?.records.blocks ?? {}).length > 0
  return pagesInOrder(siteIn(documents).records.pages)
    .map(({ page }) => page)
    .filter(({ id }) => isDrawn(id) && (pages.length === 0 || pages.includes(id)))
}

/** A page as it usually is, or in one of its own states. */
interface ShownPage {
  id: string
  page: Page
  title: string
  address: string
  moment: Moment
}

/** The pages that are wanted, each followed by what it is in its own states, which stand below its address. */
function pagesShown(input: Pick<PackInput, 'documents' | 'pages'>): ShownPage[] {
  const { records } = siteIn(input.documents)
  const addresses = pageAddresses(records.pages)
  return pagesDrawn(input).flatMap((page): ShownPage[] => {
    const title = page.title || 'Untitled'
    const address = addresses.get(page.id) ?? '/'
    const states = inOrder(Object.values(records.pageStates).filter((state) => state.page === page.id))
    return [
      { id: page.id, page, title, address, moment: {} },
      ...states.map(({ id, name }) => ({
        ...{ id, page, title: `${title}: ${name}`, moment: { pageState: id } },
        address: `${address.replace(/\/$/, '')}/state-${pathFromTitle(name) || 'own'}`,
      })),
    ]
  })
}

const siteIn = (documents: Documents) => documents.site as unknown as SiteDocument

const bandsWanted = ({ documents, bands }: PackInput): Band[] =>
  bandsOf(siteIn(documents)).inOrder.filter(({ id }) => bands.length === 0 || bands.includes(id))

const ENDINGS: Record<string, string> = {
  'image/png': 'png',
  'image/jpeg': 'jpg',
  'image/webp': 'webp',
  'image/svg+xml': 'svg',
  'application/pdf': 'pdf',
}
const pathOf = ({ id, type }: PackAsset) =>
  `${type.startsWith('image/') ? 'pictures' : 'files'}/${id}.${ENDINGS[type] ?? 'bin'}`

/** HTML of the pages, their style sheet, and the fonts and pictures they use, each once. */
export function htmlFiles(input: PackInput, tell: Progress = () => {}): PackFile[] {
  const { documents, assets } = input
  const site = siteIn(documents)
  const { inOrder: bands, lead } = bandsOf(site)
  const isGrey = input.finish === 'plain' && isPlainStyle(documents.style as unknown as StyleDocument)
  const wanted = pagesShown(input)
  const pages = wanted.map(({ id, page, title, address, moment }, index): SitePage => {
    tell((PAINTING * index) / wanted.length)
    const resolved = resolveAllBands(pageSources(documents, page.id), shownAs(input.finish), moment)
    const shown = (all: PageNode[]) => (isGrey ? all.map((one) => pageInFinish(one, plainFinish)) : all)
    const overlays = overlaysShown(resolved, Object.keys(site.records.overlays), (overlay) =>
      resolveAllBands(pageSources(documents, overlay), shownAs(input.finish)),
    )
    return {
      ...{ id, title, address, pages: shown(resolved) },
      overlays: [...overlays].map(([overlay, all]) => overlayAtBands(site, overlay, shown(all))),
    }
  })
  const used = new Map(assets.map((asset) => [asset.id, asset]))
  const picturePath = (picture: ShownPicture) => {
    const found = picture.asset === undefined ? undefined : used.get(picture.asset)
    return found ? pathOf(found) : placeholderAddress(picture)
  }
  const filePath = (asset: string) => {
    const found = used.get(asset)
    return found && pathOf(found)
  }
  const all = pages.flatMap((page) => [...page.pages, ...(page.overlays ?? []).flatMap((one) => one.pages)])
  const files = withFallbacks(all, fontsShown(all, namedFonts()))
  const fonts = files.map(({ family, weight, italic, fallback, name }) => {
    return { family, weight, italic, fallback, address: `fonts/${name}` }
  })
  const written = siteHtml({ bands, lead, language: 'en', fonts, picturePath, filePath, isGrey }, pages)
  const text = written.map((file) => file.text).join('')
  const shown = assets.filter((asset) => text.includes(pathOf(asset)))
  return [
    ...written.map((file) => ({ path: file.path, bytes: strToU8(file.text) })),
    ...files.map(({ name, bytes }) => ({ path: `fonts/${name}`, bytes })),
    ...shown.map((asset) => ({ path: pathOf(asset), bytes: asset.bytes })),
  ]
}

/** An overlay with where it stands at each band. */
function overlayAtBands(site: SiteDocument, id: string, pages: PageNode[]): OverlayAtBands {
  const record = site.records.overlays[id]
  const bands = bandsOf(site)
  const { colour, strength } = record.veil ?? USUAL_VEIL
  const places = bands.inOrder.map((band) => overlayAt(record, bands, band.id, Infinity))
  return { id, name: record.name, pages, places, veil: withAlpha(colour, strength) }
}

/** Fonts with the names of their files in a pack. */
const namedFonts = () =>
  fontsInUse().map((font, index) => {
    const family = font.family.normalize('NFKD').replace(/[^A-Za-z0-9]+/g, '') || 'Font'
    return { ...font, name: `${family}-${font.weight}${font.italic ? '-italic' : ''}-${index}.ttf` }
  })

/** Each page at each band as it is painted. */
async function paintedPages(input: PackInput, tell: Progress): Promise<PackPage[]> {
  const { documents, assets } = input
  const site = siteIn(documents)
  const library = fontLibraryInUse()
  const finish = finishNamed(input.finish)
  const data = new Map<string, string>()
  for (const { id, type, bytes } of assets)
    if (type.startsWith('image/')) data.set(id, await paintableAddress(type, bytes))
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
        pictureAddress: ({ asset }) => asset && data.get(asset),
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
