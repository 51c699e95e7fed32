import type { BlockNode, Border, PageNode, Size } from '../resolve/node'
import { cssString } from '../text/cssWriter'
import { cssLength, roundTo, type WrittenLength } from '../units/length'

/** CSS declarations of one block at one band, by property. */
export type Declarations = Map<string, string>

/** What a declaration is set back to where a band no longer has it. */
export const INITIAL: Record<string, string> = {
  'align-self': 'auto',
  background: 'none',
  contain: 'none',
  display: 'block',
  flex: '0 1 auto',
  height: 'auto',
  'justify-self': 'auto',
  'max-height': 'none',
  'max-width': 'none',
  'min-height': '0',
  'min-width': '0',
  opacity: '1',
  order: '0',
  overflow: 'visible',
  position: 'static',
  translate: 'none',
  width: 'auto',
}

const KEYWORDS = {
  start: 'flex-start',
  centre: 'center',
  end: 'flex-end',
  between: 'space-between',
  stretch: 'stretch',
}
const GRID_KEYWORDS = { start: 'start', centre: 'center', end: 'end', stretch: 'stretch' }
/** The page itself arranges its sections in a column. */
const PAGE = { type: 'column' as const, tracks: [1] }
const isZero = ({ value }: WrittenLength) => value === 0

/**
 * All declarations of a block at a band.
 * @param parent the block it stands in, or the page
 * @param order its place among its siblings at this band, where that is not the place it has in the HTML
 */
export function declarationsOf(node: BlockNode, parent: BlockNode | PageNode, order?: number): Declarations {
  const css: Declarations = new Map()
  if (node.hidden) css.set('display', 'none')
  else inside(node, css)
  placing(node, 'arrange' in parent ? parent.arrange : PAGE, css)
  limits(node, css)
  looks(node, css)
  if (order !== undefined) css.set('order', String(order))
  return css
}

function inside(node: BlockNode, css: Declarations) {
  const { arrange } = node
  if (node.text || node.picture) css.set('display', 'block')
  else arrangement(node, css)
  const [top, right, bottom, left] = arrange.padding.map(cssLength)
  if (arrange.inset) {
    const { left: atLeft, right: atRight, contentWidth } = arrange.inset
    const [sideLeft, sideRight] = [
      insetSide(atLeft, atRight, contentWidth),
      insetSide(atRight, atLeft, contentWidth),
    ]
    css.set('padding', `${top} ${sideRight} ${bottom} ${sideLeft}`)
  } else if (!arrange.padding.every(isZero)) css.set('padding', `${top} ${right} ${bottom} ${left}`)
}

/** A section's padding at one side: its own margin, or half of what the content leaves beside both. */
function insetSide(own: number, other: number, contentWidth: number | undefined): string {
  if (contentWidth === undefined) return `${own}px`
  return `max(${own}px, (100% - ${roundTo(contentWidth - own + other, 4)}px) / 2)`
}

function arrangement({ arrange }: BlockNode, css: Declarations) {
  const gap = `${cssLength(arrange.rowGap)} ${cssLength(arrange.columnGap)}`
  switch (arrange.type) {
    case 'row':
      css
        .set('display', 'flex')
        .set('flex-flow', arrange.wrap ? 'row wrap' : 'row')
        .set('gap', gap)
      css.set('align-content', 'flex-start')
      css.set('justify-content', KEYWORDS[arrange.justify]).set('align-items', KEYWORDS[arrange.align])
      break
    case 'column':
      css.set('display', 'flex').set('flex-flow', 'column').set('gap', gap)
      css.set('justify-content', KEYWORDS[arrange.justify]).set('align-items', KEYWORDS[arrange.align])
      break
    case 'grid':
      css.set('display', 'grid').set('grid-template-columns', tracksCss(arrange))
      css.set('grid-auto-rows', 'max-content').set('gap', gap).set('align-content', 'start')
      css.set('align-items', GRID_KEYWORDS[arrange.align])
      // Else the browser would take many times the widest column for the grid's own content width.
      css.set('contain', 'inline-size')
      break
    case 'placed':
      css.set('display', 'block').set('position', 'relative')
  }
}

function tracksCss({ tracks, trackWidth }: BlockNode['arrange']): string {
  if (trackWidth !== undefined) return `repeat(${tracks.length}, ${trackWidth}px)`
  const isEqual = tracks.every((share) => share === tracks[0])
  if (isEqual) return `repeat(${tracks.length}, minmax(0, 1fr))`
  return tracks.map((share) => `minmax(0, ${share}fr)`).join(' ')
}

function placing(node: BlockNode, parent: Pick<BlockNode['arrange'], 'type' | 'tracks'>, css: Declarations) {
  const { place, picture } = node
  const { width, height } = place
  if (width.type === 'fixed') css.set('width', cssLength(width.length))
  if (height.type === 'fixed') css.set('height', cssLength(height.length))
  if (picture) {
    css
      .set('--ratio', `${roundTo((100 * picture.height) / picture.width, 4)}%`)
      .set('--natural', `${picture.width}px`)
  }
  if (parent.type === 'row') {
    css.set('flex', flex(width))
    if (height.type === 'fill') css.set('align-self', 'stretch')
  } else if (parent.type === 'column') {
    css.set('flex', flex(height))
    if (width.type === 'fill') css.set('align-self', 'stretch')
  } else if (parent.type === 'grid') gridPlace(node, parent.tracks.length, css)
  else anchoredPlace(node, css)
}

