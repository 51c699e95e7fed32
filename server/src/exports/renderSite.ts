import { strToU8 } from 'fflate'
import type { ShownPicture } from '@nolvex/core/block/primitive'
import { withAlpha } from '@nolvex/core/colour/spaces'
import { creditsCsv } from '@nolvex/core/formats/creditsCsv'
import { PageLayouter } from '@nolvex/core/layout/pageLayout'
import { coveredAtTop } from '@nolvex/core/layout/sticking'
import { pictureSizes } from '@nolvex/core/layout/pictureSizes'
import type { OverlayAtBands } from '@nolvex/core/markup/overlayHtml'
import { siteHtml, type SitePage } from '@nolvex/core/markup/siteHtml'
import { pageInFinish } from '@nolvex/core/paint/pageInFinish'
import { plainFinish } from '@nolvex/core/paint/plainFinish'
import type { BlockNode, PageNode } from '@nolvex/core/resolve/node'
import { overlaysShown } from '@nolvex/core/resolve/overlaysShown'
import { pageSources } from '@nolvex/core/resolve/pageSources'
import type { Credit } from '@nolvex/core/site/credit'
import { bandsOf, resolveAllBands } from '@nolvex/core/resolve/resolvePage'
import { overlayAt, USUAL_VEIL } from '@nolvex/core/site/overlay'
import type { Band, SiteDocument } from '@nolvex/core/site/site'
import { isPlainStyle } from '@nolvex/core/style/plainStyle'
import type { StyleDocument } from '@nolvex/core/style/style'
import { hasDarkSet } from '@nolvex/core/style/token'
import { usualEnvironment } from '@nolvex/core/units/environment'
import { withFallbacks } from '../fonts/fallbackFonts'
import { fontLibraryInUse, fontsInUse } from '../fonts/fontsInUse'
import { shownAs } from './finishes'
import { fontsShown } from './fontsShown'
import { pagesShown, siteIn, type PackAsset, type PackFile, type PackInput } from './packPages'
import { pictureVariants, type Variants } from './pictureVariants'
import { placeholderAddress } from './placeholderAddress'
import type { Progress } from './progress'

/** Of the work on a site, so much is resolving its pages and making its pictures; of that so much the pages. */
const [PAINTING, PAGES] = [0.9, 0.3]

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
export async function htmlFiles(input: PackInput, tell: Progress = () => {}): Promise<PackFile[]> {
  const { documents, assets } = input
  const site = siteIn(documents)
  const { inOrder: bands, lead } = bandsOf(site)
  const style = documents.style as unknown as StyleDocument
  const isGrey = input.finish === 'plain' && isPlainStyle(style)
  const hasDark = !isGrey && hasDarkSet(style.records.tokens)
  const as = shownAs(input.finish)
  const wanted = pagesShown(input)
  const pages = wanted.map(({ id, page, title, address, moment }, index): SitePage => {
    tell((PAINTING * PAGES * index) / wanted.length)
    const sources = pageSources(documents, page.id)
    const resolved = resolveAllBands(sources, as, moment)
    const dark = hasDark ? resolveAllBands(sources, as, moment, 'dark') : undefined
    const shown = (all: PageNode[]) => (isGrey ? all.map((one) => pageInFinish(one, plainFinish)) : all)
    const overlays = overlaysShown(resolved, Object.keys(site.records.overlays), (overlay) =>
      resolveAllBands(pageSources(documents, overlay), as),
    )
    return {
      ...{ id, title, address, dark, pages: shown(resolved) },
      overlays: [...overlays].map(([overlay, all]) => ({
        ...overlayAtBands(site, overlay, shown(all)),
        dark: hasDark ? resolveAllBands(pageSources(documents, overlay), as, {}, 'dark') : undefined,
      })),
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
  const variants = input.responsive
    ? await pictureVariants(
        assets.filter(({ id, type }) => type.startsWith('image/') && isShownIn(all, id)),
        (share) => tell(PAINTING * (PAGES + (1 - PAGES) * share)),
      )
    : new Map<string, Variants>()
  const laid = laidOut(variants.size ? pages : pages.filter(hasStickingTop), bands)
  const sizes = new Map(variants.size ? [...laid].map(([id, atBands]) => [id, pictureSizes(atBands)]) : [])
  const pictureChoices = ({ key, content }: BlockNode, page: SitePage) => {
    const found = content.type === 'picture' && content.asset ? variants.get(content.asset) : undefined
    return found && { sizes: sizes.get(page.id)?.get(key) ?? '100vw', sources: found.sources }
  }
  const written = siteHtml(
    { bands, lead, language: 'en', fonts, picturePath, pictureChoices, filePath, isGrey },
    pages.map((page) => {
      const covered = laid.get(page.id)?.map(({ layout }) => coveredAtTop(layout)) ?? []
      return covered.some((px) => px > 0) ? { ...page, covered } : page
    }),
  )
  const text = written.map((file) => file.text).join('')
  const shown = assets.filter((asset) => text.includes(pathOf(asset)))
  return [
    ...written.map((file) => ({ path: file.path, bytes: strToU8(file.text) })),
    ...files.map(({ name, bytes }) => ({ path: `fonts/${name}`, bytes })),
    ...shown.map((asset) => ({ path: pathOf(asset), bytes: asset.bytes })),
    ...creditsFile(site, shown),
    ...[...variants.values()].flatMap((one) => one.files.filter(({ path }) => text.includes(path))),
  ]
}

/** Where the pictures and files that come along are from, as far as it was said. */
function creditsFile({ records }: SiteDocument, shown: PackAsset[]): PackFile[] {
  const said = shown.flatMap((asset) => {
    const credit = records.credits[asset.id] as Credit | undefined
    return credit ? [{ path: pathOf(asset), ...credit }] : []
  })
  return said.length ? [{ path: 'credits.csv', bytes: strToU8(creditsCsv(said)) }] : []
}

/** Whether a page shows a picture as a picture, and not only behind something. */
function isShownIn(pages: PageNode[], asset: string): boolean {
  const shows = ({ content, children }: BlockNode): boolean =>
    (content.type === 'picture' && content.asset === asset) || children.some(shows)
  return pages.some(({ children }) => children.some(shows))
}

/** Whether a section of a page keeps to the top of the window, at any band. */
const hasStickingTop = ({ pages }: SitePage) =>
  pages.some(({ children }) => children.some(({ place }) => place.sticky?.edge === 'top'))

/** Pages at each band, at the width it is drawn at, by their ids. */
function laidOut(pages: SitePage[], bands: Band[]) {
  const layouter = new PageLayouter(fontLibraryInUse())
  return new Map(
    pages.map((page) => {
      const atBands = bands.map((band, index) => {
        const environment = { ...usualEnvironment, viewportWidth: band.drawnAt }
        return { band, layout: layouter.layout(page.pages[index], environment) }
      })
      return [page.id, atBands]
    }),
  )
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
