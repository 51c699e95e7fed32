import type { Length } from '../block/lengthSchema'
import type { WrittenLook } from '../block/looks'
import type { Varying } from '../block/varying'
import type { Role } from '../colour/roles'
import { px } from '../units/length'
import { guideId, idOfWords, roleTokenId } from './guideIds'
import type { PartState, StylePart } from './part'

/** What parts of a computed guide are made by. */
export interface PartStart {
  /** how roomy: 1 is usual */
  density: number
  /** whether buttons end in half circles */
  isPill: boolean
}

type Dress = Pick<Varying, 'arrange' | 'place' | 'look'>

const role = (name: Role) => ({ token: roleTokenId(name) })
const edge = (name: Role, width: Length = { token: guideId('line', 'thin') }) => ({
  width,
  line: 'solid' as const,
  colour: role(name),
})
const ring = (name: Role, width?: Length) => {
  const side = edge(name, width)
  return { top: side, right: side, bottom: side, left: side }
}
const corners = (name: string): WrittenLook['radius'] => {
  const radius = { token: guideId('radius', name) }
  return { topLeft: radius, topRight: radius, bottomRight: radius, bottomLeft: radius }
}
/** A ring around what has the keys, apart from it by a gap of the ground. */
const focusRing: Dress = {
  look: {
    shadow: [
      { x: 0, y: 0, blur: 0, spread: 2, colour: role('ground') },
      { x: 0, y: 0, blur: 0, spread: 4, colour: role('focus') },
    ],
  },
}

