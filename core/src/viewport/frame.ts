import { z } from 'zod'
import { idSchema, orderSchema } from '../document/ids'
import { leaf } from '../document/leafTable'
import type { Screen } from './screen'

export const FRAME_PARTS = {
  tabs: 'Title and tabs',
  address: 'Address',
  bookmarks: 'Bookmarks',
  status: 'Status',
  side: 'Side bar',
  edge: 'Window edges',
  scroll: 'Scroll bar',
  system: 'System bar',
} as const
export type FramePartName = keyof typeof FRAME_PARTS

const sides = ['top', 'right', 'bottom', 'left'] as const
export type FrameSide = (typeof sides)[number]

/** One part of a browser's window: px it takes at a side of the screen. */
const part = z.strictObject({
  part: z.enum(Object.keys(FRAME_PARTS) as [FramePartName, ...FramePartName[]]),
  side: z.enum(sides),
  size: z.number().min(0).max(2000),
})

/** A picture of a browser's window: where in it, in its own px, the page shows. */
const framePicture = leaf(
  z.strictObject({
    asset: idSchema,
    width: z.int().min(1).max(20_000),
    height: z.int().min(1).max(20_000),
    /** px of the picture for each px of the page */
    ratio: z.number().min(0.5).max(8),
    area: z.strictObject({
      x: z.number().min(0),
      y: z.number().min(0),
      width: z.number().min(1),
      height: z.number().min(1),
    }),
  }),
)

/** What a browser takes of a screen, from the screen's edge inwards. */
export const frameSchema = z.strictObject({
  id: idSchema,
  order: orderSchema,
  name: z.string().min(1).max(60),
  parts: z.array(part).max(20),
  picture: framePicture.optional(),
})

export type FramePart = z.infer<typeof part>
export type Frame = z.infer<typeof frameSchema>
export type FramePicture = z.infer<typeof framePicture>

/** What a browser leaves for a page, px. */
export interface Viewport {
  /** of the viewport, the scroll bar counted: what media queries and vw go by */
  width: number
  height: number
  scrollBar: number
  /** of the page beside the scroll bar */
  pageWidth: number
}

/** A frame that leaves nothing of a screen. */
export class ImpossibleFrame extends Error {}

/** px a frame takes at each side of a screen; the scroll bar is not among them, it belongs to the viewport. */
export function frameTakes({ parts }: Pick<Frame, 'parts'>): Record<FrameSide, number> {
  const taken = { top: 0, right: 0, bottom: 0, left: 0 }
  for (const { part, side, size } of parts) if (part !== 'scroll') taken[side] += size
  return taken
}

/**
 * The viewport a frame leaves of a screen: screen less frame.
 * @param scrollBars whether the page shows them
 * @throws ImpossibleFrame when nothing is left
 */
export function viewportOf(
  screen: Pick<Screen, 'width' | 'height'>,
  frame: Pick<Frame, 'parts' | 'name'> | undefined,
  scrollBars = true,
): Viewport {
  const taken = frameTakes(frame ?? { parts: [] })
  const width = screen.width - taken.left - taken.right
  const height = screen.height - taken.top - taken.bottom
  const scrollBar = scrollBars ? scrollBarOf(frame) : 0
  if (width - scrollBar < 1 || height < 1)
    throw new ImpossibleFrame(
      `“${frame?.name ?? ''}” leaves nothing of a screen of ${screen.width} × ${screen.height}: lower its parts.`,
    )
  return { width, height, scrollBar, pageWidth: width - scrollBar }
}

const scrollBarOf = (frame: Pick<Frame, 'parts'> | undefined) =>
  frame?.parts.filter(({ part }) => part === 'scroll').reduce((sum, { size }) => sum + size, 0) ?? 0

/** A frame's parts from a picture of a window: what lies around the page in it, in px of the page. */
export function partsOfPicture({ width, height, ratio, area }: Omit<FramePicture, 'asset'>): FramePart[] {
  const inPage = (px: number) => Math.round(px / ratio)
  const found: FramePart[] = [
    { part: 'address', side: 'top', size: inPage(area.y) },
    { part: 'status', side: 'bottom', size: inPage(height - area.y - area.height) },
    { part: 'edge', side: 'left', size: inPage(area.x) },
    { part: 'edge', side: 'right', size: inPage(width - area.x - area.width) },
  ]
  return found.filter(({ size }) => size > 0)
}

type Preset = Omit<Frame, 'id' | 'order'>
const top = (part: FramePartName, size: number): FramePart => ({ part, side: 'top', size })
const bottom = (part: FramePartName, size: number): FramePart => ({ part, side: 'bottom', size })
const left = (part: FramePartName, size: number): FramePart => ({ part, side: 'left', size })
const scroll = (size: number): FramePart => ({ part: 'scroll', side: 'right', size })

/** Frames to start from; what they leave is common practice, without a source. */
export const USUAL_FRAMES: Preset[] = [
  {
    name: 'Desktop browser',
    parts: [top('tabs', 40), top('address', 44), top('bookmarks', 32), scroll(15), bottom('system', 48)],
  },
  {
    name: 'Desktop, little around',
    parts: [top('tabs', 36), top('address', 40), scroll(15), bottom('system', 40)],
  },
  { name: 'Phone browser', parts: [top('system', 47), top('address', 50), bottom('status', 83)] },
  {
    name: 'Tablet browser',
    parts: [top('system', 24), top('tabs', 33), top('address', 50), bottom('system', 20)],
  },
  {
    name: 'Old, little around (22 × 114)',
    parts: [top('tabs', 30), top('address', 54), scroll(16), left('edge', 6), bottom('system', 30)],
  },
  {
    name: 'Old, much around (69 × 168)',
    parts: [
      ...[top('tabs', 30), top('address', 46), top('bookmarks', 32), scroll(16)],
      ...[left('side', 53), bottom('status', 24), bottom('system', 36)],
    ],
  },
  {
    name: 'Very old (40 × 180)',
    parts: [
      ...[top('tabs', 30), top('address', 54), top('bookmarks', 36), scroll(16)],
      ...[left('side', 24), bottom('status', 24), bottom('system', 36)],
    ],
  },
  { name: 'No frame', parts: [] },
]
