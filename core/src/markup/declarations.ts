import { LOOK_NAMES, looks, looksOn, type AnyLook, type LookName } from '../block/looks'
import { isSticking } from '../layout/sticking'
import { fittedColumn } from '../resolve/fittedColumn'
import type { Arrangement, BlockNode, ControlContent, PageNode, ShapeContent, Size } from '../resolve/node'
import { cssLength, px, roundTo, type WrittenLength } from '../units/length'

/** CSS declarations of one block at one band, by property. */
export type Declarations = Map<string, string>

/** What a declaration is set back to where a band no longer has it. */
export const INITIAL: Record<string, string> = {
  ...Object.fromEntries(LOOK_NAMES.flatMap((name) => (looks[name] as AnyLook).css(looks[name].initial))),
  'align-self': 'auto',
  animation: 'none',
  contain: 'none',
  'contain-intrinsic-size': 'none',
  display: 'block',
  flex: '0 1 auto',
  height: 'auto',
  'justify-self': 'auto',
  'margin-left': '0',
  'margin-top': '0',
  'max-height': 'none',
  'max-width': 'none',
  'min-height': '0',
  'min-width': '0',
  order: '0',
  overflow: 'visible',
  position: 'static',
  'text-decoration': 'underline',
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
  if ('arrange' in parent) spaceBefore(node, parent, css)
  limits(node, css)
  looking(node, css)
  narrowGround(node, css)
  sticking(node, 'arrange' in parent ? parent : undefined, css)
  if (order !== undefined) css.set('order', String(order))
  return css
}

