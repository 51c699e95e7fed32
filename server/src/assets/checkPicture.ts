import createDOMPurify from 'dompurify'
import { JSDOM } from 'jsdom'
import sharp from 'sharp'
import type { ProjectAsset } from '@nolvex/core/formats/projectFile'
import { Problem } from '../http/problem'

export const LARGEST_PICTURE = 25 * 1024 * 1024
const MOST_PIXELS = 50_000_000

export interface CheckedPicture {
  type: ProjectAsset['type']
  bytes: Buffer
  /** px */
  width: number
  height: number
}

const TYPES: Record<string, ProjectAsset['type']> = {
  png: 'image/png',
  jpeg: 'image/jpeg',
  webp: 'image/webp',
}

/**
 * Looks at what a file is, whatever it is called: a PNG, JPEG or WebP within limits, or an SVG, which is cleaned of
 * scripts and of everything it would fetch.
 * @throws Problem that names the picture and what to do
 */
export async function checkPicture(name: string, bytes: Buffer): Promise<CheckedPicture> {
  if (bytes.length === 0) throw new Problem(422, `“${name}” is empty.`)
  if (bytes.length > LARGEST_PICTURE)
    throw new Problem(413, `“${name}” is larger than 25 MB. Save it smaller and try again.`)
  return looksLikeSvg(bytes) ? cleanSvg(name, bytes) : checkPixels(name, bytes)
}

const looksLikeSvg = (bytes: Buffer) =>
  /^\s*(?:\uFEFF)?\s*(?:<\?xml|<!--|<!DOCTYPE svg|<svg)/i.test(bytes.subarray(0, 512).toString())

async function checkPixels(name: string, bytes: Buffer): Promise<CheckedPicture> {
  const metadata = await sharp(bytes, { limitInputPixels: false })
    .metadata()
    .catch(() => undefined)
  const type = TYPES[metadata?.format ?? '']
  if (!metadata || !type)
    throw new Problem(422, `“${name}” is no picture we know. Use PNG, JPEG, WebP or SVG.`)
  const { width, height } = metadata.autoOrient
  if (width * height > MOST_PIXELS) {
    throw new Problem(
      413,
      `“${name}” has more than 50 megapixels (${width} by ${height}). Save it smaller and try again.`,
    )
  }
  await sharp(bytes, { limitInputPixels: MOST_PIXELS, failOn: 'error' })
    .stats()
    .catch(() => {
      throw new Problem(422, `“${name}” is damaged: it cannot be read to its end.`)
    })
  return { type, bytes, width, height }
}

const { window } = new JSDOM('')
const purifier = createDOMPurify(window)
purifier.addHook('uponSanitizeAttribute', (_node, data) => {
  const isLink = /^(xlink:)?href$/i.test(data.attrName) || /url\s*\(/i.test(data.attrValue)
  const isInside =
    /^#/.test(data.attrValue) ||
    /^url\(\s*["']?#/.test(data.attrValue) ||
    /^data:image\/(png|jpeg|webp)/.test(data.attrValue)
  if (isLink && !isInside) data.keepAttr = false
})

function cleanSvg(name: string, bytes: Buffer): CheckedPicture {
  const text = bytes.toString('utf8')
  if (/<!ENTITY/i.test(text))
    throw new Problem(422, `“${name}” defines XML entities. Save it as plain SVG and try again.`)
  const clean = purifier.sanitize(text.replace(/<\?xml[^>]*\?>|<!DOCTYPE[^>]*>/gi, ''), {
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
  const cleaned = Buffer.from(new window.XMLSerializer().serializeToString(root))
  return { type: 'image/svg+xml', bytes: cleaned, width: Math.round(width), height: Math.round(height) }
}
