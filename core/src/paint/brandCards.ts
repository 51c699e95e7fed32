import { inOrder } from '../document/tree'
import type { BrandMark, Mood } from '../style/brand'
import type { StyleDocument } from '../style/style'
import { pathMark, type Frame } from '../vector/mark'
import { HAIRLINE, SOFT, type Pen } from './sheetPen'

/** Address of a file of the brand that may be drawn; nothing where there is none. */
export type BrandAddress = (asset: string) => string | undefined

/** A card of a sheet: as large as `CARD`, drawn from its top left corner. */
export type DrawCard = (pen: Pen, at: { x: number; y: number }) => void

/** Points a card of the brand takes, with the room to its neighbours. */
export const BRAND_CARD = { width: 252, height: 196 }
const SHOWN = { width: 236, height: 128 }
const LIGHT = '#ffffff'
const DARK = '#17211e'

/** The logos with the room they need, artwork, and pictures of the mood with their colours: one card each. */
export function brandCards({ records }: Pick<StyleDocument, 'records'>, address: BrandAddress): DrawCard[] {
  const marks = inOrder(Object.values(records.marks ?? {}))
  const moods = inOrder(Object.values(records.moods ?? {}))
  return [
    ...marks.map(
      (mark): DrawCard =>
        (pen, at) =>
          drawMark(pen, mark, at, address),
    ),
    ...moods.map(
      (mood): DrawCard =>
        (pen, at) =>
          drawMood(pen, mood, at, address),
    ),
  ]
}

const USES: Record<BrandMark['use'], string> = {
  logo: 'Logo',
  favicon: 'Favicon',
  artwork: 'Artwork',
  picture: 'Picture',
}

function drawMark(pen: Pen, mark: BrandMark, { x, y }: { x: number; y: number }, address: BrandAddress) {
  const { use, ground = 'any', least, clear, file, source, licence } = mark
  const href = file.asset && address(file.asset)
  const isLogo = use === 'logo' || use === 'favicon'
  const grounds = isLogo && ground === 'any' ? [LIGHT, DARK] : [ground === 'dark' ? DARK : LIGHT]
  const width = SHOWN.width / grounds.length
  grounds.forEach((fill, index) => {
    const half = { x: x + index * width, y, width, height: SHOWN.height }
    pen.box(half, { fill, stroke: HAIRLINE })
    const placed = fitted(file, half, isLogo ? 0.56 : 0.92)
    if (href) pen.marks.push({ type: 'image', ...placed, href, fit: 'contain' })
    if (clear) pen.marks.push(around(placed, (clear / 100) * placed.height))
  })
  const rules = [
    ...(least ? [`at least ${least} px wide`] : []),
    ...(clear ? [`${clear} % of its height clear round it`] : []),
  ]
  drawWords(pen, x, y, mark.name, [[USES[use], ...rules].join(', '), ...origin(source, licence)])
}

/** As large as a picture stands in a part of a frame, in its middle. */
function fitted({ width, height }: { width: number; height: number }, frame: Frame, share: number): Frame {
  const scale = share * Math.min(frame.width / width, frame.height / height)
  const [w, h] = [width * scale, height * scale]
  return { x: frame.x + (frame.width - w) / 2, y: frame.y + (frame.height - h) / 2, width: w, height: h }
}

function around({ x, y, width, height }: Frame, by: number) {
  const d = `M${x - by} ${y - by}H${x + width + by}V${y + height + by}H${x - by}Z`
  return pathMark(d, { colour: '#b9770e', width: 0.6, dashes: [3, 2] })
}

const SWATCH = 14

function drawMood(pen: Pen, mood: Mood, { x, y }: { x: number; y: number }, address: BrandAddress) {
  const { file, colours = [], note = '', source, licence } = mood
  const href = file.asset && address(file.asset)
  const shown = { x, y, width: SHOWN.width, height: SHOWN.height - SWATCH }
  pen.box(shown, { fill: '#eceeea', stroke: HAIRLINE })
  if (href) {
    const clip = { type: 'rect' as const, ...shown }
    pen.marks.push({ type: 'group', clip, marks: [{ type: 'image', ...shown, href, fit: 'cover' }] })
  }
  const width = SHOWN.width / Math.max(1, colours.length)
  colours.forEach((fill, index) =>
    pen.box({ x: x + index * width, y: y + shown.height, width, height: SWATCH }, { fill }),
  )
  drawWords(pen, x, y, note || 'Mood', [colours.join(' '), ...origin(source, licence)])
}

const origin = (source?: string, licence?: string) => [
  [source && `from ${source}`, licence].filter(Boolean).join(', '),
]

function drawWords(pen: Pen, x: number, y: number, title: string, lines: string[]) {
  const top = y + SHOWN.height
  pen.text(x, top + 14, title, { size: 9.5, weight: 700 }, SHOWN.width)
  lines
    .filter(Boolean)
    .forEach((line, index) =>
      pen.text(x, top + 26 + index * 11, line, { size: 7.5, colour: SOFT }, SHOWN.width),
    )
}
