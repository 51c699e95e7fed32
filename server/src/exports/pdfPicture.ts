import PdfDocument from 'pdfkit'
import { pictureSvg } from '@nolvex/core/paint/pictureSvg'
import {
  leafMarks,
  type Blend,
  type Group,
  type Hatch,
  type Image,
  type Mark,
  type Outline,
  type Paint,
  type Picture,
  type RadialGradient,
  type Shape,
  type Words,
} from '@nolvex/core/vector/mark'
import { roundedRectPath } from '@nolvex/core/vector/roundedRect'
import { fontsInUse } from '../fonts/fontsInUse'
import { svgToPng } from './svgToPng'

type Pdf = PDFKit.PDFDocument

/** What pdfkit keeps of a page, as far as groups need it: it has no calls of its own for them. */
interface PdfPage {
  content: PdfStream
  resources: PdfStream
  ext_gstates: Record<string, unknown>
  xobjects: Record<string, unknown>
  width: number
  height: number
}
interface PdfStream {
  end: () => void
}

/** Pixels for each unit of what is drawn as pixels: PDF has no filters. */
const FILTERED_SCALE = 2

/** Pictures as one PDF, a page each, with its fonts embedded; words stay words. */
export function picturesPdf(pictures: Picture[], title: string): Promise<Uint8Array> {
  const pdf = new PdfDocument({ autoFirstPage: false, info: { Title: title, Creator: 'Nolvex' } })
  for (const { family, weight, italic, path } of fontsInUse())
    pdf.registerFont(fontName(family, weight, italic), path)
  for (const { width, height, ground, marks } of pictures) {
    pdf.addPage({ size: [width, height], margin: 0 })
    pdf.rect(0, 0, width, height).fill(ground)
    for (const mark of marks) drawMark(pdf, mark)
  }
  return new Promise((resolve, reject) => {
    const chunks: Buffer[] = []
    pdf.on('data', (chunk: Buffer) => chunks.push(chunk))
    pdf.on('end', () => resolve(Buffer.concat(chunks)))
    pdf.on('error', reject)
    pdf.end()
  })
}

const fontName = (family: string, weight: number, italic: boolean) =>
  `${family} ${weight}${italic ? ' italic' : ''}`

function drawMark(pdf: Pdf, mark: Mark): void {
  switch (mark.type) {
    case 'group':
      return drawGroup(pdf, mark)
    case 'shape':
      return drawShape(pdf, mark)
    case 'words':
      return drawWords(pdf, mark)
    case 'image':
      return drawImage(pdf, mark)
  }
}

function drawGroup(pdf: Pdf, group: Group) {
  const { transform, clip, opacity = 1, filter, marks, blend, isApart } = group
  // A form that nothing is drawn in would be no stream.
  if (leafMarks(marks).length === 0) return
  pdf.save()
  if (transform) pdf.transform(...transform)
  if (filter) drawFiltered(pdf, group)
  else {
    if (clip) outlined(pdf, clip).clip(ruleOf(clip))
    const draw = () => marks.forEach((mark) => drawMark(pdf, mark))
    if (opacity < 1 || blend || isApart) drawTogether(pdf, { opacity, blend }, draw)
    else draw()
  }
  pdf.restore()
}

/**
 * Draws marks as one that is faded or mixed as a whole, and in which nothing mixes with what is outside.
 * @see ISO 32000-1, 11.6.6 (transparency group XObjects) and 11.3.5 (blend modes, which CSS has by the same names)
 */
function drawTogether(
  pdf: Pdf,
  { opacity, blend }: { opacity: number; blend: Group['blend'] },
  draw: () => void,
) {
  const page = pdf.page as unknown as PdfPage
  const { content } = page
  const name = `Group${Object.keys(page.xobjects).length + 1}`
  const form = pdf.ref({
    Type: 'XObject',
    Subtype: 'Form',
    // Groups are moved before they are drawn: what is in one may stand anywhere around its corner.
    BBox: [-page.width, -page.height, 2 * page.width, 2 * page.height],
    Group: { S: 'Transparency', I: true },
    Resources: page.resources,
  }) as unknown as PdfStream
  // Named before it is drawn, as groups in it are named after it.
  page.xobjects[name] = form
  page.content = form
  draw()
  page.content = content
  form.end()
  const BM = blend ? PDF_BLENDS[blend] : 'Normal'
  const state = pdf.ref({ ca: opacity, CA: opacity, BM }) as unknown as PdfStream
  state.end()
  page.ext_gstates[name] = state
  pdf.addContent(`/${name} gs /${name} Do`)
}

