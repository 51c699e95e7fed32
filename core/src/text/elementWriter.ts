import { writtenCss, type Css } from './cssWriter'
import { escapeMarkup } from './escapeMarkup'
import { isOwnAddress, isSafeLink } from './safeAddress'

const TEXT = Symbol('markup')

/** Markup written by this file: text in it is escaped, so nothing in it can be taken for an element. */
export interface Markup {
  readonly [TEXT]: string
}

/** What stands in an element: text, which is escaped, and markup. */
export type Content = string | Markup | Content[]
export type Attributes = Record<string, string | number | undefined>

export const SVG_NAMESPACE = 'http://www.w3.org/2000/svg'

const NAME = /^[a-z][\w:.-]*$/i
const NEVER = /^(?:script|iframe|object|embed|base|link|meta)$/i
/** Attributes a browser loads something from at once, and those it only leads to. */
const LOADS = /^(?:src|href|xlink:href|poster|data|action)$/i
/** HTML elements without an end tag (HTML Living Standard, 13.1.2, void elements). */
const VOID = new Set(['area', 'br', 'col', 'hr', 'img', 'input', 'meta', 'source', 'track', 'wbr'])

const sealed = (text: string): Markup => ({ [TEXT]: text })

/** Markup as text, at the end of writing. */
export const written = (markup: Markup): string => markup[TEXT]

/**
 * An HTML element. Attributes without a value are left out, as are addresses that could run or fetch something.
 * @throws Error for a name no page of ours has, handlers among them
 */
export function htmlElement(name: string, attributes: Attributes, content: Content = ''): Markup {
  const start = `<${checked(name)}${attributesText(name, attributes)}>`
  return sealed(VOID.has(name) ? start : `${start}${contentText(content)}</${name}>`)
}

/** An XML element, SVG included; one without content is closed in itself. */
export function xmlElement(name: string, attributes: Attributes, content: Content = ''): Markup {
  const inside = contentText(content)
  const start = `<${checked(name)}${attributesText(name, attributes)}`
  return sealed(inside ? `${start}>${inside}</${name}>` : `${start}/>`)
}

/** A link to keep a file that travels along in the page itself, by its name. Nothing where it does not. */
export function htmlDownload(name: string, address: string, content: Content): Markup {
  if (!isOwnAddress(address)) return sealed('')
  return sealed(
    `<a download="${escapeMarkup(name)}" href="${escapeMarkup(address)}">${contentText(content)}</a>`,
  )
}

/** The style element of an HTML page. Rules come from the CSS writer, which writes nothing that could end it. */
export const htmlStyle = (css: Css): Markup => sealed(`<style>\n${writtenCss(css)}</style>`)

/** A script that stands in the code itself; nothing from a project may be put into it. It runs when the page is read. */
export const fixedScript = (script: TemplateStringsArray): Markup =>
  sealed(`<script type="module">${script[0]}</script>`)

/** The link to a style sheet beside the page. @throws Error for an address that is not one of our own */
export function htmlStylesheet(path: string): Markup {
  if (!isOwnAddress(path)) throw new Error(`“${path}” is no style sheet of ours`)
  return sealed(`<link rel="stylesheet" href="${escapeMarkup(path)}">`)
}

/** The style element of an SVG, where CSS is text like any other. */
export const svgStyle = (css: Css): Content =>
  writtenCss(css) ? xmlElement('style', {}, writtenCss(css)) : ''

/** An HTML page: its type, what its head holds and its body. Character set and viewport are as every page has them. */
export function htmlPage(language: string, head: Content, body: Content, className?: string): Markup {
  const always =
    '<meta charset="utf-8">\n<meta name="viewport" content="width=device-width, initial-scale=1">\n'
  const rest = `<head>\n${always}${contentText(head)}\n</head>\n<body>${contentText(body)}</body>`
  const named = className === undefined ? '' : ` class="${escapeMarkup(className)}"`
  return sealed(`<!doctype html>\n<html lang="${escapeMarkup(language)}"${named}>\n${rest}\n</html>\n`)
}

/** An XML file: its declaration and its outermost element. */
export const xmlFile = (root: Markup): string => `<?xml version="1.0" encoding="UTF-8"?>\n${written(root)}\n`

/** Content parted by line breaks, each element on a line of its own. */
export const lines = (content: Content[]): Content => content.flatMap((one) => ['\n', one])

function checked(name: string): string {
  if (!NAME.test(name) || NEVER.test(name)) throw new Error(`“${name}” is no element a page of ours has`)
  return name
}

function attributesText(element: string, attributes: Attributes): string {
  let text = ''
  for (const [name, value] of Object.entries(attributes)) {
    if (value === undefined || (LOADS.test(name) && !mayLead(element, String(value)))) continue
    if (name === 'srcset' && !isOwnSet(String(value))) continue
    if (!NAME.test(name) || /^on/i.test(name) || (name === 'style' && !MIXING.test(String(value))))
      throw new Error(`“${name}” is no attribute a page of ours has`)
    text += ` ${name}="${escapeMarkup(String(value))}"`
  }
  return text
}

/** The only styles elements have of their own: SVG knows how colours mix by no attribute. */
const MIXING = /^(?:isolation:isolate|mix-blend-mode:[a-z-]+)$/

/** Pictures to choose from: each an address of our own with its width, as in `a.webp 480w`. */
const isOwnSet = (set: string) =>
  set.split(', ').every((one) => /^\S+ \d+w$/.test(one) && isOwnAddress(one.split(' ', 1)[0]))

const mayLead = (element: string, address: string) =>
  element === 'a' || element === 'form' ? isSafeLink(address) : isOwnAddress(address)

function contentText(content: Content): string {
  if (typeof content === 'string') return escapeMarkup(content)
  return Array.isArray(content) ? content.map(contentText).join('') : content[TEXT]
}
