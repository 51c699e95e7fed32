import type { ShownPicture } from '../block/primitive'
import { fileAt } from '../block/target'
import type { BlockNode, PageNode } from '../resolve/node'
import { pathFromTitle } from '../site/address'
import { cssBetween, cssRule, cssSheet, writtenCss, type Css } from '../text/cssWriter'
import { htmlElement, htmlPage, htmlStylesheet, written, type Content } from '../text/elementWriter'
import { childrenHtml, type HtmlOptions, type PictureChoices } from './blockHtml'
import { classNames, fontRules, type EmbeddedFont } from './pageHtml'
import { OVERLAY_RULES, overlayHtml, overlayRules, type OverlayAtBands } from './overlayHtml'
import { needsScript, PAGE_SCRIPT } from './pageScript'
import {
  backdropRule,
  blockRules,
  darkGround,
  darkRules,
  GREY_PICTURES,
  laterRules,
  resetRules,
  type MarkupBand,
} from './stylesheet'

/** A page of a site as it is resolved at each band, narrow to wide. */
export interface SitePage {
  id: string
  title: string
  /** from the root of the site: `/`, `/isles/orrel` */
  address: string
  pages: PageNode[]
  /** the same in the dark set, where there is one */
  dark?: PageNode[]
  /** shown over it by what stands on it, or on another of them */
  overlays?: OverlayAtBands[]
  /** px at the top of the window that parts which stay there cover, at each band; none where nothing stays */
  covered?: number[]
}

export interface SiteHtmlOptions {
  bands: MarkupBand[]
  lead: string
  language: string
  /** their addresses are paths from the root of the site */
  fonts: EmbeddedFont[]
  /** path of a picture from the root of the site */
  picturePath: (picture: ShownPicture) => string
  /** the same picture in other sizes and types, for the room it has on a page; paths from the root of the site */
  pictureChoices?: (node: BlockNode, page: SitePage) => PictureChoices | undefined
  /** path of a file from the root of the site, or nothing where it does not come along */
  filePath?: (asset: string) => string | undefined
  isGrey?: boolean
}

export interface SiteFile {
  /** from the root of the site */
  path: string
  text: string
}

const STYLES = 'styles.css'
const INDEX = 'index.html'

/**
 * Pages as files that lie as their addresses say, each an `index.html`, with one style sheet for all. Links between the
 * pages lead from file to file; those to pages that are not among them lead nowhere.
 */
