import { alphaOf, opaque } from '../colour/spaces'
import { writeColour } from '../colour/writeColour'
import { inOrder } from '../document/tree'
import { samplePage } from '../draft/samplePage'
import { PageLayouter } from '../layout/pageLayout'
import { atBand, bandsOf, resolvePage } from '../resolve/resolvePage'
import { StyleTokens } from '../resolve/styleTokens'
import type { SiteDocument } from '../site/site'
import type { Level } from '../style/level'
import type { StyleDocument } from '../style/style'
import { tokenColour, type ColourToken, type LengthToken, type ShadowToken, type Token } from '../style/token'
import type { FontLibrary } from '../text/fontLibrary'
import { rootFontSize, toPx, usualEnvironment, type Environment } from '../units/environment'
import { fluidPx, isFluid } from '../units/fluidLength'
import { cssLength } from '../units/length'
import { rectMark, type Mark, type Picture } from '../vector/mark'
import { BRAND_CARD, brandCards, type BrandAddress, type DrawCard } from './brandCards'
import { finishedFinish } from './finishedFinish'
import { PagePainter } from './pagePainter'
import { PAPERS, type PaperName } from './paper'
import { sheetPicture } from './sheet'
import { HAIRLINE, Pen, SOFT, type Room } from './sheetPen'

export interface GuideSheetOptions {
  paper: PaperName
  title: string
  /** printed in the foot, ISO 8601 */
  date: string
  /** by whom it was approved */
  approved?: { by: string[]; changedSince: boolean }
  /** where files of the brand and of parts are; without, they are left out */
  fileAddress?: BrandAddress
}

/** What sheets of a guide are drawn from. */
export interface GuideSources {
  style: StyleDocument
  site: SiteDocument
}

const MARGIN = 32
const HEAD = 46

/**
 * A style guide on sheets of paper: colours with their values, type levels set in themselves, gaps, corners and shadows, and
 * parts on a page of samples. Lengths in points.
 */
export function guideSheets(
  sources: GuideSources,
  library: FontLibrary,
  options: GuideSheetOptions,
): Picture[] {
  const paper = PAPERS[options.paper]
  const room: Room = {
    x: MARGIN,
    y: MARGIN + HEAD,
    width: paper.width - 2 * MARGIN,
    height: paper.height - 2 * MARGIN - HEAD - 12,
  }
  const sheet = (name: string, draw: (pen: Pen) => void): Picture => {
    const pen = new Pen(library)
    pen.text(MARGIN, MARGIN + 12, `${options.title}: ${name}`, { size: 17, weight: 700 })
    pen.text(MARGIN, MARGIN + 28, approvalWords(options), { size: 9, colour: SOFT }, room.width)
    draw(pen)
    pen.text(MARGIN, paper.height - MARGIN + 8, options.date, { size: 8, colour: SOFT })
    return sheetPicture(paper, `${options.title}: ${name}`, pen.marks)
  }
  const { fileAddress = () => undefined } = options
  return [
    ...colourSheets(sources, room, sheet),
    sheet('type', (pen) => drawLevels(pen, sources, library, room)),
    sheet('space, corners and shadows', (pen) => drawMeasures(pen, sources, room)),
    sheet('parts', (pen) => pen.marks.push(...partsMarks(sources, library, room, fileAddress))),
    ...cardSheets('mark and mood', brandCards(sources.style, fileAddress), BRAND_CARD, room, sheet),
  ]
}

function approvalWords({ approved }: GuideSheetOptions): string {
  if (!approved) return 'Style guide. Not approved yet.'
  const since = approved.changedSince ? ' It has changed since.' : ''
  return `Style guide. Approved by ${approved.by.join(', ')} (unverified).${since}`
}

const CARD = { width: 172, height: 74 }

type MakeSheet = (name: string, draw: (pen: Pen) => void) => Picture

/** Each colour with its values in both sets. */
function colourSheets({ style }: GuideSources, room: Room, sheet: MakeSheet): Picture[] {
  const { tokens } = style.records
  const colours = inOrder(Object.values(tokens)).filter((one): one is ColourToken => one.type === 'colour')
  const none: DrawCard = (pen, { x, y }) => pen.text(x, y + 12, 'There are no colours yet.', { size: 10 })
  const cards = colours.map(
    (token): DrawCard =>
      (pen, at) =>
        drawColour(pen, tokens, token, at),
  )
  return cardSheets('colours', cards.length ? cards : [none], CARD, room, sheet)
}

