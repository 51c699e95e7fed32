import { computed, inject, ref, shallowRef, type Ref } from 'vue'
import type { Finish } from '@nolvex/core/paint/finish'
import { finishedFinish } from '@nolvex/core/paint/finishedFinish'
import { PagePainter } from '@nolvex/core/paint/pagePainter'
import { plainFinish } from '@nolvex/core/paint/plainFinish'
import { sketchFinish } from '@nolvex/core/paint/sketchFinish'
import { loadFontLibrary } from '../fonts/loadFontLibrary'
import { pictureAddress } from '../session/api'
import { useProject } from '../session/projectStore'
import { drawnAs } from './drawnAs'

/** What wireframes are shown in. */
export const WIREFRAME_FINISHES = { plain: 'Plain', sketch: 'Sketch' } as const
/** Every finish, by name. */
export const FINISHES = { ...WIREFRAME_FINISHES, finished: 'Finished' } as const
export type WireframeFinish = keyof typeof WIREFRAME_FINISHES
export type FinishName = keyof typeof FINISHES

/** Lettering is measured in its font: until that is there, pages are painted plain. */
const sketch = shallowRef<Finish>()

/** The finish this project's wireframes are shown in, for everybody who has it open. Mockups have one finish alone. */
export function useFinish() {
  const project = useProject()
  const finish = computed((): WireframeFinish => project.site.records.settings.site.wireframe ?? 'plain')
  const choose = (name: WireframeFinish) =>
    project.setSite(
      `Show wireframes in ${WIREFRAME_FINISHES[name].toLowerCase()}`,
      'settings',
      'site',
      ['wireframe'],
      name,
    )
  return { finish, choose }
}

/**
 * Paints this project's pages; one painter for as long as the project is open, so that it keeps what it painted.
 * @param other a finish in place of the one pages are drawn in
 */
export function usePainter(other?: Ref<FinishName | undefined>) {
  const project = useProject()
  const { finish } = useFinish()
  const as = inject(drawnAs, ref('wireframe'))
  const name = computed((): FinishName => other?.value ?? (as.value === 'mockup' ? 'finished' : finish.value))
  const shown = computed(() => {
    if (name.value === 'finished') return finishedFinish
    if (name.value === 'plain') return plainFinish
    if (!sketch.value) void loadFontLibrary().then((library) => (sketch.value ??= sketchFinish(library)))
    return sketch.value ?? plainFinish
  })
  return computed(() => new PagePainter(shown.value, (picture) => pictureAddress(project.id, picture)))
}
