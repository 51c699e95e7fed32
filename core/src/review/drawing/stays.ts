import type { Operation } from '../../document/types'
import { alphaOf } from '../../colour/spaces'
import { setLeaf } from '../../edit/blockChanges'
import type { Box } from '../../layout/box'
import { eachBox, type PageLayout } from '../../layout/pageLayout'
import { asScrolled, stickingBoxes, type Sticking } from '../../layout/sticking'
import { hasWords, type BlockNode } from '../../resolve/node'
import { usualEnvironment } from '../../units/environment'
import { px } from '../../units/length'
import { placeOf, titleOf, type DrawingFacts } from './drawingFacts'
import type { DrawingRule, Found } from './drawingRule'

interface Standing {
  box: Box
  x: number
  y: number
}

/** px of overlap that do not show */
const SLACK = 1
/** px of height from which parts are meant to slide over one another */
const TALL = usualEnvironment.viewportHeight / 2

/** Words that stay in view while others pass behind them, with nothing between. */
export const seenThrough: DrawingRule = {
  id: 'seenThrough',
  label: 'Stays and is seen through',
  why: 'Words that pass behind words make both hard to read.',
  severity: 'serious',
  from: 'finished',
  find: (facts) =>
    atBands(facts, (layout, staying, band) =>
      staying.flatMap((one) => {
        const bare = bareWords(one)
        const words = wordsBeside(layout, one.box)
        const pair = bare
          .map((word) => ({ word, under: words.find((other) => passesUnder(other, word, one)) }))
          .find(({ under }) => under)
        if (!pair?.under) return []
        const { node } = one.box
        const says = `${node.name} stays in view on ${titleOf(facts)} at ${band.name}, and ${pair.under.box.node.name} is seen through ${pair.word.box.node.name} as it passes.`
        const ground = { role: 'ground', hex: layout.ground }
        return [
          found(facts, node, band.id, says, {
            label: 'Give it a ground',
            of: node,
            path: ['look', 'fill'],
            value: ground,
          }),
        ]
      }),
    ),
}

/** Two parts that stay at the same place, so that one is hidden by the other. */
export const liesUnder: DrawingRule = {
  id: 'liesUnder',
  label: 'Stays and lies under another',
  why: 'What lies under another part that stays cannot be read nor pressed while the page is scrolled.',
  severity: 'serious',
  from: 'finished',
  find: (facts) =>
    atBands(facts, (layout, staying, band) =>
      staying.flatMap((first, index) =>
        staying.slice(index + 1).flatMap((second) => {
          const by = mostShared(layout, first, second)
          const { upper, lower } = overOneAnother(layout, first, second)
          if (by <= SLACK || lower.box.h > TALL) return []
          const [kept, mover] = moverOf(layout, first, second)
          const { node } = lower.box
          const says = `${node.name} goes ${Math.round(by)} px under ${upper.box.node.name} when ${titleOf(facts)} is scrolled at ${band.name}.`
          const clear = { ...px(Math.ceil(kept.offset + kept.box.h)) }
          const label = `Let ${mover.box.node.name} stay clear`
          return [
            found(facts, node, band.id, says, {
              label,
              of: mover.box.node,
              path: ['place', 'sticky', 'offset'],
              value: clear,
            }),
          ]
        }),
      ),
    ),
}

/** What is meant to stay and has no room to. */
export const cannotStay: DrawingRule = {
  id: 'cannotStay',
  label: 'Cannot stay',
  why: 'A part stays within what it stands in. Where that is no taller, it goes with it.',
  severity: 'slight',
  from: 'finished',
  find: (facts) =>
    atBands(facts, (_layout, staying, band) =>
      staying
        .filter(({ edge, up, down, within, box }) => {
          const room = edge === 'top' ? down : up
          return room <= SLACK && !within && box.h > 0
        })
        .map(({ box: { node }, edge }) => {
          const where = edge === 'top' ? 'at the top' : 'at the foot'
          const says = `${node.name} is to stay ${where} on ${titleOf(facts)} at ${band.name}, but what it stands in leaves it no room to.`
          return found(facts, node, band.id, says, {
            label: 'Let it go with the page',
            of: node,
            path: ['place', 'sticky', 'edge'],
            value: 'none',
          })
        }),
    ),
}

function atBands(
  facts: DrawingFacts,
  find: (layout: PageLayout, staying: Sticking[], band: DrawingFacts['bands'][number]['band']) => Found[],
): Found[] {
  return facts.seen().flatMap(({ band, layout }) => {
    const staying = stickingBoxes(layout)
    return staying.length ? find(layout, staying, band) : []
  })
}

/** A leaf that mends a finding. */
interface Mending {
  label: string
  of: BlockNode
  path: string[]
  value: Parameters<typeof setLeaf>[2]
}

/** A finding with the change that mends it, where the block is one of the page's own. */
function found(facts: DrawingFacts, node: BlockNode, band: string, says: string, mending: Mending): Found {
  const { page, bands } = facts
  const { label, of, path, value } = mending
  const at = bands.find((one) => one.band.id === band)?.drawn.at
  const finding = { place: placeOf(facts, node, band), says }
  if (of.origin.document !== page.id || !at) return finding
  const operations: Operation[] = setLeaf([of.origin.record], path, value, at)
  return { ...finding, fix: { label, parts: [{ document: page.id, kind: 'drawing', operations }] } }
}

