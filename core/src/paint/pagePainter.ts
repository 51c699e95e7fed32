import type { PaintRoom } from '../block/look'
import { adjustSteps, type Adjust } from '../block/looks/adjust'
import { covering, type Backdrop } from '../block/looks/backdrop'
import { looks, looksOn, type AnyLook, type ResolvedLook } from '../block/looks'
import { tinted } from '../block/tinted'
import { alphaOf } from '../colour/spaces'
import type { Box } from '../layout/box'
import { cutsOff, type PictureContent, type PieceContent } from '../resolve/node'
import type { PageLayout } from '../layout/pageLayout'
import { inStackingOrder } from '../layout/sticking'
import { movedBy, type Frame, type Group, type Mark, type Outline } from '../vector/mark'
import { pathInFrame } from '../vector/pathShape'
import { fittedRadii, innerRadii } from '../vector/roundedRect'
import { controlMarks } from './controlMarks'
import type { Finish, PictureAddress } from './finish'
import { iconMarks } from './iconMarks'
import { liveMarks } from './liveMarks'
import { nearerFrame, placedPicture } from './placedPicture'
import { playMarks } from './playMarks'
import { standInMap } from './standInMap'
import { textMarks } from './textMarks'
import { wordsAsLines } from './wordsAsLines'

/** An instance painted with all that stands in it, and how far up and down that reaches, px from its own top. */
export interface Painted {
  group: Group
  /** The group with only some of what stands in it. */
  holding: (children: Group[]) => Group
  top: number
  bottom: number
  /** instances in it, itself counted */
  count: number
  children: PlacedPainted[]
}

/** Painted, and how far below its parent's top it stands. */
interface PlacedPainted {
  painted: Painted
  y: number
}

/** What a box was painted with; where these are the same, so is everything in it. */
interface Kept extends Pick<Box, 'x64' | 'y64' | 'w64' | 'h64' | 'mode' | 'insetLeft64' | 'insetRight64'> {
  ground: string
  painted: Painted
}

/** So much is seen of a picture behind words where a finish has no way of its own. */
const FAINT = 0.45

type Corners = [number, number, number, number]

/** Paints laid-out pages in one finish. Groups of boxes that did not change stay the same objects. */
export class PagePainter {
  private kept = new WeakMap<Box, Kept>()

  constructor(
    private finish: Finish,
    private pictureAddress: PictureAddress,
  ) {}

  /** The sections of a page, each where it stands, px. */
  sections(layout: PageLayout): PlacedPainted[] {
    const ground = this.finish.colour(layout.ground, 'ground', layout.ground)
    return inStackingOrder(layout.sections, undefined).map((box) => ({
      painted: this.painted(box, layout, ground),
      y: box.y,
    }))
  }

  private painted(box: Box, layout: PageLayout, ground: string): Painted {
    const kept = this.kept.get(box)
    const isSame = kept && kept.ground === ground && looksTheSame(kept, box)
    if (isSame && kept.x64 === box.x64 && kept.y64 === box.y64) return kept.painted
    const painted = isSame ? movedTo(kept.painted, box) : this.paint(box, layout, ground)
    const { x64, y64, w64, h64, mode, insetLeft64, insetRight64 } = box
    this.kept.set(box, { x64, y64, w64, h64, mode, insetLeft64, insetRight64, ground, painted })
    return painted
  }

