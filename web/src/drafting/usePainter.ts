import { computed } from 'vue'
import { PagePainter } from '@nolvex/core/paint/pagePainter'
import { plainFinish } from '@nolvex/core/paint/plainFinish'
import { assetAddress } from '../session/api'
import { useProject } from '../session/projectStore'

/** Paints this project's pages; one painter for as long as the project is open, so that it keeps what it painted. */
export function usePainter() {
  const project = useProject()
  return computed(() => new PagePainter(plainFinish, ({ asset }) => asset && assetAddress(project.id, asset)))
}
