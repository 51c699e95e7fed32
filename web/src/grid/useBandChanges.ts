import { ref } from 'vue'
import {
  changeLead,
  ImpossibleBand,
  mergeBands,
  moveBreakpoint,
  removeBand,
  splitBand,
  type BandedProject,
} from '@nolvex/core/edit/bandChanges'
import { adoptBands, type WantedBand } from '@nolvex/core/edit/bandSet'
import type { ChangePart, Json } from '@nolvex/core/document/types'
import type { DrawingDocument } from '@nolvex/core/drawing/drawing'
import type { BandGrid } from '@nolvex/core/grid/bandGrid'
import type { Band } from '@nolvex/core/site/site'
import { cutText } from '@nolvex/core/text/cutText'
import { newId } from '../session/newId'
import { useProject } from '../session/projectStore'

/** Changes of bands that drawings follow, and why one cannot be. */
export function useBandChanges() {
  const project = useProject()
  /** by band; '' for the set as a whole */
  const trouble = ref<{ band: string; says: string }>()

  function banded(): BandedProject {
    const drawings = Object.values(project.view.documents).filter(({ kind }) => kind === 'drawing')
    return {
      site: project.site,
      style: project.style,
      drawings: drawings as unknown as DrawingDocument[],
    }
  }

  /** Makes a change of bands, or says why it cannot be. @returns whether it was made */
  function attempt(band: string, label: string, parts: (all: BandedProject) => ChangePart[]): boolean {
    trouble.value = undefined
    try {
      const made = parts(banded())
      if (made.length) project.change(label, made)
      return true
    } catch (error) {
      if (!(error instanceof ImpossibleBand)) throw error
      trouble.value = { band, says: error.message }
      return false
    }
  }

  return {
    trouble,
    move: (band: Band, from: number) =>
      attempt(band.id, `Move the breakpoint of ${band.name}`, ({ site }) =>
        moveBreakpoint(site, band.id, from),
      ),
    split: (band: Band, at: number) =>
      attempt(band.id, `Split ${band.name} at ${at} px`, ({ site }) =>
        splitBand(site, band.id, at, { id: newId(), name: cutText(`${band.name} 2`, 60) }),
      ),
    remove: (band: Band) =>
      attempt(band.id, `Take away the band ${band.name}`, (all) => removeBand(all, band.id)),
    merge: (band: Band, into: Band) =>
      attempt(band.id, `Join ${band.name} with ${into.name}`, (all) => mergeBands(all, band.id, into.id)),
    lead: (band: Band) => attempt(band.id, `Make ${band.name} the lead`, (all) => changeLead(all, band.id)),
    use: (label: string, wanted: WantedBand[]) => attempt('', label, (all) => adoptBands(all, wanted, newId)),
    setGrid: (band: Band, label: string, grid: BandGrid) =>
      project.setSite(label, 'bands', band.id, ['grid'], grid as unknown as Json),
  }
}

export type BandChanges = ReturnType<typeof useBandChanges>
