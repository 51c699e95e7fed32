import type { ShownPicture } from '../block/primitive'
import type { BlockNode, NodeRun } from '../resolve/node'
import { htmlElement, lines, type Content, type Markup } from '../text/elementWriter'
import { isSafeLink } from '../text/safeAddress'

export interface HtmlOptions {
  classes: Map<string, string>
  /** address of a picture: a data URI or a path beside the page */
  pictureAddress: (picture: ShownPicture) => string
  /** writes each instance's key as `data-key` */
  withKeys: boolean
}

/** An instance and what stands in it as HTML. */
export function blockHtml(node: BlockNode, options: HtmlOptions): Markup {
  const attributes = {
    class: options.classes.get(node.key),
    'data-key': options.withKeys ? node.key : undefined,
    ...node.attributes,
  }
  return htmlElement(node.tag, attributes, contentHtml(node, options))
}

function contentHtml({ content, children }: BlockNode, options: HtmlOptions): Content {
  switch (content.type) {
    case 'blocks':
      return childrenHtml(children, options)
    case 'text':
      return textHtml(content.runs)
    case 'picture':
      return pictureHtml(content, options)
    case 'shape':
      return ''
  }
}

function pictureHtml(picture: ShownPicture, { pictureAddress }: HtmlOptions): Markup {
  return htmlElement('img', {
    src: pictureAddress(picture),
    alt: picture.alt,
    width: Math.round(picture.width),
    height: Math.round(picture.height),
  })
}

export function childrenHtml(children: BlockNode[], options: HtmlOptions): Content {
  return children.length ? [lines(children.map((child) => blockHtml(child, options))), '\n'] : ''
}

const BREAK = htmlElement('br', {})

/** Runs of text with their marks. An empty last line needs a second break to be seen, as an empty text needs one. */
export function textHtml(runs: NodeRun[]): Content {
  const html = runs.map(runHtml)
  const last = runs.at(-1)?.text
  return last === undefined || last.endsWith('\n') ? [html, BREAK] : html
}

function runHtml({ text, bold, italic, small, link }: NodeRun): Content {
  let html: Content = text.split('\n').flatMap((line, index): Content[] => (index ? [BREAK, line] : [line]))
  if (small) html = htmlElement('small', {}, html)
  if (italic) html = htmlElement('em', {}, html)
  if (bold) html = htmlElement('strong', {}, html)
  if (link && isSafeLink(link)) html = htmlElement('a', { href: link }, html)
  return html
}
