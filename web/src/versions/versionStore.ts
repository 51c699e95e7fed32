import { watchDebounced } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import { operationsBetween } from '@nolvex/core/document/compare'
import { emptyDocument } from '@nolvex/core/document/kind'
import type { ChangePart, Documents } from '@nolvex/core/document/types'
import { documentKinds } from '@nolvex/core/resolve/documentKinds'
import { describeChanges, type DescribedChange } from '@nolvex/core/review/versions/describeChanges'
import { api, type NewVersion, type Version } from '../session/api'
import { useProject } from '../session/projectStore'

/** A stage's newest gate and what changed in that stage since. */
export interface Gate {
  version: Version
  since: DescribedChange[]
}

/** Kept versions of the project, the gates among them, comparing and restoring. */
export const useVersions = defineStore('versions', () => {
  const project = useProject()
  const versions = ref<Version[]>([])
  const trouble = ref('')
  const gates = shallowRef<Record<string, Gate>>({})
  const kept = new Map<string, Documents>()

  watch(
    () => project.isLoaded && project.id,
    async (id) => {
      versions.value = []
      gates.value = {}
      kept.clear()
      if (id) await attempt(load)
    },
    { immediate: true },
  )

  async function load() {
    versions.value = (await api.versions(project.id)).versions
  }

  async function attempt(work: () => Promise<void>): Promise<boolean> {
    trouble.value = ''
    try {
      await work()
      return true
    } catch (error) {
      trouble.value = (error as Error).message
      return false
    }
  }

  async function documentsOf(version: string): Promise<Documents> {
    let documents = kept.get(version)
    if (!documents) {
      documents = (await api.versionDocuments(project.id, version)).documents
      kept.set(version, documents)
    }
    return documents
  }

  const newestGates = computed(() => {
    const newest = new Map<string, Version>()
    for (const version of versions.value)
      if (version.stage && !newest.has(version.stage)) newest.set(version.stage, version)
    return [...newest]
  })
  watchDebounced(
    [newestGates, () => project.view.documents],
    () =>
      attempt(async () => {
        const now = project.view.documents
        const entries = newestGates.value.map(async ([stage, version]): Promise<[string, Gate]> => {
          const since = describeChanges(await documentsOf(version.id), now).filter(
            (one) => one.stage === stage,
          )
          return [stage, { version, since }]
        })
        gates.value = Object.fromEntries(await Promise.all(entries))
      }),
    { debounce: 400 },
  )

  const keep = (version: NewVersion) =>
    attempt(async () => {
      await api.keepVersion(project.id, version)
      await load()
    })
  const approve = (version: string, by: string) =>
    attempt(async () => {
      await api.approve(project.id, version, by)
      await load()
    })
  const forget = (version: string) =>
    attempt(async () => {
      await api.forgetVersion(project.id, version)
      await load()
    })

  /** What differs from one version to another, or to what there is now. */
  async function compare(from: string, to: string | undefined): Promise<DescribedChange[]> {
    const before = await documentsOf(from)
    return describeChanges(before, to ? await documentsOf(to) : project.view.documents)
  }

  /** Brings back all documents as a version has them: one change, which can be undone. */
  const restore = ({ id, name }: Version) =>
    attempt(async () => {
      const then = await documentsOf(id)
      const now = project.view.documents
      const ids = [...new Set([...Object.keys(now), ...Object.keys(then)])]
      const parts = ids.map((document): ChangePart => {
        const { kind } = then[document] ?? now[document]
        const empty = emptyDocument(documentKinds[kind], document)
        const operations = operationsBetween(
          documentKinds[kind],
          now[document] ?? empty,
          then[document] ?? empty,
        )
        return { document, kind, operations }
      })
      const changed = parts.filter(({ operations }) => operations.length > 0)
      if (changed.length) project.change(`Restore ${name}`, changed)
    })

  return { versions, gates, trouble, documentsOf, keep, approve, forget, compare, restore }
})
