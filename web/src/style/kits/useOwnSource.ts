import { computed, ref, watch } from 'vue'
import { assetsOf } from '@nolvex/core/block/block'
import type { Documents } from '@nolvex/core/document/types'
import { drawingIn } from '@nolvex/core/resolve/pageSources'
import { assetAddress } from '../../session/api'
import { useProject } from '../../session/projectStore'
import type { KitSource } from './kitSource'
import { kitWorker } from './openKits'

const KEY = 'own'

/** The shared blocks and patterns of the open project, as something to choose from like a kit. */
export function useOwnSource() {
  const project = useProject()
  const stamp = ref(0)
  const documents = computed((): Documents => {
    const { shared, patterns } = project.style.records
    const ids = [...Object.keys(shared), ...Object.keys(patterns)]
    const drawings = ids.flatMap((id) => {
      const drawing = project.view.documents[id]
      return drawing ? [[id, drawing] as const] : []
    })
    const { site, style } = project.view.documents
    return site && style ? { ...project.around, site, style, ...Object.fromEntries(drawings) } : {}
  })
  watch(
    documents,
    async (now) => {
      if (!now.style) return
      await holdDocuments(KEY, now, project.id)
      stamp.value++
    },
    { immediate: true },
  )
  return computed((): KitSource => {
    return { key: KEY, site: project.site, style: project.style, stamp: stamp.value }
  })
}

/** Gives documents of a project to the worker, to show their blocks. @param more addresses of pictures not in the project */
export function holdDocuments(
  key: string,
  documents: Documents,
  project: string,
  more: Readonly<Record<string, string>> = {},
) {
  const drawings = Object.keys(documents).flatMap((id) => drawingIn(documents, id) ?? [])
  const assets = drawings.flatMap(({ records }) => Object.values(records.blocks).flatMap(assetsOf))
  const pictures = Object.fromEntries(
    assets.map((asset) => [asset, more[asset] ?? assetAddress(project, asset)]),
  )
  return kitWorker().hold(key, documents, project, pictures)
}