/** Parts for all kinds of block that have a look of their own, dressed from the tokens of a computed guide. */
export function startParts({ density, isPill }: PartStart): StylePart[] {
  const parts: StylePart[] = []
  const add = (
    kind: string,
    dress: Dress,
    more: { variant?: string; piece?: string; state?: PartState; name?: string } = {},
  ) => {
    const { variant, piece, state } = more
    const order = `a${parts.length.toString(36).padStart(3, '0')}`
    parts.push({ id: idOfWords(kind, variant, piece, state), order, kind, ...more, ...dress })
  }
  const roomy = (value: number) => px(Math.round(value * density))
  const padding = (down: number, across: number) => ({
    padding: { top: roomy(down), right: roomy(across), bottom: roomy(down), left: roomy(across) },
  })
  const round = isPill ? 'round' : 'm'

  add('button', {
    arrange: padding(12, 22),
    look: { fill: role('action'), colour: role('onAction'), radius: corners(round), border: ring('action') },
  })
  add('button', { look: { opacity: 0.88 } }, { state: 'hover' })
  add('button', focusRing, { state: 'focus' })
  add('button', { look: { opacity: 0.76 } }, { state: 'pressed' })
  add('button', { look: { opacity: 0.45 } }, { state: 'disabled' })
  add(
    'button',
    { arrange: padding(12, 22), look: { fill: 'none', colour: role('action'), border: ring('action') } },
    { variant: 'secondary' },
  )
  add('button', { look: { fill: role('tint') } }, { variant: 'secondary', state: 'hover' })
  add(
    'button',
    {
      arrange: padding(12, 6),
      look: {
        fill: 'none',
        colour: role('link'),
        border: { top: 'none', right: 'none', bottom: 'none', left: 'none' },
      },
    },
    { variant: 'quiet' },
  )
  add('button', { look: { fill: role('tint') } }, { variant: 'quiet', state: 'hover' })

  add('link', { look: { colour: role('link') } })
  add('link', { look: { colour: role('text') } }, { state: 'hover' })
  add('link', focusRing, { state: 'focus' })

  add(
    'field',
    {
      arrange: padding(9, 12),
      look: { fill: role('raised'), colour: role('text'), border: ring('edge'), radius: corners('s') },
    },
    { piece: 'control' },
  )
  add('field', { look: { border: ring('text') } }, { piece: 'control', state: 'hover' })
  add('field', focusRing, { piece: 'control', state: 'focus' })
  add(
    'field',
    { look: { border: ring('wrong', { token: guideId('line', 'thick') }) } },
    { piece: 'control', state: 'wrong' },
  )
  add('field', { look: { opacity: 0.5 } }, { piece: 'control', state: 'disabled' })
  add('field', { look: { colour: role('text') } }, { piece: 'label' })
  add('field', { look: { colour: role('soft') } }, { piece: 'hint' })
  add('field', { look: { colour: role('wrong') } }, { piece: 'message' })
  add('choices', { look: { colour: role('edge') } }, { piece: 'mark' })
  add('choices', { look: { colour: role('action') } }, { piece: 'mark', state: 'chosen' })
  add('choices', { look: { colour: role('soft') } }, { piece: 'hint' })

  add('nav', { look: { colour: role('text') } }, { piece: 'link' })
  add('nav', { look: { colour: role('link') } }, { piece: 'link', state: 'hover' })
  add('nav', { look: { colour: role('action') } }, { piece: 'link', state: 'chosen' })
  add('nav', focusRing, { piece: 'link', state: 'focus' })
  add('breadcrumb', { look: { colour: role('soft') } })
  add('breadcrumb', { look: { colour: role('link') } }, { piece: 'link' })

  add('tabs', { look: { border: { bottom: edge('line') } } }, { piece: 'bar' })
  add(
    'tabs',
    { arrange: padding(10, 16), look: { colour: role('soft'), radius: topCorners() } },
    { piece: 'tab' },
  )
  add('tabs', { look: { fill: role('tint'), colour: role('action') } }, { piece: 'tab', state: 'chosen' })
  add('tabs', { look: { colour: role('text') } }, { piece: 'tab', state: 'hover' })
  add('tabs', focusRing, { piece: 'tab', state: 'focus' })
  add('accordion', { look: { border: { bottom: edge('line') } } }, { piece: 'question' })
  add('accordion', { arrange: { padding: { top: roomy(14), bottom: roomy(14) } } }, { piece: 'head' })
  add('accordion', { look: { colour: role('link') } }, { piece: 'head', state: 'hover' })

  add('table', { arrange: padding(10, 12), look: { border: { bottom: edge('line') } } }, { piece: 'cell' })
  // Headings stand over what they head.
  add('table', { arrange: padding(10, 12) }, { piece: 'column' })
  add('table', { look: { fill: role('tint') } }, { piece: 'head' })
  add('list', { look: { colour: role('text') } })
  add('line', { look: { stroke: { width: { token: guideId('line', 'thin') }, colour: role('line') } } })

  add(
    'box',
    {
      arrange: { type: 'column', gap: roomy(12), ...padding(20, 20) },
      look: {
        fill: role('raised'),
        border: ring('line'),
        radius: corners('l'),
        shadow: { token: guideId('shadow', 'low') },
      },
    },
    { variant: 'card', name: 'card' },
  )
  add('box', { look: { shadow: { token: guideId('shadow', 'mid') } } }, { variant: 'card', state: 'hover' })
  add(
    'text',
    {
      arrange: padding(3, 9),
      place: { width: 'fit' },
      look: {
        fill: role('tint'),
        colour: role('action'),
        radius: corners('round'),
        level: 'levelsmall000000',
      },
    },
    { variant: 'badge', name: 'badge' },
  )
  add(
    'text',
    {
      arrange: { padding: { left: roomy(20) } },
      look: {
        colour: role('soft'),
        level: 'levellead0000000',
        border: { left: edge('action', { token: guideId('line', 'thick') }) },
      },
    },
    { variant: 'quote', name: 'quotation' },
  )
  add(
    'text',
    {
      arrange: padding(12, 16),
      look: {
        fill: role('tint'),
        border: { left: edge('info', { token: guideId('line', 'thick') }) },
        radius: corners('s'),
      },
    },
    { variant: 'notice', name: 'notice' },
  )

  add('section', { look: { fill: role('tint') } }, { variant: 'tinted' })
  const dark: WrittenLook = { fill: role('ground'), colourSet: 'dark' }
  add('section', { look: dark }, { variant: 'dark' })
  add('section', { look: { ...dark, backdrop: { veil: role('ground') } } }, { variant: 'picture' })
  return parts
}

function topCorners(): WrittenLook['radius'] {
  const radius = { token: guideId('radius', 's') }
  return { topLeft: radius, topRight: radius }
}