  private paint(box: Box, layout: PageLayout, ground: string): Painted {
    const { look, place } = box.node
    const own = look.fill ? this.finish.colour(look.fill, 'ground', ground) : ground
    const room = this.roomOf(box, layout, own, look.fill !== undefined && alphaOf(look.fill) === 1)
    const groundRoom = place.isGroundNarrow && !look.backdrop && !look.gradient ? narrowRoom(box, room) : room
    const { key } = box.node
    const drawn = (marks: Mark[], of: string) => this.finish.drawn?.(marks, `${key} ${of}`) ?? marks
    const shown = looksOn(box.node.content.type).map((name) => ({ name, of: looks[name] as AnyLook }))
    const looksLike = shown.flatMap(({ name, of }) =>
      of.paint ? of.paint(look[name], of.isGround ? groundRoom : room) : [],
    )
    const clip = shown.flatMap(({ name, of }) => of.clip?.(look[name], room) ?? []).at(0)
    const over = shown.flatMap(({ name, of }) => of.paintOver?.(look[name], room) ?? [])
    const looking = [...drawn(looksLike, 'looks'), ...over]
    const children = inStackingOrder(box.children, box.node).map((child): PlacedPainted => {
      return { painted: this.painted(child, layout, own), y: child.y }
    })
    const shows = this.contentMarks(box, room, layout)
    const content = drawn(layout.hasLines ? wordsAsLines(shows) : shows, 'shows')
    const isCut = cutsOff(place)
    const live = box.node.told?.isLive && this.finish.marksSupplied !== false ? liveMarks(room) : []
    const holding = (groups: Group[]): Group => {
      const inside = [...content, ...groups]
      return {
        type: 'group',
        key,
        transform: movedBy(box.x, box.y),
        clip,
        opacity: look.opacity === 1 ? undefined : look.opacity,
        marks: [...looking, ...(isCut && inside.length ? [cut(room, inside)] : inside), ...live],
      }
    }
    const reach = isCut ? [] : children
    return {
      group: holding(children.map(({ painted }) => painted.group)),
      holding,
      top: reach.reduce((top, { painted, y }) => Math.min(top, y + painted.top), 0),
      bottom: reach.reduce((bottom, { painted, y }) => Math.max(bottom, y + painted.bottom), box.h),
      count: children.reduce((count, { painted }) => count + painted.count, 1),
      children,
    }
  }

  private contentMarks(box: Box, room: PaintRoom, layout: PageLayout): Mark[] {
    const { content, look } = box.node
    switch (content.type) {
      case 'text':
        return textMarks(box, room.colour(look.colour, 'words'))
      case 'control':
        return controlMarks(content, box, room)
      case 'icon':
        return iconMarks(content, room.content, room.colour(look.colour, 'words'), layout.icons)
      case 'piece':
        return [pieceMark(content, look, room)]
      case 'picture': {
        const address = this.pictureAddress(content)
        if (content.plays === 'map' && !address) return [mapMarks(content, look, room.content)]
        const picture = this.pictureMarks(content, look, room, address)
        return content.plays ? [...picture, ...playMarks(content.plays, room.content)] : picture
      }
      default:
        return []
    }
  }

  /** A picture in the light and colours it is meant to have, cut off where its block is round and where it is blurred. */
  private pictureMarks(
    content: PictureContent,
    { pictureFit, pictureFocus, pictureZoom, adjust, tint, radius }: ResolvedLook,
    room: PaintRoom,
    address: string | undefined,
  ): Mark[] {
    const frame = nearerFrame(room.content, pictureZoom, pictureFocus)
    const placed = placedPicture(content, frame, pictureFit, pictureFocus)
    const isOwn = this.finish.adjustsPictures && address !== undefined
    const picture = this.finish.picture(isOwn ? frame : room.content, placed, address)
    const lit = adjust && isOwn ? adjusted(picture, adjust, frame) : picture
    const shown = tint && isOwn ? tinted(lit, tint.mode, tint.colour, room.content) : lit
    const isCut = radius || pictureZoom > 1 || shown !== picture
    return isCut ? [cut(room, shown)] : shown
  }

  private backdropMarks(shown: Backdrop, frame: Frame): Mark[] {
    const address = this.pictureAddress({ ...shown, alt: '' })
    if (this.finish.backdrop) return this.finish.backdrop(covering(shown, frame), address)
    return [
      { type: 'group', opacity: FAINT, marks: this.finish.picture(frame, covering(shown, frame), address) },
    ]
  }

  private roomOf(box: Box, layout: PageLayout, ground: string, isOpaque: boolean): PaintRoom {
    const { w, h, border, node } = box
    const { content, look } = node
    const frame = { x: 0, y: 0, width: w, height: h }
    const length: PaintRoom['length'] = (written) => layout.px(written, box)
    const radius = (look.radius?.map(length) ?? [0, 0, 0, 0]) as Corners
    return {
      ...frame,
      border,
      radius: fittedRadii(frame, radius),
      content: contentFrame(box),
      isDown: content.type === 'shape' && content.isDown,
      length,
      isOpaque,
      backdrop: (shown, frame) => this.backdropMarks(shown, frame),
      colour: (colour, use) => this.finish.colour(colour, use, ground),
    }
  }
}

