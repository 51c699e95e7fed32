import { oneLine } from '@nolvex/core/review/built/drawnParts'
import type { PagePart } from '@nolvex/core/review/built/pagePart'
import type { OpenedPage } from '../found/layOutPage'

const PICTURES = new Set(['IMG', 'SVG', 'VIDEO', 'CANVAS', 'OBJECT'])
const CONTROLS = new Set(['INPUT', 'SELECT', 'TEXTAREA'])
/** parts of a page that are looked at at most */
const MOST = 5000

/** What one sees of a built page that is open: its texts, pictures, controls and grounds. */
export function readBuiltParts({ inside, view }: OpenedPage): PagePart[] {
  const parts: PagePart[] = []
  const visit = (element: Element, ground: string | undefined) => {
    if (parts.length >= MOST) return
    const style = view.getComputedStyle(element)
    if (style.display === 'none' || style.visibility !== 'visible') return
    const own = groundOf(style, ground)
    const part = partOf(element, style, own, view)
    if (part) parts.push({ ...part, key: `built ${parts.length}` })
    // What stands in a text is that text, and what stands in a picture that picture.
    if (part && part.kind !== 'box') return
    for (const child of element.children) visit(child, own)
  }
  const page = groundOf(view.getComputedStyle(inside.documentElement), '#ffffff')
  const ground = groundOf(view.getComputedStyle(inside.body), page)
  for (const child of inside.body.children) visit(child, ground)
  return parts
}

type Read = Omit<PagePart, 'key'>

function partOf(
  element: Element,
  style: CSSStyleDeclaration,
  ground: string | undefined,
  view: OpenedPage['view'],
): Read | undefined {
  const box = element.getBoundingClientRect()
  if (box.width < 1 || box.height < 1) return undefined
  const rect = { x: box.left + view.scrollX, y: box.top + view.scrollY, w: box.width, h: box.height }
  const marks = [...element.classList, ...(element.id ? [element.id] : [])]
  const tag = element.tagName.toUpperCase()
  const base = { name: marks[0] ?? tag.toLowerCase(), marks, ...rect }
  if (PICTURES.has(tag))
    return { ...base, kind: 'picture', words: oneLine(element.getAttribute('alt') ?? '') }
  if (CONTROLS.has(tag)) return { ...base, kind: 'control', words: shownIn(element) }
  const hasGround = style.backgroundColor !== 'rgba(0, 0, 0, 0)' || style.backgroundImage !== 'none'
  const hasEdge = ['Top', 'Right', 'Bottom', 'Left'].some(
    (side) => parseFloat(style[`border${side}Width` as 'borderTopWidth']) > 0,
  )
  if (!holdsWords(element)) {
    return hasGround || hasEdge
      ? { ...base, kind: 'box', words: oneLine(element.textContent), ground }
      : undefined
  }
  const font = {
    colour: hexOf(style.color),
    size: parseFloat(style.fontSize),
    weight: Number(style.fontWeight),
  }
  const words = oneLine(cased(element.textContent, style.textTransform))
  const isPressed = tag === 'BUTTON' || (tag === 'A' && (hasGround || hasEdge))
  if (isPressed) return { ...base, kind: 'button', words, ground, ...font }
  return { ...base, ...tightWords(element, style, rect, view), kind: 'text', words, ...font }
}

/** Whether words of its own stand in it, beside what inline elements say. */
const holdsWords = (element: Element): boolean =>
  [...element.childNodes].some(({ nodeType, nodeValue }) => nodeType === 3 && nodeValue?.trim())

/** As wide as its longest line, and as high as its lines are. */
function tightWords(
  element: Element,
  style: CSSStyleDeclaration,
  box: { y: number; h: number },
  view: OpenedPage['view'],
) {
  const range = element.ownerDocument.createRange()
  range.selectNodeContents(element)
  const lines = [...range.getClientRects()].filter(({ width }) => width > 0)
  const left = Math.min(...lines.map((line) => line.left))
  const right = Math.max(...lines.map((line) => line.right))
  const inset = (side: 'Top' | 'Bottom') =>
    parseFloat(style[`padding${side}`]) + parseFloat(style[`border${side}Width`])
  const h = box.h - inset('Top') - inset('Bottom')
  return { x: left + view.scrollX, w: right - left, y: box.y + inset('Top'), h }
}

function shownIn(element: Element): string {
  if (element.tagName === 'SELECT') {
    const { selectedOptions } = element as HTMLSelectElement
    return oneLine(selectedOptions[0]?.textContent ?? '')
  }
  return oneLine(element.getAttribute('value') ?? element.getAttribute('placeholder') ?? '')
}

function cased(words: string | null, transform: string): string {
  const text = words ?? ''
  return transform === 'uppercase'
    ? text.toUpperCase()
    : transform === 'lowercase'
      ? text.toLowerCase()
      : text
}

/** The colour something stands on; nothing over a picture or a gradient. */
function groundOf(style: CSSStyleDeclaration, behind: string | undefined): string | undefined {
  if (style.backgroundImage !== 'none') return undefined
  const [, , , alpha] = channelsOf(style.backgroundColor)
  if (alpha === 0) return behind
  return alpha === 1 ? hexOf(style.backgroundColor) : undefined
}

/** Browsers give computed colours of sRGB as rgb() or rgba(). */
function channelsOf(colour: string): [red: number, green: number, blue: number, alpha: number] {
  const [red = 0, green = 0, blue = 0, alpha = 1] = (colour.match(/[\d.]+/g) ?? []).map(Number)
  return [red, green, blue, alpha]
}

function hexOf(colour: string): string | undefined {
  if (!/^rgba?\(/.test(colour)) return undefined
  const hex = channelsOf(colour)
    .slice(0, 3)
    .map((channel) => Math.round(channel).toString(16).padStart(2, '0'))
  return `#${hex.join('')}`
}