/** Cards of one size beside and below one another, on as many sheets as they need. */
function cardSheets(
  name: string,
  cards: DrawCard[],
  { width, height }: { width: number; height: number },
  room: Room,
  sheet: MakeSheet,
): Picture[] {
  const across = Math.max(1, Math.floor(room.width / width))
  const perSheet = across * Math.max(1, Math.floor(room.height / height))
  const count = Math.ceil(cards.length / perSheet)
  return Array.from({ length: count }, (_, at) =>
    sheet(count > 1 ? `${name} ${at + 1} of ${count}` : name, (pen) =>
      cards.slice(at * perSheet, (at + 1) * perSheet).forEach((draw, index) =>
        draw(pen, {
          x: room.x + (index % across) * width,
          y: room.y + Math.floor(index / across) * height,
        }),
      ),
    ),
  )
}

function drawColour(
  pen: Pen,
  tokens: Record<string, Token>,
  token: ColourToken,
  { x, y }: { x: number; y: number },
) {
  const [light, dark] = (['light', 'dark'] as const).map((set) => tokenColour(tokens, token.id, set))
  const isOne = light === dark
  pen.box({ x, y, width: isOne ? 52 : 34, height: 56 }, { fill: light, stroke: HAIRLINE })
  if (!isOne) pen.box({ x: x + 34, y, width: 18, height: 56 }, { fill: dark, stroke: HAIRLINE })
  const room = CARD.width - 66
  pen.text(x + 60, y + 11, token.name, { size: 10, weight: 700 }, room)
  const lines = light
    ? [writeColour(light, 'hex'), writeColour(light, 'rgb'), writeColour(light, 'oklch')]
    : ['has no value']
  const inDark = !isOne && dark ? [`dark ${dark}`] : []
  ;[...lines, ...inDark].forEach((line, index) =>
    pen.text(x + 60, y + 23 + index * 10, line, { size: 7.5, colour: SOFT }, room),
  )
}

/** Levels one below another, largest first, each as large as it is, or as there is room for. */
function drawLevels(pen: Pen, sources: GuideSources, library: FontLibrary, room: Room) {
  const { style, site } = sources
  const { lead, inOrder: bands } = bandsOf(site)
  const environment: Environment = {
    ...usualEnvironment,
    rootSize: site.records.settings.site.rootSize ?? 100,
    viewportWidth: bands.find(({ id }) => id === lead)?.drawnAt ?? usualEnvironment.viewportWidth,
  }
  const root = rootFontSize(environment)
  const tokens = new StyleTokens(style, atBand(sources, lead), { root })
  const levels = inOrder(Object.values(style.records.levels)).map((level) => {
    const set = tokens.textStyle(level.id, level.role ?? level.id)
    const font = { size: root, xHeight: root / 2, zeroAdvance: root / 2 }
    const px = isFluid(set.size)
      ? fluidPx(set.size, root, environment.viewportWidth)
      : toPx(set.size, environment, font)
    return { level, set, px }
  })
  const rows = levels.reduce((sum, { px }) => sum + rowHeight(px), 0)
  const scale = Math.min(1, room.height / Math.max(1, rows))
  let y = room.y
  for (const { level, set, px } of levels.sort((a, b) => b.px - a.px)) {
    const height = rowHeight(px) * scale
    // The face there is, which may be of another weight than the level asks for.
    const { family, weight, italic } = library.face(set).file
    pen.text(room.x, y + height * 0.62, level.name, { size: 9, weight: 700 }, 96)
    pen.text(room.x, y + height * 0.62 + 10, figuresOf(level, px), { size: 7.5, colour: SOFT }, 150)
    pen.marks.push({
      ...{ type: 'words', x: room.x + 160, y: y + height * 0.68, text: 'Hamburgefonstiv 0123456789' },
      ...{ family, weight, italic, size: px * scale, colour: '#17211e' },
      ...(set.letterSpacing && {
        spacing: set.letterSpacing.value * (set.letterSpacing.unit === 'em' ? px : 1) * scale,
      }),
    })
    y += height
  }
}

const rowHeight = (px: number) => Math.max(26, px * 1.35)

function figuresOf({ family, weight, lineHeight, fluid, letterSpacing }: Level, px: number): string {
  const size = fluid ? `${fluid.least} to ${fluid.most} px` : `${Math.round(px * 10) / 10} px`
  const spacing = letterSpacing ? `, ${cssLength(letterSpacing)} apart` : ''
  return `${family} ${weight}, ${size} on ${lineHeight.value}${lineHeight.unit}${spacing}`
}