const flex = (size: Size) => (size.type === 'fill' ? `${size.share} 1 0%` : '0 0 auto')

function gridPlace({ place }: BlockNode, tracks: number, css: Declarations) {
  css.set('justify-self', place.width.type === 'fill' ? 'stretch' : 'start')
  if (place.height.type === 'fill') css.set('align-self', 'stretch')
  const { column, row } = place
  // Cut to the grid as in layout; a line beyond it would make the browser add columns.
  const span = Math.min(column.span, tracks)
  css.set('grid-column', line(column.start && Math.min(column.start, tracks - span + 1), span))
  if (row.start !== undefined || row.span > 1) css.set('grid-row', line(row.start, row.span))
}

const line = (start: number | undefined, span: number) =>
  start === undefined ? `span ${span}` : `${start} / span ${span}`

function anchoredPlace({ place }: BlockNode, css: Declarations) {
  css.set('position', 'absolute')
  const translate = [place.x === 'centre' ? '-50%' : '0', place.y === 'centre' ? '-50%' : '0']
  if (place.x === 'both') css.set('left', cssLength(place.left)).set('right', cssLength(place.right))
  else if (place.x === 'end') css.set('right', cssLength(place.right))
  else if (place.x === 'centre') css.set('left', `calc(50% + ${cssLength(place.offsetX)})`)
  else if (place.x === 'proportion')
    css.set('left', `${place.across.start}%`).set('width', `${place.across.length}%`)
  else css.set('left', cssLength(place.left))
  if (place.y === 'both') css.set('top', cssLength(place.top)).set('bottom', cssLength(place.bottom))
  else if (place.y === 'end') css.set('bottom', cssLength(place.bottom))
  else if (place.y === 'centre') css.set('top', `calc(50% + ${cssLength(place.offsetY)})`)
  else if (place.y === 'proportion')
    css.set('top', `${place.down.start}%`).set('height', `${place.down.length}%`)
  else css.set('top', cssLength(place.top))
  if (place.x === 'centre' || place.y === 'centre') css.set('translate', translate.join(' '))
  if (place.x === 'both') css.set('width', 'auto')
  else if (place.x !== 'proportion' && place.width.type === 'fill') css.set('width', '100%')
  else if (place.x !== 'proportion' && place.width.type === 'fit') css.set('width', 'max-content')
  if (place.y === 'both') css.set('height', 'auto')
  else if (place.y !== 'proportion' && place.height.type === 'fill') css.set('height', '100%')
}

function limits({ place }: BlockNode, css: Declarations) {
  if (place.minWidth) css.set('min-width', cssLength(place.minWidth))
  if (place.maxWidth) css.set('max-width', cssLength(place.maxWidth))
  if (place.minHeight) css.set('min-height', cssLength(place.minHeight))
  if (place.maxHeight) css.set('max-height', cssLength(place.maxHeight))
}

function looks({ look, text, picture, place }: BlockNode, css: Declarations) {
  if (look.fill) css.set('background', look.fill)
  const [top, right, bottom, left] = look.border
  const sides = { top, right, bottom, left }
  for (const [side, border] of Object.entries(sides)) if (border) css.set(`border-${side}`, borderCss(border))
  if (look.radius && !look.radius.every(isZero)) css.set('border-radius', cornersCss(look.radius))
  if (look.opacity !== 1) css.set('opacity', String(look.opacity))
  if (place.overflow === 'hidden') css.set('overflow', 'hidden')
  if (picture) css.set('object-fit', look.pictureFit)
  if (!text) return
  const { family, weight, italic, size, lineHeight } = text.style
  // No shorthand: where a band changes one of them, it would reset the others.
  css.set('font-family', `${cssString(family)}, sans-serif`).set('font-size', cssLength(size))
  css.set('font-weight', String(weight)).set('font-style', italic ? 'italic' : 'normal')
  css.set('line-height', lineHeightCss(lineHeight))
  css.set('color', look.colour)
  css.set('text-align', look.textAlign === 'centre' ? 'center' : look.textAlign)
}

/** Four corners, or one length for all where they are alike. */
function cornersCss(radius: WrittenLength[]): string {
  const corners = radius.map(cssLength)
  return new Set(corners).size === 1 ? corners[0] : corners.join(' ')
}

const borderCss = ({ width, line, colour }: Border) => `${cssLength(width)} ${line} ${colour}`

/** Lines are whole pixels high, so that boxes come out alike at any device pixel ratio. */
function lineHeightCss({ value, unit }: { value: number; unit: 'px' | 'em' | 'rem' }): string {
  return unit === 'px' ? `${Math.round(value)}px` : `round(nearest, ${roundTo(value, 4)}${unit}, 1px)`
}
