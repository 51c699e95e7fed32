import createDOMPurify from 'dompurify'
import { JSDOM } from 'jsdom'
import { ImportError, textOfFile } from '@nolvex/core/formats/importedPages'
import { readXml } from '@nolvex/core/formats/xmlElements'
import { Problem } from '../http/problem'
import { MOST_PIXELS } from './checkPicture'

/** What an SVG may hold: elements, how deep they stand in one another, and attributes of one of them. */
export const SVG_LIMITS = { elements: 50_000, depth: 200, attributes: 200 }

const { window } = new JSDOM('')
const purifier = createDOMPurify(window)
const DATA_PICTURE = /^data:image\/(?:png|jpeg|webp);base64,/

purifier.addHook('uponSanitizeAttribute', (_node, data) => {
  const { attrName, attrValue } = data
  const isLink = /^(?:xlink:)?href$/i.test(attrName)
  if (isLink ? !attrValue.startsWith('#') && !DATA_PICTURE.test(attrValue) : namesOutside(attrValue))
    data.keepAttr = false
})

/** Whether a value names anything but parts of its own drawing; what CSS could read otherwise counts as such. */
function namesOutside(value: string): boolean {
  if (/\\|@import|image-set|(?:^|[^\w-])(?:src|image)\s*\(/i.test(value)) return true
  return [...value.matchAll(/url\s*\(\s*(["']?)(.?)/gi)].some(([, , first]) => first !== '#')
}

/**
 * An SVG without scripts, styles, links and whatever it would fetch.
 * @returns it as text, with its size in px
 * @throws Problem for entities, too much of anything, and what is no SVG
 */
export function cleanSvg(name: string, bytes: Buffer): { svg: string; width: number; height: number } {
  const text = checkedText(name, bytes)
  const clean = purifier.sanitize(text, {
    USE_PROFILES: { svg: true, svgFilters: true },
    NAMESPACE: 'http://www.w3.org/2000/svg',
    FORBID_TAGS: ['style', 'foreignObject', 'a', 'script'],
  })
  const root = new JSDOM(clean, { contentType: 'text/html' }).window.document.querySelector('svg')
  if (!root) throw new Problem(422, `“${name}” is no SVG that can be read.`)
  const box = root
    .getAttribute('viewBox')
    ?.trim()
    .split(/[\s,]+/)
    .map(Number)
  const width = Number.parseFloat(root.getAttribute('width') ?? '') || box?.[2] || 300
  const height = Number.parseFloat(root.getAttribute('height') ?? '') || box?.[3] || 150
  if (!(width > 0 && height > 0) || width * height > MOST_PIXELS)
    throw new Problem(422, `“${name}” has no usable size.`)
  root.setAttribute('xmlns', 'http://www.w3.org/2000/svg')
  root.setAttribute('width', String(width))
  root.setAttribute('height', String(height))
  const svg = new window.XMLSerializer().serializeToString(root)
  return { svg, width: Math.round(width), height: Math.round(height) }
}

/** The text of an SVG once it is known to be well-formed XML of reasonable size, without what stands before it. */
function checkedText(name: string, bytes: Buffer): string {
  try {
    const text = textOfFile(bytes)
    checkSize(name, text)
    return text.slice(startOfRoot(text))
  } catch (error) {
    if (!(error instanceof ImportError)) throw error
    throw new Problem(422, `“${name}” is a damaged SVG. ${error.message}`)
  }
}

function checkSize(name: string, text: string) {
  if (/<!ENTITY/i.test(text))
    throw new Problem(422, `“${name}” defines XML entities. Save it as plain SVG and try again.`)
  const tooMuch = (what: string) =>
    new Problem(422, `“${name}” has ${what}. Simplify it, or save it as PNG, and try again.`)
  let [count, depth] = [0, 0]
  readXml(text, {
    open(_element, attributes) {
      if (++count > SVG_LIMITS.elements)
        throw tooMuch(`more than ${SVG_LIMITS.elements.toLocaleString('en')} elements`)
      if (++depth > SVG_LIMITS.depth) throw tooMuch(`groups more than ${SVG_LIMITS.depth} deep`)
      const values = Object.values(attributes)
      if (values.length > SVG_LIMITS.attributes)
        throw tooMuch(`an element of more than ${SVG_LIMITS.attributes} attributes`)
    },
    close: () => void depth--,
  })
}

/** Where the outermost element begins: declarations, comments and the document type are passed over one by one. */
function startOfRoot(text: string): number {
  let at = 0
  for (;;) {
    at = text.indexOf('<', at)
    if (at < 0) return 0
    const ends = { '<?': '?>', '<!--': '-->', '<!': '>' }
    const kind = Object.entries(ends).find(([start]) => text.startsWith(start, at))
    if (!kind) return at
    const end = text.indexOf(kind[1], at)
    if (end < 0) return 0
    at = end + kind[1].length
  }
}