function inside(node: BlockNode, css: Declarations) {
  const { arrange, content } = node
  if (content.type === 'blocks') arrangement(node, css)
  else css.set('display', content.type === 'text' && node.look.lines ? '-webkit-box' : 'block')
  if (content.type === 'shape') shape(content, css)
  if (content.type === 'piece')
    sizeContained(px(content.width), px(content.height), css).set('position', 'relative')
  if (content.type === 'control') control(content, css)
  const isUnderlined = content.type === 'text' && content.underlined
  if (node.tag === 'a' && !isUnderlined) css.set('text-decoration', 'none')
  if (content.type === 'icon') sizeContained(content.size, content.size, css).set('position', 'relative')
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

/** A box as large as it says, whatever the browser would make of what is in it. */
const sizeContained = (width: WrittenLength, height: WrittenLength, css: Declarations) =>
  css.set('contain', 'size').set('contain-intrinsic-size', `${cssLength(width)} ${cssLength(height)}`)

/** A control has room for what its block says; what is ticked stands in the middle of its line. */
function control({ control: form, room }: ControlContent, css: Declarations) {
  css.set('contain', 'size').set('contain-intrinsic-size', `${room.em}em calc(${room.lines} * 1lh)`)
  if (form === 'mark') css.set('display', 'grid')
}

/** A box around nothing; what is drawn in it stands in its middle. */
function shape({ isDown, width, height }: ShapeContent, css: Declarations) {
  sizeContained(width, height, css)
  css.set('--along', isDown ? 'to bottom' : 'to right')
  css.set('background-image', 'var(--dashes)').set('background-repeat', 'no-repeat')
  css.set('background-position', 'center').set('background-origin', 'content-box')
  css.set('background-size', isDown ? 'var(--line) 100%' : '100% var(--line)')
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

const inLine = ({ type, wrap }: Arrangement) => type === 'column' || (type === 'row' && !wrap)

/** A space of its own before a block: what it has more or less than the gap. */
function spaceBefore(node: BlockNode, { arrange, children }: BlockNode, css: Declarations) {
  const { space } = node.place
  if (!space || !inLine(arrange) || children.find(({ hidden }) => !hidden)?.key === node.key) return
  const [side, gap] =
    arrange.type === 'row' ? ['margin-left', arrange.columnGap] : (['margin-top', arrange.rowGap] as const)
  css.set(side, `calc(${cssLength(space)} - ${inPageFont(gap)})`)
}

/** A length of a block that holds blocks, which has the page's font, as it is written on one that may have another. */
function inPageFont(length: WrittenLength): string {
  const { value, unit } = length
  if (unit === 'em') return cssLength({ value, unit: 'rem' })
  return unit === 'ex' || unit === 'ch' ? `${value} * var(${PAGE_UNITS[unit]})` : cssLength(length)
}

/** The page font's ex and ch, for where another font is set. */
export const PAGE_UNITS = { ex: '--page-ex', ch: '--page-ch' } as const

function tracksCss({ tracks, trackWidth }: Arrangement): string {
  if (trackWidth !== undefined) return `repeat(${tracks.length}, ${trackWidth}px)`
  const isEqual = tracks.every((share) => share === tracks[0])
  if (isEqual) return `repeat(${tracks.length}, minmax(0, 1fr))`
  return tracks.map((share) => `minmax(0, ${share}fr)`).join(' ')
}

function placing(node: BlockNode, parent: Pick<Arrangement, 'type' | 'tracks'>, css: Declarations) {
  const { place, content } = node
  const { width, height } = place
  if (width.type === 'fixed') css.set('width', cssLength(width.length))
  if (height.type === 'fixed') css.set('height', cssLength(height.length))
  if (content.type === 'picture') {
    css
      .set('--ratio', `${roundTo((100 * content.height) / content.width, 4)}%`)
      .set('--natural', `${content.width}px`)
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
  const { start, span } = fittedColumn(column, tracks)
  css.set('grid-column', line(start, span))
  const rowStart = start === undefined ? undefined : row.start
  if (rowStart !== undefined || row.span > 1) css.set('grid-row', line(rowStart, row.span))
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

function looking({ look, content, place }: BlockNode, css: Declarations) {
  for (const name of looksOn(content.type)) {
    const { css: cssOf, initial, isInherited } = looks[name] as AnyLook
    const none = initialCss(name, initial)
    for (const [property, value] of cssOf(look[name])) {
      const always = isInherited === true || isInherited?.includes(property)
      if (always || none.get(property) !== value) layer(css, property, value)
    }
  }
  if (place.overflow === 'hidden') css.set('overflow', 'hidden')
  if (place.overflow === 'scroll') css.set('overflow', 'auto')
}

const MODES = 'background-blend-mode'

/** What lies over a block's ground is one list: a later look's lies on top, and mixes with nothing below. */
function layer(css: Declarations, property: string, value: string) {
  const below = property === 'background-image' ? css.get(property) : undefined
  css.set(property, below === undefined ? value : `${value}, ${below}`)
  if (below !== undefined && css.has(MODES)) css.set(MODES, `normal, ${css.get(MODES)}`)
}

/** A ground no wider than the content: painted from the content's box on, and up and down over the padding. */
function narrowGround({ look, arrange, place }: BlockNode, css: Declarations) {
  if (!place.isGroundNarrow || !look.fill || look.backdrop || look.gradient) return
  const [top, , bottom] = arrange.padding.map(cssLength)
  css.delete('background-color')
  css.set('background-image', `linear-gradient(${look.fill} 0 0)`).set('background-repeat', 'no-repeat')
  css.set('background-origin', 'content-box').set('background-position', `0 calc(0px - ${top})`)
  css.set('background-size', `100% calc(100% + ${top} + ${bottom})`)
}

/** Stays in view so far from an edge of the viewport; sections lie over what stays within others. */
function sticking(node: BlockNode, parent: BlockNode | undefined, css: Declarations) {
  const { sticky } = node.place
  if (!sticky || !isSticking(node, parent)) return
  css
    .set('position', 'sticky')
    .set(sticky.edge, cssLength(sticky.offset))
    .set('z-index', parent ? '1' : '2')
  if (!sticky.isLater) return
  // Where the browser knows no such timeline it is seen from the start.
  css.set('animation', '1ms step-end both later').set('animation-timeline', 'scroll(root)')
  css.set('animation-range', '0 100vh')
}

const initialByLook = new Map<LookName, Declarations>()

/** What a look declares where there is none of it. */
function initialCss(name: LookName, initial: unknown): Declarations {
  let none = initialByLook.get(name)
  if (!none) initialByLook.set(name, (none = new Map((looks[name] as AnyLook).css(initial))))
  return none
}
