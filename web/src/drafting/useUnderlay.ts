import { ElMessageBox } from 'element-plus'
import { computed, ref } from 'vue'
import type { Underlay } from '@nolvex/core/site/gridPlan'
import { scaleByPoints } from '@nolvex/core/snap/scaleByPoints'
import { takePicture } from '../session/takePicture'
import { useProject } from '../session/projectStore'
import type { DraftingPage } from './usePage'

const STRENGTH = 40

/** The picture under a page, or beside it, such as a scan: laid there, scaled by two points, taken away. */
export function useUnderlay(page: DraftingPage) {
  const project = useProject()
  const underlay = computed(() => project.site.records.pages[page.page.value]?.underlay)
  /** points chosen so far; nothing while none are asked for */
  const points = page.scalePoints
  const trouble = ref('')

  const write = (label: string, next: Underlay | undefined) =>
    project.setSite(label, 'pages', page.page.value, ['underlay'], next)

  function change(what: Partial<Underlay>) {
    if (underlay.value) write('Change the picture under the drawing', { ...underlay.value, ...what })
  }

  /** Lays a picture under the page, as wide as that is. */
  async function lay([file]: File[]) {
    trouble.value = ''
    try {
      const { id: asset, width, height } = await takePicture(project.id, file)
      const scale = page.pageWidth.value / width
      const size = { width: page.pageWidth.value, height: Math.max(1, height * scale) }
      write('Lay a picture under the drawing', { asset, x: 0, y: 0, ...size, strength: STRENGTH })
    } catch (error) {
      trouble.value = (error as Error).message
    }
  }

  /** Takes a point; with the second it asks how far they stand apart. */
  async function point(at: { x: number; y: number }) {
    const chosen = [...(points.value ?? []), at]
    points.value = chosen
    if (chosen.length < 2 || !underlay.value) return
    const answer = await ElMessageBox.prompt(
      'How many px stand between the two points?',
      'Scale the picture',
      {
        confirmButtonText: 'Scale it',
        cancelButtonText: 'Leave it',
        inputPattern: /^\d+(?:[.,]\d+)?$/,
        inputErrorMessage: 'A number of px, such as 960.',
      },
    ).catch(() => undefined)
    points.value = undefined
    if (!answer) return
    const [from, to] = chosen
    const scaled = scaleByPoints(underlay.value, from, to, Number(String(answer.value).replace(',', '.')))
    if ('reason' in scaled) page.trouble.value = scaled.reason
    else write('Scale the picture by two points', scaled.underlay)
  }

  return {
    ...{ underlay, points, trouble, change, lay, point },
    beginScaling: () => (points.value = []),
    takeAway: () => write('Take the picture away', undefined),
  }
}
