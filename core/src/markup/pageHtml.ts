import { classFromName } from './className'
import type { BlockNode, PageNode } from '../resolve/node'
import { childrenHtml } from './blockHtml'
import { escapeMarkup } from '../text/escapeMarkup'
import { blockRules, resetRules, type PageAtBands } from './stylesheet'

/** A font file the page brings along. */
export interface EmbeddedFont {
  family: string
  weight: number
  italic: boolean
  /** data URI or path beside the page */
  address: string
}

export interface PageHtmlOptions extends PageAtBands {
  title: string
  language: string
  fonts: EmbeddedFont[]
  pictureAddress: (picture: NonNullable<BlockNode['picture']>) => string
  withIds?: boolean
}

/** A page as one HTML document with its styles, for all bands. */
export function pageHtml(options: PageHtmlOptions): string {
  const { bands, lead, pages, title, language, fonts, pictureAddress, withIds = false } = options
  const page =
    pages[
      Math.max(
        0,
        bands.findIndex(({ id }) => id === lead),
      )
    ]
  const classes = classNames(page)
  return `<!doctype html>
<html lang="${escapeMarkup(language)}">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>${escapeMarkup(title)}</title>
<style>
${fonts.map(fontFace).join('')}${resetRules(page.rootSize, page.ground)}${blockRules({ bands, lead, pages }, classes)}
</style>
</head>
<body>${childrenHtml(page.children, { classes, pictureAddress, withIds })}</body>
</html>
`
}

function fontFace({ family, weight, italic, address }: EmbeddedFont): string {
  const style = italic ? 'italic' : 'normal'
  return `@font-face { font-family: ${JSON.stringify(family)}; font-weight: ${weight}; font-style: ${style}; src: url("${address}") }\n`
}

/** A class for each block: its name, with a number where two blocks share one. */
function classNames(page: PageNode): Map<string, string> {
  const classes = new Map<string, string>()
  const taken = new Set<string>()
  const walk = (nodes: BlockNode[]) => {
    for (const node of nodes) {
      const name = classFromName(node.name) || node.kind
      let free = name
      for (let count = 2; taken.has(free); count++) free = `${name}-${count}`
      taken.add(free)
      classes.set(node.id, free)
      walk(node.children)
    }
  }
  walk(page.children)
  return classes
}
