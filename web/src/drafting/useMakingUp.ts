import { ref } from 'vue'
import { leafShownBy } from '@nolvex/core/block/block'
import type { Operation } from '@nolvex/core/document/types'
import type { SceneName } from '@nolvex/core/paint/scenes/scenes'
import { atBand, bandsOf } from '@nolvex/core/resolve/resolvePage'
import { sceneColours } from '@nolvex/core/resolve/sceneColours'
import { madeUpFile } from '../pictures/madeUpPicture'
import { useProject } from '../session/projectStore'
import { takePicture } from '../session/takePicture'
import type { DraftingPage } from './usePage'

/** What is made up one after another, so that a page does not show the same thing everywhere. */
const TURNS: SceneName[] = ['coast', 'harbour', 'coast', 'aerial', 'harbour', 'coast', 'pattern']

/** Makes up a picture for every block of a page that has none: one change, and one step back. */
export function useMakingUp(page: DraftingPage) {
  const project = useProject()
  /** how many are made, while they are being made */
  const made = ref<number>()
  const trouble = ref('')

  async function makeUp(keys: string[]) {
    const colours = sceneColours(project.style, atBand(project, bandsOf(project.site).lead))
    const rooms = keys.flatMap((key) => {
      const one = page.placed.value.get(key)
      const block = one && page.blocks.value[one.record]
      const path = block && leafShownBy(block, 'picture')
      return path ? [{ id: block.id, path, ratio: one.w / Math.max(1, one.h) }] : []
    })
    const operations: Operation[] = []
    trouble.value = ''
    try {
      for (const [index, { id, path, ratio }] of rooms.entries()) {
        made.value = index
        const scene = TURNS[index % TURNS.length]
        const file = await madeUpFile({ scene, seed: 7 * (index + 1), colours, ratio })
        const { id: asset, width, height } = await takePicture(project.id, file)
        operations.push({ type: 'set', collection: 'blocks', id, path, value: { asset, width, height } })
      }
    } catch (error) {
      trouble.value = (error as Error).message
    }
    made.value = undefined
    page.change('Make up the missing pictures', operations)
  }
  return { made, trouble, makeUp }
}
