import { computed, shallowRef, type Ref } from 'vue'
import type { Finish } from '@nolvex/core/paint/finish'
import { PagePainter } from '@nolvex/core/paint/pagePainter'
import { plainFinish } from '@nolvex/core/paint/plainFinish'
import { sketchFinish } from '@nolvex/core/paint/sketchFinish'
import { loadFontLibrary } from '../fonts/loadFontLibrary'
import { assetAddress } from '../session/api'
import { useProject } from '../session/projectStore'

/** What wireframes are shown in. */
export const FINISHES = { plain: 'Plain', sketch: 'Sketch' } as const
export type FinishName = keyof typeof FINISHES

/** Lettering is measured in its font: until that is there, pages are painted plain. */
const sketch = shallowRef<Finish>()

/** The finish this project's wireframes are shown in, for everybody who has it open. */
export function useFinish() {
  const project = useProject()
  const finish = computed((): FinishName => project.site.records.settings.site.wireframe ?? 'plain')
  const choose = (name: FinishName) =>
    project.setSite(
      `Show wireframes in ${FINISHES[name].toLowerCase()}`,
      'settings',
      'site',
      ['wireframe'],
      name,
    )
  return { finish, choose }
}

/**
 * Paints this project's pages; one painter for as long as the project is open, so that it keeps what it painted.
 * @param other a finish in place of the project's
 */
export function usePainter(other?: Ref<FinishName | undefined>) {
  const project = useProject()
  const { finish } = useFinish()
  const name = computed(() => other?.value ?? finish.value)
  const shown = computed(() => {
    if (name.value === 'plain') return plainFinish
    if (!sketch.value) void loadFontLibrary().then((library) => (sketch.value ??= sketchFinish(library)))
    return sketch.value ?? plainFinish
  })
  return computed(() => new PagePainter(shown.value, ({ asset }) => asset && assetAddress(project.id, asset)))
}
