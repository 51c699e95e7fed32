import type { BlockEdges } from '@nolvex/core/grid/inferGrid'
import { fileNamed, type PageFiles } from './readPageFiles'
import { withoutFetching, withoutInlineStyles } from './withoutFetching'

/** A block of an opened page, px from its top left corner. */
export interface FoundBlock extends BlockEdges {
  top: number
  bottom: number
}

const MOST_ELEMENTS = 20_000
const PATIENCE = 4000
const REMOVED =
  'script, noscript, iframe, frame, object, embed, base, meta, link, style, template, audio, video, source'

/** A page that is open in a frame. */
export interface OpenedPage {
  inside: Document
  view: Window & typeof globalThis
}

/**
 * Lays a page out in a sandboxed frame, without scripts and without fetching anything, and reads where its blocks
 * stand. The frame stays in the page while it is looked at.
 * @throws an error for a page of too many elements
 */
export async function layOutPage(
  frame: HTMLIFrameElement,
  page: PageFiles,
  width: number,
): Promise<FoundBlock[]> {
  const { inside, view } = await openPage(frame, page, width)
  return blocksOf(inside, view)
}

/**
 * Opens a page in a sandboxed frame so wide, without scripts and without fetching anything.
 * @param fonts faces it is set in, which it may not fetch
 * @throws an error for a page of too many elements
 */
export async function openPage(
  frame: HTMLIFrameElement,
  page: PageFiles,
  width: number,
  fonts: (css: string[]) => PageFont[] = () => [],
): Promise<OpenedPage> {
  const { html, inline } = withoutInlineStyles(page.html)
  const parsed = new DOMParser().parseFromString(html, 'text/html')
  const count = parsed.querySelectorAll('*').length
  if (count > MOST_ELEMENTS)
    throw new Error(`The page has ${count} elements, more than ${MOST_ELEMENTS}. Save a smaller part of it.`)
  const sheets = stylesOf(parsed, inline, page)
  for (const element of parsed.querySelectorAll(REMOVED)) element.remove()
  const addresses = withOwnPictures(parsed, page)
  frame.style.width = `${width}px`
  const { contentDocument: inside, contentWindow } = frame
  if (!inside || !contentWindow) throw new Error('The page could not be opened. Try again.')
  const view = contentWindow as Window & typeof globalThis
  inside.replaceChild(inside.adoptNode(parsed.documentElement), inside.documentElement)
  inside.adoptedStyleSheets = sheets.map((css) => {
    const sheet = new view.CSSStyleSheet()
    sheet.replaceSync(asScripted(withoutFetching(css)))
    return sheet
  })
  await Promise.race([
    Promise.all([
      ...[...inside.images].map((image) => image.decode().catch(() => undefined)),
      ...fonts(sheets).map((font) => given(font, inside, view)),
    ]),
    new Promise((resolve) => setTimeout(resolve, PATIENCE)),
  ])
  for (const address of addresses) URL.revokeObjectURL(address)
  return { inside, view }
}

/** Nothing runs here; what a page shows to those without scripts few ever see. @see Media Queries 5, section 8.1 */
const asScripted = (css: string): string =>
  css
    .replace(/\(\s{0,9}scripting\s{0,9}:\s{0,9}none\s{0,9}\)/gi, '(width < 0px)')
    .replace(/\(\s{0,9}scripting(?:\s{0,9}:\s{0,9}enabled)?\s{0,9}\)/gi, '(width >= 0px)')

/** A font that came along with a page, or ships with the application. */
export interface PageFont {
  family: string
  weight: string
  style: string
  bytes: Uint8Array
}

/** Has the page use a font. One that cannot be read is left out, as browsers do. */
async function given({ family, weight, style, bytes }: PageFont, inside: Document, view: OpenedPage['view']) {
  const face = new view.FontFace(family, bytes as BufferSource, { weight, style })
  try {
    inside.fonts.add(await face.load())
  } catch {
    // The next family of the page's list is shown.
  }
}

/** All CSS of a page in its order. */
function stylesOf(parsed: Document, inline: string[], page: PageFiles): string[] {
  return [...parsed.querySelectorAll('link[rel~="stylesheet" i]')].map((element) => {
    const index = element.getAttribute('data-inline')
    if (index !== null) return inline[Number(index)] ?? ''
    const file = fileNamed(page, element.getAttribute('href') ?? '')
    return file ? new TextDecoder().decode(file) : ''
  })
}

/** Gives pictures that came along an address of their own; others keep only their size. */
function withOwnPictures(parsed: Document, page: PageFiles): string[] {
  const addresses: string[] = []
  for (const element of parsed.querySelectorAll('*'))
    for (const { name, value } of [...element.attributes]) {
      const fetches = ['src', 'srcset', 'poster', 'background', 'data', 'href', 'xlink:href'].includes(name)
      if (name.startsWith('on') || name === 'srcset') element.removeAttribute(name)
      else if (name === 'style') element.setAttribute('style', withoutFetching(value))
      else if (fetches && !value.startsWith('data:image/')) {
        const file = name === 'src' ? fileNamed(page, value) : undefined
        if (!file) element.removeAttribute(name)
        else {
          const type = /\.svg$/i.test(value) ? { type: 'image/svg+xml' } : {}
          const address = URL.createObjectURL(new Blob([file as BlobPart], type))
          addresses.push(address)
          element.setAttribute(name, address)
        }
      }
    }
  return addresses
}

const REPLACED = new Set([
  'IMG',
  'PICTURE',
  'SVG',
  'CANVAS',
  'INPUT',
  'SELECT',
  'TEXTAREA',
  'BUTTON',
  'HR',
  'TABLE',
])

/** Blocks one sees: what holds text, is replaced, or has a ground or an edge of its own. */
function blocksOf(inside: Document, view: Window & typeof globalThis): FoundBlock[] {
  const found = new Map<string, FoundBlock>()
  for (const element of inside.body.querySelectorAll('*')) {
    const style = view.getComputedStyle(element)
    if (style.display.startsWith('inline') || style.display === 'none' || style.visibility !== 'visible')
      continue
    const { left, right, top, bottom } = element.getBoundingClientRect()
    if (right - left < 16 || bottom - top < 6 || !isSeen(element, style)) continue
    const block = { left, right, top, bottom }
    const key = Object.values(block)
      .map((px) => Math.round(px))
      .join(' ')
    found.set(key, block)
  }
  return [...found.values()]
}

function isSeen(element: Element, style: CSSStyleDeclaration): boolean {
  if (REPLACED.has(element.tagName.toUpperCase())) return true
  const holdsText = [...element.childNodes].some(
    ({ nodeType, nodeValue }) => nodeType === 3 && nodeValue?.trim(),
  )
  const hasGround = style.backgroundColor !== 'rgba(0, 0, 0, 0)' || style.backgroundImage !== 'none'
  const hasEdge = [style.borderLeftWidth, style.borderTopWidth].some((width) => parseFloat(width) > 0)
  // Links stand where the words before them end, on no grid.
  const isWords = element.tagName === 'A'
  return (holdsText && !isWords) || hasGround || hasEdge
}
