import { watchDebounced } from '@vueuse/core'
import { shallowRef } from 'vue'
import { covering } from '@nolvex/core/block/looks/backdrop'
import { cssBlend } from '@nolvex/core/block/tinted'
import { contrastOver } from '@nolvex/core/colour/contrastOver'
import { isLargeText } from '@nolvex/core/colour/largeText'
import { NEEDED } from '@nolvex/core/colour/roles'
import { alphaOf } from '@nolvex/core/colour/spaces'
import type { Box } from '@nolvex/core/layout/box'
import type { PageLayout } from '@nolvex/core/layout/pageLayout'
import { assetAddress } from '../session/api'
import { useProject } from '../session/projectStore'
import type { DraftingPage } from './usePage'

/** A text over a picture, and how well it is read there at this band. */
export interface OverPicture {
  key: string
  name: string
  least: number
  wanted: number
}

/** Pictures are looked at so many px wide at most: enough to see what words stand on. */
const MOST_WIDE = 700

type Holder = { box: Box; x: number; y: number }
type Text = Holder & { on: Holder }

/** How well the texts of a page are read over the pictures they stand on, at the band that is shown. */
export function usePictureContrast(page: DraftingPage) {
  const project = useProject()
  const found = shallowRef<OverPicture[]>([])
  let turn = 0

  watchDebounced(
    page.layout,
    async (layout) => {
      const own = ++turn
      const all = layout ? await measured(textsOver(layout), (asset) => assetAddress(project.id, asset)) : []
      if (own === turn) found.value = all
    },
    { immediate: true, debounce: 200 },
  )
  return { found }
}

/** Texts with the block they stand on that has a picture behind it, nearest first. */
function textsOver(layout: PageLayout): Text[] {
  const texts: Text[] = []
  const walk = (box: Box, x: number, y: number, on: Holder | undefined) => {
    const { look, content } = box.node
    const here = look.backdrop ? { box, x, y } : look.fill && alphaOf(look.fill) === 1 ? undefined : on
    if (content.type === 'text' && here && here.box !== box) texts.push({ box, x, y, on: here })
    for (const child of box.children) walk(child, x + child.x, y + child.y, here)
  }
  for (const section of layout.sections) walk(section, section.x, section.y, undefined)
  return texts
}

async function measured(texts: Text[], addressOf: (asset: string) => string): Promise<OverPicture[]> {
  const painted = new Map<Box, Promise<CanvasRenderingContext2D | undefined>>()
  const all = texts.map(async ({ box, x, y, on }): Promise<OverPicture[]> => {
    let ground = painted.get(on.box)
    if (!ground) painted.set(on.box, (ground = groundOf(on.box, addressOf)))
    const context = await ground
    if (!context) return []
    const scale = context.canvas.width / Math.max(1, on.box.w)
    const pixels = context.getImageData(
      Math.round((x - on.x) * scale),
      Math.round((y - on.y) * scale),
      Math.max(1, Math.round(box.w * scale)),
      Math.max(1, Math.round(box.h * scale)),
    ).data
    const size = box.font?.size ?? 16
    const { weight } = box.node.look.level
    const wanted = isLargeText(size, weight) ? NEEDED.large : NEEDED.words
    const { least } = contrastOver(pixels, box.node.look.colour, wanted)
    return [{ key: box.node.key, name: box.node.name, least, wanted }]
  })
  return (await Promise.all(all)).flat()
}

/** A block's picture with its veil, as it is painted, in pixels. */
async function groundOf(box: Box, addressOf: (asset: string) => string) {
  const { backdrop, fill } = box.node.look
  if (!backdrop) return undefined
  const picture = new Image()
  picture.src = addressOf(backdrop.asset)
  try {
    await picture.decode()
  } catch {
    return undefined
  }
  const scale = Math.min(1, MOST_WIDE / Math.max(1, box.w))
  const canvas = document.createElement('canvas')
  const [width, height] = [Math.max(1, Math.round(box.w * scale)), Math.max(1, Math.round(box.h * scale))]
  Object.assign(canvas, { width, height })
  const context = canvas.getContext('2d', { willReadFrequently: true })
  if (!context) return undefined
  context.fillStyle = fill ?? '#ffffff'
  context.fillRect(0, 0, width, height)
  const placed = covering(backdrop, { x: 0, y: 0, width, height })
  context.drawImage(picture, placed.x, placed.y, placed.width, placed.height)
  if (backdrop.veil) {
    const blend = cssBlend(backdrop.mode)
    context.globalCompositeOperation =
      blend === 'normal' ? 'source-over' : (blend as GlobalCompositeOperation)
    context.fillStyle = backdrop.veil
    context.fillRect(0, 0, width, height)
  }
  return context
}
