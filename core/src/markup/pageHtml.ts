import { fileAt } from '../block/target'
import type { ShownPicture } from '../block/primitive'
import { classFromName } from './className'
import type { BlockNode, PageNode } from '../resolve/node'
import { childrenHtml } from './blockHtml'
import { cssFallbackFace, cssFontFace, cssSheet, type Css } from '../text/cssWriter'
import type { FallbackFace } from '../text/fallbackFace'
import { htmlElement, htmlPage, htmlStyle, written } from '../text/elementWriter'
import { needsScript, PAGE_SCRIPT } from './pageScript'
import {
  backdropRule,
  blockRules,
  GREY_PICTURES,
  laterRules,
  resetRules,
  type PageAtBands,
} from './stylesheet'

/** A font file the page brings along. */
export interface EmbeddedFont {
  family: string
  weight: number
  italic: boolean
  /** data URI or path beside the page */
  address: string
  /** what stands in for it until it has come */
  fallback?: FallbackFace
}

/** Rules by which fonts come along, and what stands in for each until it is there. */
export const fontRules = (fonts: EmbeddedFont[]): Css[] =>
  fonts.flatMap((font) => [
    cssFontFace(font, font.address),
    ...(font.fallback ? [cssFallbackFace(font.fallback)] : []),
  ])

export interface PageHtmlOptions extends PageAtBands {
  title: string
  language: string
  fonts: EmbeddedFont[]
  pictureAddress: (picture: ShownPicture) => string
  withKeys?: boolean
  /** pictures in greys, as wireframes show them */
  isGrey?: boolean
}

/** A page as one HTML document with its styles, for all bands. */
export function pageHtml(options: PageHtmlOptions): string {
  const { bands, lead, pages, title, language, fonts, pictureAddress, withKeys = false, isGrey } = options
  const page =
    pages[
      Math.max(
        0,
        bands.findIndex(({ id }) => id === lead),
      )
    ]
  const classes = classNames(page)
  const sheet = cssSheet([
    ...fontRules(fonts),
    ...resetRules(page),
    ...(isGrey ? [GREY_PICTURES] : []),
    backdropRule(pages, pictureAddress),
    ...laterRules(pages),
    ...blockRules({ bands, lead, pages }, classes),
  ])
  const head = [htmlElement('title', {}, title), '\n', htmlStyle(sheet)]
  // A page by itself has no files beside it.
  const linkTo = (href: string) => (fileAt(href) === undefined ? href : undefined)
  const body = childrenHtml(page.children, { classes, pictureAddress, withKeys, linkTo })
  return written(htmlPage(language, head, needsScript(page.children) ? [body, PAGE_SCRIPT, '\n'] : body))
}

/** A class for each instance: its name, with a number where two share one. @param prefix what all begin with */
export function classNames(page: PageNode, prefix = ''): Map<string, string> {
  const classes = new Map<string, string>()
  const taken = new Set<string>()
  const walk = (nodes: BlockNode[]) => {
    for (const node of nodes) {
      const name = `${prefix}${classFromName(node.name) || node.tag}`
      let free = name
      for (let count = 2; taken.has(free); count++) free = `${name}-${count}`
      taken.add(free)
      classes.set(node.key, free)
      walk(node.children)
    }
  }
  walk(page.children)
  return classes
}
