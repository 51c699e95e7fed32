import type { ElementAttributes, ShownControl, ShownIcon, ShownPicture, ShownPiece } from '../block/primitive'
import type { BlockNode, NodeRun } from '../resolve/node'
import { htmlElement, lines, type Content, type Markup } from '../text/elementWriter'
import { isSafeLink } from '../text/safeAddress'

export interface HtmlOptions {
  classes: Map<string, string>
  /** address of a picture: a data URI or a path beside the page */
  pictureAddress: (picture: ShownPicture) => string
  /** the same picture in other sizes and types; none where it comes in one alone */
  pictureChoices?: (node: BlockNode) => PictureChoices | undefined
  /** writes each instance's key as `data-key` */
  withKeys: boolean
  isInForm?: boolean
  /** where a link leads from this page's file; nothing where it leads nowhere; as it says where this is not given */
  linkTo?: (href: string) => string | undefined
}

/** Pictures a browser may choose from by the room there is. */
export interface PictureChoices {
  /** how wide the picture is shown, as the attribute `sizes` says it */
  sizes: string
  /** each type with its files, the one a browser should take first, first; the last is the picture's own type */
  sources: { type: string; set: string }[]
}

/** An instance and what stands in it as HTML. */
export function blockHtml(node: BlockNode, options: HtmlOptions): Markup {
  const own = {
    class: options.classes.get(node.key),
    'data-key': options.withKeys ? node.key : undefined,
    // What scrolls can be scrolled by key only where the keys can go to it.
    tabindex: node.place.overflow === 'scroll' ? '0' : undefined,
    'data-supplied-by': node.told?.isLive ? 'developer' : undefined,
  }
  const attributes: ElementAttributes = { ...own, ...node.attributes }
  for (const name of ['href', 'action'] as const) {
    const leads = attributes[name]
    if (leads !== undefined && options.linkTo) attributes[name] = options.linkTo(leads)
  }
  // HTML has no form in a form: what would be one is part of the outer.
  const isForm = node.tag === 'form'
  const tag = isForm && options.isInForm ? 'div' : node.tag
  const inside = isForm ? { ...options, isInForm: true } : options
  return htmlElement(tag, tag === 'div' && isForm ? own : attributes, contentHtml(node, inside))
}

function contentHtml(node: BlockNode, options: HtmlOptions): Content {
  const { content, children } = node
  switch (content.type) {
    case 'blocks':
      return childrenHtml(children, options)
    case 'text':
      return textHtml(content.runs, options.linkTo)
    case 'picture':
      return pictureHtml(content, options, options.pictureChoices?.(node))
    case 'icon':
      return iconHtml(content)
    case 'control':
      return controlHtml(content)
    case 'piece':
      return pieceHtml(content)
    case 'shape':
      return ''
  }
}

function pictureHtml(
  picture: ShownPicture,
  { pictureAddress }: HtmlOptions,
  choices: PictureChoices | undefined,
): Content {
  const { alt, plays } = picture
  const address = pictureAddress(picture)
  if (plays === 'video') return htmlElement('video', { controls: '', poster: address, 'aria-label': alt })
  if (plays === 'sound') return htmlElement('audio', { controls: '', 'aria-label': alt })
  const [width, height] = [Math.round(picture.width), Math.round(picture.height)]
  if (!choices) return htmlElement('img', { src: address, alt, width, height })
  const { sizes, sources } = choices
  const own = sources.at(-1)?.set
  return [
    ...sources.slice(0, -1).map(({ type, set }) => htmlElement('source', { type, srcset: set, sizes })),
    htmlElement('img', { src: address, srcset: own, sizes, alt, width, height }),
  ]
}

/** An icon that only decorates is kept from those who would hear it. */
function iconHtml({ paths, alt }: ShownIcon): Markup {
  const heard = alt ? { role: 'img', 'aria-label': alt } : { 'aria-hidden': 'true' }
  const attributes = { viewBox: '0 0 24 24', focusable: 'false', ...heard }
  return htmlElement(
    'svg',
    attributes,
    paths.map((d) => htmlElement('path', { d })),
  )
}

/** A form that is stretched to its room, its line as thick as ever. */
function pieceHtml({ d, width, height }: ShownPiece): Markup {
  const attributes = {
    viewBox: `0 0 ${width} ${height}`,
    preserveAspectRatio: 'none',
    'aria-hidden': 'true',
    focusable: 'false',
  }
  return htmlElement('svg', attributes, htmlElement('path', { d, 'vector-effect': 'non-scaling-stroke' }))
}

function controlHtml({ control, shows, isHint, options = [] }: ShownControl): Content {
  if (control === 'area') return isHint ? '' : shows
  if (control !== 'select') return ''
  return options.map((option) => {
    const selected = option === shows && !isHint ? '' : undefined
    return htmlElement('option', { selected }, option)
  })
}

export function childrenHtml(children: BlockNode[], options: HtmlOptions): Content {
  return children.length ? [lines(children.map((child) => blockHtml(child, options))), '\n'] : ''
}

const BREAK = htmlElement('br', {})

/** Runs of text with their marks. An empty last line needs a second break to be seen, as an empty text needs one. */
export function textHtml(runs: NodeRun[], linkTo: HtmlOptions['linkTo'] = (href) => href): Content {
  const html = runs.map((run) => runHtml(run, linkTo))
  const last = runs.at(-1)?.text
  return last === undefined || last.endsWith('\n') ? [html, BREAK] : html
}

function runHtml(
  { text, bold, italic, small, link }: NodeRun,
  linkTo: (href: string) => string | undefined,
): Content {
  let html: Content = text.split('\n').flatMap((line, index): Content[] => (index ? [BREAK, line] : [line]))
  if (small) html = htmlElement('small', {}, html)
  if (italic) html = htmlElement('em', {}, html)
  if (bold) html = htmlElement('strong', {}, html)
  if (link && isSafeLink(link)) html = htmlElement('a', { href: linkTo(link) }, html)
  return html
}