export function siteHtml(options: SiteHtmlOptions, pages: SitePage[]): SiteFile[] {
  const { bands, lead, language, fonts, picturePath, filePath, isGrey } = options
  const folders = foldersOf(pages)
  const byAddress = new Map(pages.map(({ id, address }) => [address, folders.get(id) as string]))
  const leadIndex = Math.max(
    0,
    bands.findIndex(({ id }) => id === lead),
  )
  const rules = pages.map((page) => {
    const leading = page.pages[leadIndex]
    const prefix = `${folders.get(page.id)?.replaceAll('/', '-') || 'home'}-`
    const overlays = (page.overlays ?? []).map((overlay, index) => {
      const own = `${prefix}over-${index + 1}`
      const shown = overlay.pages[leadIndex]
      return { overlay, own, shown, classes: classNames(shown, `${own}-`) }
    })
    return { page, leading, prefix, classes: classNames(leading, prefix), overlays }
  })
  const files = rules.map(({ page, leading, prefix, classes, overlays }): SiteFile => {
    const folder = folders.get(page.id) as string
    const toRoot = '../'.repeat(folder ? folder.split('/').length : 0) || './'
    const inPage: Omit<HtmlOptions, 'classes'> = {
      withKeys: false,
      pictureAddress: (picture) => {
        const path = picturePath(picture)
        return path.startsWith('data:') ? path : `${toRoot}${path}`
      },
      pictureChoices: (node) => {
        const choices = options.pictureChoices?.(node, page)
        return choices && { ...choices, sources: choices.sources.map((one) => fromPage(one, toRoot)) }
      },
      linkTo: (href) => {
        const asset = fileAt(href)
        if (asset === undefined) return linkFrom(toRoot, byAddress, href)
        const path = filePath?.(asset)
        return path && `${toRoot}${path}`
      },
    }
    const body: Content = [
      childrenHtml(leading.children, { classes, ...inPage }),
      ...overlays.flatMap(({ overlay, own, shown, classes: inside }) => [
        overlayHtml(overlay, own, shown.children, { classes: inside, ...inPage }),
        '\n',
      ]),
    ]
    const head = [htmlElement('title', {}, page.title), '\n', htmlStylesheet(`${toRoot}${STYLES}`)]
    const shown = [leading, ...overlays.map((one) => one.shown)]
    const content = shown.some(({ children }) => needsScript(children)) ? [body, PAGE_SCRIPT, '\n'] : body
    return {
      path: joined(folder, INDEX),
      text: written(htmlPage(language, head, content, page.covered && coveredClass(prefix))),
    }
  })
  const [first] = rules
  const allPages = pages.flatMap((page) => [
    ...page.pages,
    ...(page.overlays ?? []).flatMap((one) => one.pages),
  ])
  const sheet = cssSheet([
    ...fontRules(fonts),
    ...(first ? resetRules(first.leading) : []),
    ...(first?.page.dark ? [darkGround(first.page.dark[leadIndex].ground)] : []),
    ...(isGrey ? [GREY_PICTURES] : []),
    backdropRule(allPages, picturePath),
    ...laterRules(allPages),
    ...(rules.some(({ overlays }) => overlays.length) ? [OVERLAY_RULES] : []),
    ...rules.flatMap(({ page, prefix, classes, overlays }) => [
      ...(page.covered ? coveredRules(bands, page.covered, coveredClass(prefix)) : []),
      ...blockRules({ bands, lead, pages: page.pages }, classes),
      ...(page.dark ? darkRules({ bands, lead, pages: page.pages }, page.dark, classes) : []),
      ...overlays.flatMap(({ overlay, own, classes: inside }) => [
        ...overlayRules(overlay, own, { bands, lead }),
        ...blockRules({ bands, lead, pages: overlay.pages }, inside),
        ...(overlay.dark ? darkRules({ bands, lead, pages: overlay.pages }, overlay.dark, inside) : []),
      ]),
    ]),
  ])
  return [...files, { path: STYLES, text: writtenCss(sheet) }]
}

const coveredClass = (prefix: string) => `${prefix}page`

/** What a link or the keys lead to comes to stand below what stays at the top. */
const coveredRules = (bands: MarkupBand[], covered: number[], name: string): Css[] =>
  bands.map(({ from }, index) =>
    cssBetween(from, bands.at(index + 1)?.from, [
      cssRule(`.${name}`, [['scroll-padding-top', `${Math.ceil(covered[index])}px`]]),
    ]),
  )

/** Files of a set by their paths from a page. */
const fromPage = ({ type, set }: PictureChoices['sources'][number], toRoot: string) => ({
  type,
  set: set
    .split(', ')
    .map((one) => `${toRoot}${one}`)
    .join(', '),
})

const joined = (folder: string, file: string) => (folder ? `${folder}/${file}` : file)

/** A folder for each page, from the root: what an address has that no folder can be called is taken out of it. */
function foldersOf(pages: SitePage[]): Map<string, string> {
  const folders = new Map<string, string>()
  const taken = new Set<string>()
  for (const { id, address } of pages) {
    const parts = address.split('/').filter(Boolean)
    const base = parts.map((part) => pathFromTitle(decoded(part)) || 'page').join('/')
    let free = base
    for (let count = 2; taken.has(free); count++) free = `${base || 'home'}-${count}`
    taken.add(free)
    folders.set(id, free)
  }
  return folders
}

function decoded(part: string): string {
  try {
    return decodeURIComponent(part)
  } catch {
    return part
  }
}

/** A link as it leads from a page's file; addresses on the site that no page here has lead nowhere. */
function linkFrom(toRoot: string, byAddress: Map<string, string>, href: string): string | undefined {
  if (!href.startsWith('/')) return href
  const [address, anchor] = href.split('#')
  const folder = byAddress.get(address)
  if (folder === undefined) return undefined
  return `${toRoot}${joined(folder, INDEX)}${anchor ? `#${anchor}` : ''}`
}