/** Gaps as bars, corners as corners, shadows as shadows. */
function drawMeasures(pen: Pen, { style }: GuideSources, room: Room) {
  const tokens = inOrder(Object.values(style.records.tokens))
  const lengths = (use: LengthToken['use']) =>
    tokens.filter((one): one is LengthToken => one.type === 'length' && (one.use ?? 'space') === use)
  const column = room.width / 3
  const heading = (x: number, words: string) => pen.text(x, room.y + 10, words, { size: 11, weight: 700 })
  heading(room.x, 'Gaps')
  lengths('space').forEach((token, index) => {
    const y = room.y + 24 + index * 22
    const px = pxOf(token)
    pen.text(room.x, y + 9, token.name, { size: 8.5 }, 70)
    pen.text(room.x + 74, y + 9, wordsOf(token), { size: 8.5, colour: SOFT }, 40)
    pen.box({ x: room.x + 112, y: y + 1, width: Math.min(px, column - 124), height: 10 }, { fill: '#3e5c76' })
  })
  heading(room.x + column, 'Corners and lines')
  ;[...lengths('radius'), ...lengths('line')].forEach((token, index) => {
    const [x, y] = [room.x + column, room.y + 24 + index * 38]
    pen.text(x, y + 16, token.name, { size: 8.5 }, 80)
    pen.text(x + 84, y + 16, wordsOf(token), { size: 8.5, colour: SOFT }, 40)
    const px = pxOf(token)
    if (token.use === 'line')
      pen.box({ x: x + 126, y: y + 12, width: 60, height: Math.min(px, 20) }, { fill: '#3e5c76' })
    else {
      const radius = Math.min(px, 15)
      const outline = { type: 'rect' as const, x: x + 126, y: y + 2, width: 60, height: 30 }
      const all: [number, number, number, number] = [radius, radius, radius, radius]
      pen.marks.push({
        ...{ type: 'shape', outline: { ...outline, radius: all } },
        stroke: { colour: '#3e5c76', width: 1.2 },
      })
    }
  })
  heading(room.x + 2 * column, 'Shadows')
  tokens
    .filter((one): one is ShadowToken => one.type === 'shadow')
    .forEach((token, index) => drawShadow(pen, token, room.x + 2 * column, room.y + 30 + index * 62, style))
}

const FONT = { size: 16, xHeight: 8, zeroAdvance: 8 }
const pxOf = ({ value }: LengthToken) => ('token' in value ? 0 : toPx(value, usualEnvironment, FONT))
const wordsOf = ({ value }: LengthToken) => ('token' in value ? '' : cssLength(value))

function drawShadow(pen: Pen, { name, value }: ShadowToken, x: number, y: number, style: StyleDocument) {
  const box = { x: x + 90, y, width: 90, height: 36 }
  for (const { x: across, y: down, blur, spread, colour, inset } of [...value].reverse()) {
    if (inset || colour === 'none') continue
    const hex = 'hex' in colour ? colour.hex : (tokenColour(style.records.tokens, colour.token) ?? '#000000')
    const cast = {
      x: box.x + across - spread,
      y: box.y + down - spread,
      width: box.width + 2 * spread,
      height: box.height + 2 * spread,
    }
    const reach = 1.5 * blur + 2
    const region = {
      x: cast.x - reach,
      y: cast.y - reach,
      width: cast.width + 2 * reach,
      height: cast.height + 2 * reach,
    }
    const mark: Mark = {
      type: 'group',
      opacity: alphaOf(hex),
      filter: blur ? { steps: [{ type: 'blur', deviation: blur / 2 }], region } : undefined,
      marks: [rectMark(cast, { fill: opaque(hex) })],
    }
    pen.marks.push(mark)
  }
  pen.box(box, { fill: '#ffffff', stroke: HAIRLINE })
  pen.text(x, y + 20, name, { size: 8.5 }, 86)
}

/** The page of samples, made as small as the sheet has room for. */
function partsMarks(
  { style, site }: GuideSources,
  library: FontLibrary,
  room: Room,
  address: BrandAddress,
): Mark[] {
  const { lead, inOrder: bands } = bandsOf(site)
  const width = bands.find(({ id }) => id === lead)?.drawnAt ?? 1440
  const page = resolvePage({ drawing: samplePage, site, style }, lead)
  const layout = new PageLayouter(library).layout(page, { ...usualEnvironment, viewportWidth: width })
  const painted = new PagePainter(finishedFinish, ({ asset }) => asset && address(asset)).sections(layout)
  const scale = Math.min(room.width / layout.width, room.height / layout.height)
  return [
    {
      type: 'group',
      transform: [scale, 0, 0, scale, room.x, room.y],
      marks: [
        rectMark({ x: 0, y: 0, width: layout.width, height: layout.height }, { fill: layout.ground }),
        ...painted.map(({ painted: one }) => one.group),
      ],
    },
  ]
}
