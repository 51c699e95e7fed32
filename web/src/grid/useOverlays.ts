import { createSharedComposable, useLocalStorage } from '@vueuse/core'
import { computed } from 'vue'
import type { Json } from '@nolvex/core/document/types'
import { OVERLAYS, USUAL_OVERLAYS, type OverlayLook, type OverlayName } from '@nolvex/core/site/gridPlan'
import { HINT_KINDS, type HintKind } from '@nolvex/core/snap/hint'
import { useCommands } from '../commands/commandStore'
import { useProject } from '../session/projectStore'

/** The key that shows or hides each overlay. */
export const OVERLAY_KEYS: Record<OverlayName, string> = {
  columns: 'C',
  rows: 'R',
  baseline: 'B',
  guides: 'G',
  folds: 'F',
  content: 'W',
}

/** What blocks can be tagged with, with the words for it and its key. */
export const TAGS = {
  notes: { words: 'Notes', key: 'N' },
  content: { words: 'Content numbers', key: 'I' },
} as const

/** Which lines are laid over pages, here in this browser, and how they are drawn, in the project. */
export const useOverlays = createSharedComposable(() => {
  const project = useProject()
  const shown = useLocalStorage<Record<OverlayName, boolean>>(
    'nolvex-overlays',
    { columns: true, rows: false, baseline: false, guides: true, folds: false, content: false },
    { mergeDefaults: true },
  )
  const tags = useLocalStorage('nolvex-tags', { notes: true, content: false }, { mergeDefaults: true })
  const rulers = useLocalStorage('nolvex-rulers', true)
  const overview = useLocalStorage('nolvex-overview', true)
  /** the outlines of all boxes */
  const boxes = useLocalStorage('nolvex-boxes', false)
  /** all gaps and padding of the section one is at */
  const spacing = useLocalStorage('nolvex-spacing', false)
  /** kinds of hints that are given while something is moved */
  const hints = useLocalStorage<Record<HintKind, boolean>>(
    'nolvex-hints',
    Object.fromEntries(Object.keys(HINT_KINDS).map((kind) => [kind, kind !== 'baseline'])) as Record<
      HintKind,
      boolean
    >,
    { mergeDefaults: true },
  )
  const looks = computed(() => ({ ...USUAL_OVERLAYS, ...project.site.records.settings.site.overlays }))

  function setLook(name: OverlayName, look: OverlayLook) {
    const label = `Change how ${OVERLAYS[name].toLowerCase()} are drawn`
    project.setSite(label, 'settings', 'site', ['overlays', name], look as unknown as Json)
  }
  return { shown, tags, rulers, overview, boxes, spacing, hints, looks, setLook }
})

/** Offers a command with its key for each of the tags. */
export function offerTagCommands() {
  const { tags } = useOverlays()
  useCommands().offer(
    Object.entries(TAGS).map(([name, { words, key }]) => ({
      id: `tags-${name}`,
      label: `Show or hide: ${words.toLowerCase()}`,
      keys: [key],
      run: () => (tags.value = { ...tags.value, [name]: !tags.value[name as keyof typeof TAGS] }),
    })),
  )
}

/** Offers a command with its key for each overlay. */
export function offerOverlayCommands(names: OverlayName[]) {
  const { shown } = useOverlays()
  useCommands().offer(
    names.map((name) => ({
      id: `overlay-${name}`,
      label: `Show or hide: ${OVERLAYS[name].toLowerCase()}`,
      keys: [OVERLAY_KEYS[name]],
      run: () => (shown.value = { ...shown.value, [name]: !shown.value[name] }),
    })),
  )
}