/** Whether a block lets nothing of what is behind it through. */
function isOpaque({ look, content }: BlockNode): boolean {
  if (look.opacity < 1) return false
  if (content.type === 'picture' || look.backdrop) return true
  if (look.gradient?.stops.every(({ colour }) => alphaOf(colour) === 1)) return true
  return look.fill !== undefined && alphaOf(look.fill) === 1
}

/** Words in something that sticks with nothing opaque behind them. */
function bareWords({ box, x, y }: Sticking): Standing[] {
  const walk = (one: Box, left: number, top: number): Standing[] => {
    if (isOpaque(one.node)) return []
    const own = hasWords(one.node) ? [{ box: one, x: left, y: top }] : []
    return [...own, ...one.children.flatMap((child) => walk(child, left + child.x, top + child.y))]
  }
  return walk(box, x, y)
}

/** All words of a page that do not stand in a box. */
function wordsBeside(layout: PageLayout, but: Box): Standing[] {
  const inside = new Set<Box>()
  const add = (box: Box) => {
    inside.add(box)
    box.children.forEach(add)
  }
  add(but)
  const words: Standing[] = []
  eachBox(layout, (box, x, y) => {
    if (hasWords(box.node) && !inside.has(box)) words.push({ box, x, y })
  })
  return words
}

/** Whether words come to stand behind others that stay, anywhere on their way. */
function passesUnder(words: Standing, word: Standing, { edge, up, down }: Sticking): boolean {
  const [from, to] = edge === 'top' ? [word.y, word.y + down] : [word.y - up, word.y]
  const across = word.x < words.x + words.box.w - SLACK && words.x < word.x + word.box.w - SLACK
  const isOnWay = words.y < to + word.box.h - SLACK && words.y + words.box.h > from + SLACK
  const isBesideNow = words.y < word.y + word.box.h && words.y + words.box.h > word.y
  return across && isOnWay && !isBesideNow
}

const isSection = (layout: PageLayout, { box }: Sticking) => layout.sections.includes(box)

/** What stays as a section lies over what stays within others; of two alike the later. */
function overOneAnother(layout: PageLayout, first: Sticking, second: Sticking) {
  const isFirstOver = isSection(layout, first) && !isSection(layout, second)
  return isFirstOver ? { upper: first, lower: second } : { upper: second, lower: first }
}

/** The one that keeps its place, and the one that makes room: what stands within others, or takes no room, else the later. */
function moverOf(layout: PageLayout, first: Sticking, second: Sticking): [kept: Sticking, mover: Sticking] {
  const isFirst = first.box.h === 0 || (isSection(layout, second) && !isSection(layout, first))
  return isFirst ? [second, first] : [first, second]
}

function holds(outer: Sticking, { within }: Sticking): boolean {
  return within !== undefined && (within === outer || holds(outer, within))
}

/** The most two sticking boxes lie over one another while the page is scrolled, px down. */
function mostShared(layout: PageLayout, first: Sticking, second: Sticking): number {
  if (first.edge !== second.edge || holds(first, second) || holds(second, first)) return 0
  const height = usualEnvironment.viewportHeight
  const most = Math.max(0, layout.height - height)
  const places = [first, second].flatMap(({ y, up, down, offset, box }) =>
    [y - up, y, y + down].flatMap((at) => [at - offset, at + box.h + offset - height]),
  )
  const tops = new Set([0, most, ...places].map((at) => Math.min(most, Math.max(0, at))))
  const shared = [...tops].map((top) => sharedIn(asScrolled(layout, { top, height }), first, second))
  return Math.max(...shared)
}

function sharedIn(layout: PageLayout, first: Sticking, second: Sticking): number {
  const stands = new Map<string, Standing>()
  eachBox(layout, (box, x, y) => stands.set(box.node.key, { box, x, y }))
  const [a, b] = [stands.get(first.box.node.key), stands.get(second.box.node.key)]
  if (!a || !b || (a.y === first.y && b.y === second.y)) return 0
  const [one, other] = [reachOf(a), reachOf(b)]
  if (Math.min(one.right, other.right) - Math.max(one.left, other.left) <= SLACK) return 0
  return Math.min(one.bottom, other.bottom) - Math.max(one.top, other.top)
}

/** How far a box reaches with what stands in it, px of the page: what takes no room may hold something beside itself. */
function reachOf({ box, x, y }: Standing): { left: number; right: number; top: number; bottom: number } {
  const own = { left: x, right: x + box.w, top: y, bottom: y + box.h }
  const inside = box.children.map((child) => reachOf({ box: child, x: x + child.x, y: y + child.y }))
  const all = box.h === 0 && inside.length ? inside : [own, ...inside]
  return {
    left: Math.min(...all.map(({ left }) => left)),
    right: Math.max(...all.map(({ right }) => right)),
    top: Math.min(...all.map(({ top }) => top)),
    bottom: Math.max(...all.map(({ bottom }) => bottom)),
  }
}