/** The map that stands in for a place's own: drawn at its own size, and cut to its room as a picture is. */
function mapMarks(content: PictureContent, { pictureFit, pictureFocus }: ResolvedLook, frame: Frame): Group {
  const { width, height, alt } = content
  const placed = placedPicture(content, frame, pictureFit, pictureFocus)
  const own = { x: 0, y: 0, width, height }
  const marks: Mark[] = [...standInMap(alt, own), ...playMarks('map', own)]
  const [across, down] = [placed.width / width, placed.height / height]
  return {
    type: 'group',
    clip: { type: 'rect', ...frame },
    marks: [{ type: 'group', transform: [across, 0, 0, down, placed.x, placed.y], marks }],
  }
}

/** A drawn form stretched to its room, its line as thick as it says. */
function pieceMark(piece: PieceContent, { inside, outline }: ResolvedLook, room: PaintRoom): Mark {
  const stroke = outline && {
    colour: room.colour(outline.colour, 'line'),
    width: room.length(outline.width),
    dashes: outline.dashes && [outline.dashes.dash, outline.dashes.gap],
  }
  return {
    type: 'shape',
    outline: { type: 'path', d: pathInFrame(piece.d, piece, room.content) },
    fill: inside && room.colour(inside, 'ground'),
    stroke,
  }
}

function adjusted(picture: Mark[], adjust: Adjust, { x, y, width, height }: Frame): Mark[] {
  const reach = 3 * adjust.blur + 2
  const region = { x: x - reach, y: y - reach, width: width + 2 * reach, height: height + 2 * reach }
  return [{ type: 'group', filter: { steps: adjustSteps(adjust), region }, marks: picture }]
}

const looksTheSame = (kept: Kept, box: Box) =>
  kept.w64 === box.w64 &&
  kept.h64 === box.h64 &&
  kept.mode === box.mode &&
  kept.insetLeft64 === box.insetLeft64 &&
  kept.insetRight64 === box.insetRight64

function movedTo(painted: Painted, { x, y }: Box): Painted {
  const moved = (group: Group): Group => ({ ...group, transform: movedBy(x, y) })
  return { ...painted, group: moved(painted.group), holding: (groups) => moved(painted.holding(groups)) }
}

/** The room of a ground that reaches no farther than what stands on it. */
function narrowRoom({ insetLeft, insetRight, w }: Box, room: PaintRoom): PaintRoom {
  return { ...room, x: insetLeft, width: Math.max(0, w - insetLeft - insetRight) }
}

const contentFrame = ({ w, h, insetTop, insetRight, insetBottom, insetLeft }: Box): Frame => ({
  x: insetLeft,
  y: insetTop,
  width: Math.max(0, w - insetLeft - insetRight),
  height: Math.max(0, h - insetTop - insetBottom),
})

/** What stands in a box that cuts off what runs out: clipped to the inside of its border. */
function cut({ width, height, border, radius }: PaintRoom, marks: Mark[]): Group {
  const [top, right, bottom, left] = border
  const clip: Outline = {
    type: 'rect',
    x: left,
    y: top,
    width: Math.max(0, width - left - right),
    height: Math.max(0, height - top - bottom),
    radius: innerRadii(radius, border),
  }
  return { type: 'group', clip, marks }
}

/** Below so many instances nothing is gained by leaving some out. */
const FEW = 200

/** What of painted things reaches into a stretch of the page, px; those that reach in whole stay the same objects. */
export function marksBetween(all: PlacedPainted[], from: number, to: number): Group[] {
  return all.flatMap(({ painted, y }) => {
    const [top, bottom] = [y + painted.top, y + painted.bottom]
    if (bottom < from || top > to) return []
    if (painted.count < FEW || (top >= from && bottom <= to)) return [painted.group]
    return [painted.holding(marksBetween(painted.children, from - y, to - y))]
  })
}