const PDF_BLENDS: Record<Blend, string> = {
  multiply: 'Multiply',
  screen: 'Screen',
  overlay: 'Overlay',
  darken: 'Darken',
  lighten: 'Lighten',
  'hard-light': 'HardLight',
  'soft-light': 'SoftLight',
}

/** A group that goes through filters is drawn as pixels. */
function drawFiltered(pdf: Pdf, group: Group) {
  const { x, y, width, height } = (group.filter as NonNullable<Group['filter']>).region
  const shown: Group = { ...group, transform: [1, 0, 0, 1, -x, -y] }
  const picture: Picture = { width, height, unit: 'px', title: '', ground: 'none', marks: [shown] }
  const png = svgToPng(pictureSvg(picture), picture, FILTERED_SCALE)
  pdf.image(Buffer.from(png), x, y, { width, height })
}

/** Begins an outline as the path that is filled, stroked or cut to next. */
function outlined(pdf: Pdf, outline: Outline): Pdf {
  if (outline.type === 'path') return pdf.path(outline.d)
  const { x, y, width, height, radius } = outline
  return radius?.some(Boolean) ? pdf.path(roundedRectPath(outline, radius)) : pdf.rect(x, y, width, height)
}

const ruleOf = (outline: Outline) =>
  outline.type === 'path' && outline.rule === 'evenodd' ? 'even-odd' : 'non-zero'

function drawShape(pdf: Pdf, { outline, fill, stroke }: Shape) {
  if (fill !== undefined) drawFill(pdf, outline, fill)
  if (!stroke) return
  const [dash, gap] = stroke.dashes ?? []
  pdf
    .save()
    .lineWidth(stroke.width)
    .strokeOpacity(stroke.opacity ?? 1)
  if (dash !== undefined) pdf.dash(dash, { space: gap })
  outlined(pdf, outline).stroke(stroke.colour)
  pdf.restore()
}

function drawFill(pdf: Pdf, outline: Outline, fill: Paint) {
  if (typeof fill === 'string') return void outlined(pdf, outline).fill(fill, ruleOf(outline))
  if (fill.type === 'hatch') return drawHatch(pdf, outline, fill)
  outlined(pdf, outline).fill(gradientOf(pdf, fill), ruleOf(outline))
}

function gradientOf(pdf: Pdf, fill: Exclude<Paint, string | Hatch>) {
  const gradient =
    fill.type === 'linear'
      ? pdf.linearGradient(fill.from.x, fill.from.y, fill.to.x, fill.to.y)
      : ellipse(pdf.radialGradient(0, 0, 0, 0, 0, 1), fill)
  for (const { at, colour, opacity } of fill.stops) gradient.stop(at, colour, opacity)
  return gradient
}

/** pdfkit draws circles; its types do not know that gradients can be moved and stretched. */
function ellipse<T>(gradient: T, { radius, centre }: RadialGradient): T {
  const moved = gradient as { setTransform: (...matrix: number[]) => void }
  moved.setTransform(radius.x, 0, 0, radius.y, centre.x, centre.y)
  return gradient
}

function drawHatch(pdf: Pdf, outline: Outline, { colour, width, step }: Hatch) {
  if (outline.type !== 'rect') return
  const { x, y, width: across, height } = outline
  pdf.save()
  outlined(pdf, outline).clip().lineWidth(width)
  for (let at = x - height; at < x + across; at += step) pdf.moveTo(at, y + height).lineTo(at + height, y)
  pdf.stroke(colour).restore()
}

const PLAIN_LETTERS: PDFKit.Mixins.OpenTypeFeatures[] = ['kern']

function drawWords(
  pdf: Pdf,
  { x, y, text, family, size, weight, italic = false, colour, spacing = 0 }: Words,
) {
  pdf
    .font(fontName(family, weight, italic))
    .fontSize(size)
    .fillColor(colour)
  // Letters set apart do not join.
  const apart = spacing ? { characterSpacing: spacing, features: PLAIN_LETTERS } : {}
  pdf.text(text, x, y, { baseline: 'alphabetic', lineBreak: false, ...apart })
}

/** A picture that travels along; PDF takes PNG and JPEG only. */
function drawImage(pdf: Pdf, { x, y, width, height, href, fit }: Image) {
  if (!/^data:image\/(?:png|jpeg);/.test(href)) return
  const size: [number, number] = [width, height]
  pdf.save().rect(x, y, width, height).clip()
  if (fit === 'stretch') pdf.image(href, x, y, { width, height })
  else pdf.image(href, x, y, { [fit === 'cover' ? 'cover' : 'fit']: size, align: 'center', valign: 'center' })
  pdf.restore()
}
