import type { BlockNode, NodeRun } from '../resolve/node'
import { escapeMarkup } from '../text/escapeMarkup'

export interface HtmlOptions {
  classes: Map<string, string>
  /** address of a picture: a data URI or a path beside the page */
  pictureAddress: (picture: NonNullable<BlockNode['picture']>) => string
  /** writes each block's id as `data-id` */
  withIds: boolean
}

/** A block and what stands in it as HTML. */
export function blockHtml(node: BlockNode, options: HtmlOptions): string {
  const attributes = [`class="${options.classes.get(node.id)}"`]
  if (options.withIds) attributes.push(`data-id="${node.id}"`)
  for (const [name, value] of Object.entries(node.attributes))
    attributes.push(`${name}="${escapeMarkup(value)}"`)
  if (node.picture) {
    const { alt, width, height } = node.picture
    const src = escapeMarkup(options.pictureAddress(node.picture))
    const size = `width="${Math.round(width)}" height="${Math.round(height)}"`
    return `<picture ${attributes.join(' ')}><img src="${src}" alt="${escapeMarkup(alt)}" ${size}></picture>`
  }
  const content = node.text ? textHtml(node.text.runs) : childrenHtml(node.children, options)
  return `<${node.tag} ${attributes.join(' ')}>${content}</${node.tag}>`
}

export function childrenHtml(children: BlockNode[], options: HtmlOptions): string {
  return children.map((child) => `\n${blockHtml(child, options)}`).join('') + (children.length ? '\n' : '')
}

/** Runs of text with their marks. An empty last line needs a second break to be seen, as an empty text needs one. */
export function textHtml(runs: NodeRun[]): string {
  const html = runs.map(runHtml).join('')
  const last = runs.at(-1)?.text
  return last === undefined || last.endsWith('\n') ? `${html}<br>` : html
}

const SAFE_LINK = /^(https?:|mailto:|tel:|\/|#|\.)/i

function runHtml({ text, bold, italic, small, link }: NodeRun): string {
  let html = escapeMarkup(text).replaceAll('\n', '<br>')
  if (small) html = `<small>${html}</small>`
  if (italic) html = `<em>${html}</em>`
  if (bold) html = `<strong>${html}</strong>`
  if (link && SAFE_LINK.test(link)) html = `<a href="${escapeMarkup(link)}">${html}</a>`
  return html
}
