import type { FallbackFace } from './fallbackFace'
import { isOwnAddress } from './safeAddress'

const TEXT = Symbol('css')

/** CSS written by this file: no value in it can end its declaration, its rule or the style element it stands in. */
export interface Css {
  readonly [TEXT]: string
}

const sealed = (text: string): Css => ({ [TEXT]: text })

/** CSS as text, at the end of writing. */
export const writtenCss = (css: Css): string => css[TEXT]

const UNSAFE_IN_STRING = /["\\<>\p{Cc}\p{Surrogate}]/gu
const REPLACED = /[\0\p{Surrogate}]/u

/**
 * Text as a CSS string in double quotes. Signs that could end it, or the style element around it, are written by number.
 * @see CSS Syntax Level 3, section 4.3.7: an escape is a backslash, up to six hexadecimal digits and a space
 */
export function cssString(text: string): string {
  const byNumber = (sign: string) =>
    REPLACED.test(sign) ? '\uFFFD' : `\\${sign.charCodeAt(0).toString(16)} `
  return `"${text.replace(UNSAFE_IN_STRING, byNumber)}"`
}

const STRING = /"(?:[^"\\<\n]|\\[\da-f]{1,6} )*"/gi
const PLAIN = /^[\w\s.,%#()+*/-]*$/
const LOADS = /(?:url|src|image|image-set|cross-fade|element|expression)\s*\(|\/[/*]/i

/** Whether a value is made of words, numbers, functions that load nothing, and strings as written above. */
function isSafeValue(value: string): boolean {
  const bare = value.replace(STRING, '')
  return PLAIN.test(bare) && !LOADS.test(bare) && isBalanced(bare)
}

function isBalanced(text: string): boolean {
  let open = 0
  for (const sign of text) {
    if (sign === '(') open++
    else if (sign === ')' && --open < 0) return false
  }
  return open === 0
}

const PROPERTY = /^(?:--?)?[a-z][a-z\d-]*$/
const CLASS = /^\.?[a-z][\w-]*$/i

/** States of elements, as selectors ask for them; in the order in which one is stronger than the other. */
export const CSS_STATES = {
  empty: ':placeholder-shown',
  open: ':is([open], [aria-expanded=true])',
  chosen: ':is([aria-selected=true], [aria-current], :checked, [data-chosen]:not([aria-selected=false]))',
  hover: ':hover',
  focus: ':focus-visible',
  pressed: ':active',
  wrong: '[aria-invalid=true]',
  loading: '[aria-busy=true]',
  disabled: ':is(:disabled, [aria-disabled=true])',
} as const
export type CssState = keyof typeof CSS_STATES

/** The selector of a class in a state, or of one that stands in it. */
export const cssInState = (of: string, state: CssState, inside?: string): string =>
  `${of}${CSS_STATES[state]}${inside === undefined ? '' : ` ${inside}`}`

/** Whether a selector is a class or an element, perhaps in a state, perhaps within another. */
function isSelector(selector: string): boolean {
  const bare = Object.values(CSS_STATES).reduce((left, state) => left.replaceAll(state, ''), selector)
  return bare.split(' ').every((one) => CLASS.test(one))
}

/**
 * A rule for a class or an element, or for several. A declaration whose value is not what CSS of ours is made of is left
 * out.
 * @throws Error for a selector or property that is none
 */
export function cssRule(selectors: string | string[], declarations: Iterable<[string, string]>): Css {
  const all = [selectors].flat()
  const wrong = all.find((selector) => !isSelector(selector))
  if (wrong !== undefined) throw new Error(`“${wrong}” is no class or element`)
  const parts: string[] = []
  for (const [property, value] of declarations) {
    if (!PROPERTY.test(property)) throw new Error(`“${property}” is no property`)
    if (isSafeValue(value)) parts.push(`${property}: ${value}`)
  }
  return sealed(parts.length ? `${all.join(', ')} { ${parts.join('; ')} }` : '')
}

/** A font that travels with the page. Nothing where its address is not one of our own. */
export function cssFontFace(
  { family, weight, italic }: { family: string; weight: number; italic: boolean },
  address: string,
): Css {
  if (!isOwnAddress(address)) return sealed('')
  const style = italic ? 'italic' : 'normal'
  return sealed(
    `@font-face { font-family: ${cssString(family)}; font-weight: ${Number(weight)}; font-style: ${style}; src: url("${address}") }`,
  )
}

/** Pictures a page's rules name, each as a property of the root. Those whose addresses are not our own are left out. */
export function cssPictures(addresses: Map<string, string>): Css {
  const properties = [...addresses].filter(
    ([property, address]) => PROPERTY.test(property) && isOwnAddress(address),
  )
  const declared = properties.map(([property, address]) => `${property}: url("${address}")`)
  return sealed(declared.length ? `html { ${declared.join('; ')} }` : '')
}

const percent = (share: number) => `${Number((share * 100).toFixed(2))}%`

/** A face of the visitor's computer under another name, scaled so that it takes the room of another. */
export function cssFallbackFace(face: FallbackFace): Css {
  const values = [
    `font-family: ${cssString(face.family)}`,
    `font-weight: ${Number(face.weight)}`,
    `font-style: ${face.italic ? 'italic' : 'normal'}`,
    `src: ${face.local.map((name) => `local(${cssString(name)})`).join(', ')}`,
    `size-adjust: ${percent(face.sizeAdjust)}`,
    `ascent-override: ${percent(face.ascent)}`,
    `descent-override: ${percent(face.descent)}`,
    `line-gap-override: ${percent(face.lineGap)}`,
  ]
  return sealed(`@font-face { ${values.join('; ')} }`)
}

/** Rules for page widths on one side of a breakpoint, px. */
export function cssAtWidth(side: '<' | '>=', px: number, rules: Css[]): Css {
  const inside = writtenCss(cssSheet(rules))
  return sealed(inside && `@media (width ${side} ${Number(px)}px) {\n${inside}}`)
}

/** Rules for page widths from one breakpoint to the next, px; to the widest where there is none. */
export function cssBetween(from: number, until: number | undefined, rules: Css[]): Css {
  const inside = writtenCss(cssSheet(rules))
  const most = until === undefined ? '' : ` and (width < ${Number(until)}px)`
  return sealed(inside && `@media (width >= ${Number(from)}px)${most} {\n${inside}}`)
}

/** Rules for visitors who prefer dark colours. */
export function cssInDark(rules: Css[]): Css {
  const inside = writtenCss(cssSheet(rules))
  return sealed(inside && `@media (prefers-color-scheme: dark) {\n${inside}}`)
}

/** Rules one below another. */
export function cssSheet(rules: Css[]): Css {
  const filled = rules.map(writtenCss).filter(Boolean)
  return sealed(filled.map((rule) => `${rule.trimEnd()}\n`).join(''))
}

/** CSS that stands in the code itself; nothing from a project may be put into it. */
export function fixedCss(css: TemplateStringsArray): Css {
  return sealed(css[0])
}

/** Words no comment can be left by. */
export const cssComment = (words: string): string =>
  `/* ${words
    .replace(/[*/\\<>]+/g, ' ')
    .replace(/\s+/g, ' ')
    .trim()} */`
